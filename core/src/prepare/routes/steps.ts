import { yieldOf } from '../pulses';
import type { Range } from '../../statistics/range';
import { ratioOf, type Route, type RouteLeftover, type RouteStep } from '../route';

/** What one piece of the raw thing weighs. */
export type Pieces = Route['pieceG'];

/** A way from raw to ready; its ratio is that of the yields named, one after another, unless it is given. */
export function route(
  to: string,
  from: string,
  raw: string,
  yields: readonly string[],
  steps: RouteStep[],
  extra: { pieceG?: Pieces; leftovers?: RouteLeftover[]; cautions?: string[]; ratio?: Range } = {},
): Route {
  return {
    to,
    from,
    raw,
    pieceG: extra.pieceG ?? {},
    ratio: extra.ratio ?? ratioOf(...yields.map(yieldOf)),
    steps,
    leftovers: extra.leftovers ?? [],
    cautions: extra.cautions ?? [],
  };
}

/** Something that is left over. */
export const left = (
  what: string,
  ingredientId: string | null,
  perRawG: Range,
  unit: 'g' | 'ml',
  keepDays: number,
  nextUse: string,
): RouteLeftover => ({ what, ingredientId, perRawG, unit, keepDays, nextUse });

/** Work with the hands, so many minutes a kilo. */
export const trim = (label: string, perKg: number): RouteStep => ({
  label,
  handsOnMin: 2,
  handsOnMinPerKg: perKg,
});
export const roast = (
  tempC: number,
  waitMin: number,
  label = 'Roast until soft and browned',
): RouteStep => ({
  label,
  handsOnMin: 2,
  waitMin,
  uses: { oven: { tempC } },
});
export const boil = (waitMin: number, label = 'Boil until soft'): RouteStep => ({
  label,
  handsOnMin: 2,
  waitMin,
  uses: { hob: 1 },
});
export const rest = (label: string, waitMin: number, cold = false): RouteStep => ({
  label,
  handsOnMin: 1,
  waitMin,
  uses: { bowl: 1, ...(cold ? { fridge: 1 } : {}) },
});

export const hotOil = 'Let what is hot cool before it meets a closed jug: half full, vented.';
