import { fitsFree, type FreeOf } from '../advise/plausible';
import type { Ingredient } from '../larder/ingredient';
import { apart } from './relatives';
import type { SwapQuestion } from './swapQuestion';

/** What is looked among. */
export interface SwapAmong {
  larder: Iterable<Ingredient>;
  free: FreeOf;
  /** Only things that are in the house, where asked for. */
  atHand?: ReadonlySet<string>;
}

/** Everything that could go in instead of a part: related in taste or work, as it is, and free of what the dip is free of. */
export function couldStandIn(
  { parts, index }: Pick<SwapQuestion, 'parts' | 'index'>,
  { larder, free, atHand }: SwapAmong,
): Ingredient[] {
  const old = parts[index]?.ingredient;
  if (!old) return [];
  return [...larder].filter(
    (one) =>
      one.id !== old.id &&
      // a whole dip stands in for no ingredient
      !one.madeOf &&
      apart(old, one) !== null &&
      fitsFree(one, free) &&
      (!atHand || atHand.has(one.id)),
  );
}
