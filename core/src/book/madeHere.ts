import type { MadeOf } from '../batch/label';
import { dipIngredient, portionIngredient } from '../batch/madeIngredient';
import { splitMass } from '../batch/splitMass';
import type { MeasureSystem } from '../amounts/measureSystem';
import type { Dip, Row } from '../dip/dip';
import { partOf, readRow } from '../dip/readRow';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import { workedIn } from '../mix/conditions';
import { mixGPerMl, mixOf } from '../mix/mix';
import type { Part } from '../mix/part';
import { fridgeDays, keptDays } from '../safety/fridgeDays';
import type { Book } from './book';
import { isMade, madeId, offId } from '../larder/madeId';
import { divisionOf, mostDeep, type Thing } from './thing';

/** What of a book goes into its dips: things, and dips that are said to. */
export interface MadeHere {
  things: readonly Thing[];
  dips: readonly Dip[];
}

const heres = new WeakMap<object, { things: object; here: MadeHere }>();

/** What of a book goes into its dips. */
export function madeHere({ dips, things }: Pick<Book, 'dips' | 'things'>): MadeHere {
  const known = heres.get(dips);
  if (known?.things === things) return known.here;
  const here: MadeHere = {
    things: [...things.values()],
    dips: [...dips.values()].filter(({ goesIn }) => goesIn),
  };
  heres.set(dips, { things, here });
  return here;
}

/** Made things that rows take, by larder id. */
export const madeIn = (rows: readonly Pick<Row, 'ingredientId'>[]): string[] =>
  rows.flatMap(({ ingredientId }) => (isMade(ingredientId) ? [ingredientId] : []));

/** Rows of what an id of something made stands for; null where there is no such thing. */
type RowsOf = (ingredientId: string) => readonly Row[] | null;

/** Rows by the larder ids of what is made of them. */
export function rowsOfMade({ things, dips }: MadeHere): RowsOf {
  const found = new Map<string, readonly Row[]>();
  for (const { id, rows, off } of things) {
    found.set(madeId(id), rows);
    if (off) found.set(offId(id), rows);
  }
  for (const { id, rows } of dips) found.set(madeId(id), rows);
  return (ingredientId) => found.get(ingredientId) ?? null;
}

/**
 * How deep something made is made of made things: 1 where it is of none.
 *
 * @returns null where it is made of itself in the end, or too deep to be followed
 */
export function depthOf(
  ingredientId: string,
  rowsOf: RowsOf,
  within: readonly string[] = [],
): number | null {
  if (within.includes(ingredientId) || within.length >= mostDeep) return null;
  let deepest = 0;
  for (const inner of madeIn(rowsOf(ingredientId) ?? [])) {
    const depth = depthOf(inner, rowsOf, [...within, ingredientId]);
    if (depth === null) return null;
    deepest = Math.max(deepest, depth);
  }
  return deepest + 1;
}

/** Whether something made has another in it, however deep. */
export function holds(ingredientId: string, other: string, rowsOf: RowsOf, deep = 0): boolean {
  if (ingredientId === other) return true;
  if (deep > mostDeep) return true;
  return madeIn(rowsOf(ingredientId) ?? []).some((inner) => holds(inner, other, rowsOf, deep + 1));
}

/**
 * What may go into something made here: everything but itself and what has it in it, however deep.
 *
 * @param own its ids in the larder
 */
export function withoutCircles(larder: Larder, here: MadeHere, own: readonly string[]): Larder {
  const rowsOf = rowsOfMade(here);
  const round = [...larder.keys()].filter(
    (id) => isMade(id) && own.some((one) => holds(id, one, rowsOf)),
  );
  if (round.length === 0) return larder;
  return new Map([...larder].filter(([id]) => !round.includes(id)));
}

/** What was made under one reading of it, so that typing in one dip makes only that one anew. */
const made = new WeakMap<object, { larder: Larder; inner: string; ingredients: Ingredient[] }>();

