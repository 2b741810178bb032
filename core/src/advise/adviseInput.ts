import type { Ingredient } from '../larder/ingredient';
import type { Targets } from '../mix/targets';
import type { Bowl } from '../proposal/proposal';
import type { TasteMarks } from '../readings/tastes';

/** A bowl to be advised on: what is in it, in the order it went in, and what it is to be. */
export interface AdviseInput extends Bowl {
  targets: Targets;
  tastes: TasteMarks;
  /** What is within reach. */
  atHand: readonly Ingredient[];
}
