import { fitsFree, type FreeOf } from '../advise/plausible';
import type { Ingredient } from '../larder/ingredient';
import { type Candidate, readySwap, roughDistance, swapFor } from './swap';
import type { SwapQuestion } from './swapQuestion';
import { apart } from './relatives';

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
      apart(old, one) !== null &&
      fitsFree(one, free) &&
      (!atHand || atHand.has(one.id)),
  );
}

/** More than these nobody looks through; any other is found by typing. */
const mostCandidates = 24;

/**
 * What could go in instead of a part of a dip, ranked by how well it keeps what the dip is, the nearest first.
 *
 * @returns empty where nothing could
 */
export function swaps(question: SwapQuestion, among: SwapAmong): Candidate[] {
  const ready = readySwap(question);
  return couldStandIn(question, among)
    .map((one) => ({ one, rough: roughDistance(ready, one) }))
    .sort((a, b) => a.rough - b.rough)
    .slice(0, mostCandidates)
    .map(({ one }) => swapFor(ready, one))
    .sort((a, b) => a.distance - b.distance);
}