function partsOf(rows: readonly Row[], larder: Larder, measures: MeasureSystem): Part[] {
  return rows.flatMap((row) => {
    const part = partOf(readRow(row, { larder, measures }));
    return part && part.massG > 0 && part.place !== 'top' ? [part] : [];
  });
}

/** What a thing gives, as ingredients; nothing while nothing is in it. */
export function thingIngredients(
  thing: Thing,
  parts: readonly Part[],
  larder: Larder,
): Ingredient[] {
  const { id, stays, off, keepDays } = thing;
  if (parts.length === 0) return [];
  const division = divisionOf(thing);
  const split = splitMass(parts, division);
  const how = { divided: off !== null, heated: division.heated };
  return [
    { as: stays, id: madeId(id), portion: split.stays },
    ...(off && split.off ? [{ as: off, id: offId(id), portion: split.off }] : []),
  ].flatMap(({ as, id: larderId, portion }) => {
    const like = larder.get(as.like);
    if (!like || portion.massG <= 0) return [];
    const called = { id: larderId, name: as.name, like, keepsDays: keepDays };
    return [portionIngredient(called, parts, portion, how)];
  });
}

function dipAsIngredient(dip: Dip, parts: readonly Part[]): Ingredient[] {
  const [heaviest] = [...parts].sort((a, b) => b.massG - a.massG);
  if (!heaviest) return [];
  const as = {
    ...{ id: madeId(dip.id), name: dip.name, like: heaviest.ingredient },
    // what its cook has chosen for it lengthens nothing it goes into
    keepsDays: Math.min(keptDays(dip, parts), fridgeDays(dip.family, parts).usual),
  };
  return [dipIngredient(as, parts, mixGPerMl(mixOf(parts), workedIn(dip).method))];
}

/**
 * A larder with what is made here in it, by ids of its own. What is made of itself, or too deep, is left out.
 *
 * @param larder without it
 * @returns the same larder where nothing is made here
 */
export function larderWithMade(larder: Larder, here: MadeHere, measures: MeasureSystem): Larder {
  if (here.things.length + here.dips.length === 0) return larder;
  const rowsOf = rowsOfMade(here);
  const all = [...here.things, ...here.dips]
    .map((one) => ({ one, depth: depthOf(madeId(one.id), rowsOf) }))
    .flatMap(({ one, depth }) => (depth === null ? [] : [{ one, depth }]))
    .sort((a, b) => a.depth - b.depth);
  const found = new Map(larder);
  const stamp = new Map<string, number>();
  for (const { one } of all) {
    const inner = madeIn(one.rows).map((id) => `${id}:${stamp.get(id) ?? 0}`);
    const key = [measures, ...inner].join(' ');
    const known = made.get(one);
    const ingredients =
      known?.larder === larder && known.inner === key
        ? known.ingredients
        : 'stays' in one
          ? thingIngredients(one, partsOf(one.rows, found, measures), found)
          : dipAsIngredient(one, partsOf(one.rows, found, measures));
    made.set(one, { larder, inner: key, ingredients });
    for (const ingredient of ingredients) {
      found.set(ingredient.id, ingredient);
      stamp.set(ingredient.id, serial(ingredient));
    }
  }
  return found;
}

/** What things made here are made of, by their ids in the larder: for labels, which open them. */
export function openedMade(here: MadeHere, larder: Larder, measures: MeasureSystem): MadeOf {
  const found = new Map<string, Part[]>();
  for (const { id, rows } of [...here.things, ...here.dips]) {
    const parts = partsOf(rows, larder, measures);
    found.set(madeId(id), parts);
    found.set(offId(id), parts);
  }
  return found;
}

const serials = new WeakMap<Ingredient, number>();
let lastSerial = 0;
/** A number for each ingredient made, another one whenever it is made anew. */
function serial(ingredient: Ingredient): number {
  const known = serials.get(ingredient) ?? (lastSerial += 1);
  serials.set(ingredient, known);
  return known;
}
