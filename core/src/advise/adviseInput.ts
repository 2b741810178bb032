import type { Ruled } from '../dip/rulesOf';
import type { Ingredient } from '../larder/ingredient';
import type { UsualSeasoning } from '../mix/families';
import type { Targets } from '../mix/targets';
import type { Bowl } from '../proposal/proposal';
import type { Fault, Taste, TasteMarks } from '../readings/tastes';
import type { FreeOf } from './plausible';

/** A bowl to be advised on: what is in it, in the order it went in, and what it is to be. */
export interface AdviseInput extends Bowl {
  targets: Targets;
  tastes: TasteMarks;
  /** How many parts were in when a taste was marked; all of them when left out. */
  tastedAfter?: Partial<Record<Taste, number>>;
  /** How many times running a taste was marked the same, with something going in between; once when left out. */
  timesMarked?: Partial<Record<Taste, number>>;
  /** What is usual of seasoning in this house, where it is known; the family's where left out. */
  usual?: UsualSeasoning;
  /** What was seen to be wrong with how it holds together or feels. */
  faults?: readonly Fault[];
  /** What is within reach. */
  atHand: readonly Ingredient[];
  /** What the dip is free of and stays free of. */
  free?: FreeOf;
  /** Id of the ingredient it is named for. */
  leadId?: string;
  /** What holds between the rows it is made by, and which of them each part is of. */
  ruled?: Ruled;
}
