import type { BowlConditions, BowlFigures } from '@cobbet/core/advise/figures';
import type { Part } from '@cobbet/core/bowl/part';
import type { Larder } from '@cobbet/core/larder/larder';

/** What every reckoning for the plate is given. */
export interface PlateGiven {
  parts: readonly Part[];
  larder: Larder;
  conditions: BowlConditions;
  /** The whole bowl. */
  whole: BowlFigures;
}
