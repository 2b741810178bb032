import type { TasteMarks } from '../book/trial';
import type { Part } from '../bowl/part';
import type { Ingredient } from '../larder/ingredient';
import type { Targets } from '../landing/targets';
import type { BowlConditions } from './figures';

/** A bowl to be advised on. */
export interface AdviseInput extends BowlConditions {
  /** In the bowl, in the order they went in. */
  parts: readonly Part[];
  targets: Targets;
  tastes: TasteMarks;
  /** What is within reach. */
  atHand: readonly Ingredient[];
  /** Most the machine or jar holds, ml; null for no limit. */
  mostMl: number | null;
}
