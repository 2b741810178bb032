import type { Range } from '../../statistics/range';
import type { RouteLeftover, RouteStep, Work } from '../route';

/** The steps of a way, and what is left over or to be watched for. */
export function work(
  steps: readonly RouteStep[],
  { leftovers = [], cautions = [] }: Partial<Pick<Work, 'leftovers' | 'cautions'>> = {},
): Work {
  return { steps: [...steps], leftovers, cautions };
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
