import type { LandingPart } from '../landing/landParts';
import type { Ingredient } from '../larder/ingredient';
import type { Conditions } from '../mix/conditions';
import type { Part } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Bowl } from '../proposal/proposal';
import type { KeptName } from './keptFigures';

/** By what a substitute's amount is chosen: what it does, its weight, or the amount as it is written. */
export const amountsBy = ['strength', 'weight', 'amount'] as const;
export type AmountBy = (typeof amountsBy)[number];

/** A dip or a bowl with one part of it in question. */
export interface SwapQuestion {
  parts: readonly LandingPart[];
  /** Which part is swapped. */
  index: number;
  bowl: Omit<Bowl, 'parts' | 'conditions'>;
  /** What parts are evaluated under; what goes in may warm or cool them. */
  conditionsOf: (parts: readonly Part[]) => Conditions;
  targets: Targets;
  /** What is kept; everything unless the cook says less. */
  keep: readonly KeptName[];
  /** What is in the bowl is in: others may only get more. */
  inBowl: boolean;
  amountBy: AmountBy;
  /** What may be added to make up for a swap where nothing in the dip can: water, salt. */
  mayAdd: readonly Ingredient[];
  /** What the dip is named for, where that is known. */
  leadId?: string;
}
