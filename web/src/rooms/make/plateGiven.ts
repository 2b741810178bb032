import type { BowlConditions, BowlFigures } from '@cobbet/core/advise/figures';
import type { Part } from '@cobbet/core/bowl/part';
import type { Larder } from '@cobbet/core/larder/larder';
import { typedNumber } from '@/parts/reading/readingText';

/** What every reckoning for the plate is given. */
export interface PlateGiven {
  parts: readonly Part[];
  larder: Larder;
  conditions: BowlConditions;
  /** The whole bowl. */
  whole: BowlFigures;
}

/** A typed amount between two ends; null with what is wrong where it is none. */
export function typedWithin(
  text: string,
  least: number,
  most: number,
): { value: number | null; problem: string | null } {
  const value = typedNumber(text);
  const fine = value !== null && value >= least && value <= most;
  return fine ? { value, problem: null } : { value: null, problem: `From ${least} to ${most}.` };
}
