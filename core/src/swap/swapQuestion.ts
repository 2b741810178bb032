import type { LandingPart } from '../landing/landParts';
import { everyday } from '../larder/everyday';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import type { WorkedIn } from '../dip/dip';
import type { Ruled } from '../dip/rulesOf';
import { warmMethod, type WorkedPart } from '../dip/warmMethod';
import type { Machine } from '../kitchen/machines';
import type { Conditions } from '../mix/conditions';
import type { Method } from '../mix/method';
import type { Part } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Bowl } from '../proposal/proposal';
import type { KeptName } from './keptFigures';

/** By what a substitute's amount is chosen: what it does, its weight, or the amount as it is written. */
export const amountsBy = ['strength', 'weight', 'amount'] as const;
export type AmountBy = (typeof amountsBy)[number];

/** What parts are evaluated under, as plain data, so that it crosses to workers. */
export interface Under {
  /** As the parts are now. */
  conditions: Conditions;
  /** As the dip says it, before what goes in has warmed or cooled it. */
  method: Method;
  machine: Machine;
  /** How each part is worked in, by place, where the cook says so. */
  worked: readonly (WorkedIn | undefined)[];
}

/** What other parts in their place are evaluated under: as warm as they get. */
export function conditionsWith(
  { conditions, method, machine, worked }: Under,
  parts: readonly Part[],
): Conditions {
  const workedParts = parts.map((part, i): WorkedPart => {
    const how = worked[i];
    return how ? { ...part, worked: how } : part;
  });
  return { ...conditions, method: warmMethod(method, workedParts, machine) };
}

/** What may be added to make up for a swap, of what a larder has: water, then salt. */
export function mayAddFrom(larder: Larder): Ingredient[] {
  return [everyday.water, everyday.salt].flatMap((id) => larder.get(id) ?? []);
}

/** A dip or a bowl with one part of it in question. */
export interface SwapQuestion {
  parts: readonly LandingPart[];
  /** Which part is swapped. */
  index: number;
  bowl: Omit<Bowl, 'parts' | 'conditions'>;
  under: Under;
  targets: Targets;
  /** What is kept; everything unless the cook says less. */
  keep: readonly KeptName[];
  /** What is in the bowl is in: others may only get more. */
  inBowl: boolean;
  amountBy: AmountBy;
  /** What may be added to make up for a swap where nothing in the dip can. */
  mayAdd: readonly Ingredient[];
  /** What the dip is named for, where that is known. */
  leadId?: string;
  /** What holds between its rows. */
  ruled?: Ruled;
}
