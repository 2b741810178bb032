import { keptFreeOf } from '../dip/keptFree';
import { type DayMass, type DayThing, type MadeForDay, nothingMade, unfold } from './madeFirst';
import { bowlOfRows } from './plannedDip';
import type { Dip } from '../dip/dip';
import type { RawWay } from '../prepare/rawWay';
import type { Plan } from './plan';
import type { Kitchen } from '../kitchen/kitchen';
import type { Ingredient } from '../larder/ingredient';
import { type Leftover, prepare, type Preparation, rawFor } from '../prepare/prepare';
import type { Route } from '../prepare/route';
import { ownRoute } from '../prepare/ownRoute';
import { routeOfRow } from '../prepare/routeOfRow';
import { wayOfRow } from '../prepare/usualWay';

/** Something to be made ready for a day, for all its dips together. */
export interface DayPrep {
  key: string;
  ingredientId: string;
  route: Route;
  rawG: number;
  readyG: number;
  preparation: Preparation;
  /** Dips, and things made first, that wait for it. */
  waiting: string[];
}

/** Something that goes in as it is bought. */
export interface DayBought {
  ingredientId: string;
  massG: number;
}

/** A dip of the day in the size that is wanted. */
export interface DayDip {
  dip: Dip;
  /** g out of the machine. */
  massG: number;
  /** What of what goes in comes out of it, 0–1. */
  comesOut: number;
  /** ml in the machine. */
  volumeMl: number;
  rows: number;
  allergens: string[];
  /** Of these it is kept free on purpose. */
  freeOf: string[];
  /** g of it that go into other dips; those wait for it. */
  intoG: number;
  waiting: string[];
}

/** Everything a day needs. */
export interface DayNeeds {
  dips: DayDip[];
  preps: DayPrep[];
  /** Things of the kitchen's own that are made first. */
  things: DayThing[];
  bought: DayBought[];
  /** What is left over after the day's own dips have used what they can of it. */
  leftovers: Leftover[];
  /** Rows that can't be read, in words. */
  problems: string[];
}

const keyOf = (ingredientId: string, raw: RawWay | null | undefined, route: Route) =>
  [ingredientId, route.from, raw?.soak, raw?.pressure && 'pressure', raw?.skinsOff && 'skinned']
    .filter(Boolean)
    .join('/');

/** What saves a long soak: hot water, or cans. */
export type Hurry = 'hot-soak' | 'cans';

/** The same thing with a hot soak where there is a long one, or out of a can where there is one. */
export function hurried(
  ingredient: Ingredient,
  raw: RawWay | null | undefined,
  hurry: Hurry | null,
): { id: string; raw: RawWay | null | undefined } {
  const { id, cannedAs } = ingredient;
  const way = wayOfRow(ingredient, raw);
  if (hurry === null || way?.from !== 'dried') return { id, raw };
  if (hurry === 'cans') return cannedAs ? { id: cannedAs, raw: { from: 'can' } } : { id, raw };
  return { id, raw: way.soak === 'none' ? raw : { ...way, soak: 'hot' } };
}

/** What a thing gives over what the day takes of it. */
function overOf({ thing, inG, taken }: DayThing): Leftover[] {
  return thing.gives.flatMap(({ ingredientId, name, share }): Leftover[] => {
    const g = inG * share - (taken.get(ingredientId) ?? 0);
    if (g < 1) return [];
    return [
      {
        ...{ what: name, ingredient: ingredientId, unit: 'g', low: g, typical: g, high: g },
        ...{ keepDays: thing.keepDays, nextUse: 'into another dip' },
      },
    ];
  });
}

function dayDip(
  { dip, massG, comesOut, intoG, waiting }: DayMass,
  dips: ReadonlyMap<string, Dip>,
  kitchen: Kitchen,
): DayDip {
  const bowl = bowlOfRows(dip, kitchen);
  return {
    ...{ dip, massG, intoG, waiting, rows: dip.rows.length, allergens: bowl.allergens },
    comesOut,
    volumeMl: bowl.massG > 0 ? (bowl.volumeMl * massG) / comesOut / bowl.massG : 0,
    freeOf: keptFreeOf(dip, dips.get(dip.parentId ?? ''), kitchen),
  };
}

/**
 * What a day's dips need in the sizes wanted: the same thing made ready the same way is made once for all, and what one
 * preparation leaves over serves another row that asks for it (can liquid, zest).
 *
 * @param dips of the book
 * @param hurry what saves a long soak; null for none
 * @param made what is made here, and what of it stands ready
 */
export function dayNeeds(
  plan: Pick<Plan, 'dips'>,
  dips: ReadonlyMap<string, Dip>,
  kitchen: Kitchen,
  hurry: Hurry | null = null,
  made: MadeForDay = nothingMade,
): DayNeeds {
  const { larder, yields } = kitchen;
  const needs = new Map<
    string,
    { ingredientId: string; route: Route | null; readyG: number; waiting: Set<string> }
  >();
  const wanted = plan.dips.flatMap(({ dipId, massG }) => {
    const dip = dips.get(dipId);
    return dip ? [{ dip, massG }] : [];
  });
  const all = unfold(wanted, kitchen, made);
  const found: DayNeeds = {
    dips: all.dips.map((one) => dayDip(one, dips, kitchen)),
    ...{ preps: [], things: all.things, bought: [], leftovers: [], problems: all.problems },
  };
  for (const { read, massG, of } of all.rows) {
    const { row, ingredient } = read;
    if (!ingredient) continue;
    const { id, raw } = hurried(ingredient, row.raw, hurry);
    const ready = larder.get(id);
    const usual = ready ? routeOfRow(ready, raw) : null;
    const route = usual && ownRoute(usual, id, yields);
    const key = route ? keyOf(id, raw, route) : id;
    const need = needs.get(key) ?? { ingredientId: id, route, readyG: 0, waiting: new Set() };
    need.readyG += massG;
    need.waiting.add(of);
    needs.set(key, need);
  }
  const spare: Leftover[] = all.things.flatMap(overOf);
  for (const [key, { ingredientId, route, readyG, waiting }] of needs) {
    if (!route) continue;
    const rawG = rawFor(route, readyG);
    const preparation = prepare(route, rawG);
    spare.push(...preparation.leftovers.map((one) => ({ ...one })));
    found.preps.push({
      ...{ key, ingredientId, route, rawG, readyG, preparation },
      waiting: [...waiting],
    });
  }
  for (const { ingredientId, route, readyG } of needs.values()) {
    if (route) continue;
    let massG = readyG;
    for (const leftover of spare) {
      if (leftover.ingredient !== ingredientId) continue;
      const density = leftover.unit === 'ml' ? (larder.get(ingredientId)?.densityGPerMl ?? 1) : 1;
      const used = Math.min(massG, leftover.typical * density);
      massG -= used;
      const left = leftover.typical > 0 ? 1 - used / density / leftover.typical : 0;
      leftover.low *= left;
      leftover.typical *= left;
      leftover.high *= left;
    }
    if (massG > 0.05) found.bought.push({ ingredientId, massG });
  }
  found.leftovers = spare.filter(({ typical }) => typical >= 1);
  return found;
}
