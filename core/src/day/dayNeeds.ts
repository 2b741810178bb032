import { keptFreeOf } from '../dip/keptFree';
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
  /** Dips that wait for it. */
  dipIds: string[];
}

/** Something that goes in as it is bought. */
export interface DayBought {
  ingredientId: string;
  massG: number;
}

/** A dip of the day in the size that is wanted. */
export interface DayDip {
  dip: Dip;
  massG: number;
  volumeMl: number;
  rows: number;
  allergens: string[];
  /** Of these it is kept free on purpose. */
  freeOf: string[];
}

/** Everything a day needs. */
export interface DayNeeds {
  dips: DayDip[];
  preps: DayPrep[];
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

/**
 * What a day's dips need in the sizes wanted: the same thing made ready the same way is made once for all, and what one
 * preparation leaves over serves another row that asks for it (can liquid, zest).
 *
 * @param dips of the book
 * @param hurry what saves a long soak; null for none
 */
export function dayNeeds(
  plan: Pick<Plan, 'dips'>,
  dips: ReadonlyMap<string, Dip>,
  kitchen: Kitchen,
  hurry: Hurry | null = null,
): DayNeeds {
  const { larder, yields } = kitchen;
  const needs = new Map<
    string,
    { ingredientId: string; route: Route | null; readyG: number; dipIds: Set<string> }
  >();
  const found: DayNeeds = { dips: [], preps: [], bought: [], leftovers: [], problems: [] };
  for (const { dipId, massG } of plan.dips) {
    const dip = dips.get(dipId);
    if (!dip) continue;
    const bowl = bowlOfRows(dip, kitchen);
    found.problems.push(...bowl.problems.map((problem) => `${dip.name}: ${problem}`));
    const factor = bowl.massG > 0 ? massG / bowl.massG : 0;
    found.dips.push({
      dip,
      massG,
      volumeMl: bowl.volumeMl * factor,
      rows: dip.rows.length,
      allergens: bowl.allergens,
      freeOf: keptFreeOf(dip, dips.get(dip.parentId ?? ''), kitchen),
    });
    for (const { row, ingredient, massG: rowG } of bowl.rows) {
      if (!ingredient || rowG <= 0) continue;
      const { id, raw } = hurried(ingredient, row.raw, hurry);
      const made = larder.get(id);
      const usual = made ? routeOfRow(made, raw) : null;
      const route = usual && ownRoute(usual, id, yields);
      const key = route ? keyOf(id, raw, route) : id;
      const need = needs.get(key) ?? {
        ingredientId: id,
        route,
        readyG: 0,
        dipIds: new Set(),
      };
      need.readyG += rowG * factor;
      need.dipIds.add(dip.id);
      needs.set(key, need);
    }
  }
  const spare: Leftover[] = [];
  for (const [key, { ingredientId, route, readyG, dipIds }] of needs) {
    if (!route) continue;
    const rawG = rawFor(route, readyG);
    const preparation = prepare(route, rawG);
    spare.push(...preparation.leftovers.map((one) => ({ ...one })));
    found.preps.push({ key, ingredientId, route, rawG, readyG, preparation, dipIds: [...dipIds] });
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
