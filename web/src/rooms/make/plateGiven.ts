import type { Larder } from '@cobbet/core/larder/larder';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Family } from '@cobbet/core/mix/families';
import type { Figures } from '@cobbet/core/mix/figures';
import type { Part } from '@cobbet/core/mix/part';

/** What everything worked out for the plate is given. */
export interface PlateGiven {
  parts: readonly Part[];
  larder: Larder;
  conditions: Conditions;
  family: Family;
  /** The whole bowl. */
  whole: Figures;
}
