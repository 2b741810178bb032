import type { Ingredient } from '../larder/ingredient';
import { type Candidate, readySwap, roughDistance, swapFor } from './swap';
import type { SwapQuestion } from './swapQuestion';

/** More than these nobody looks through; any other is found by typing. */
const mostCandidates = 24;

/**
 * What could go in instead of a part of a dip, ranked by how well it keeps what the dip is, the nearest first.
 *
 * @param among what could stand in
 * @returns at most 24
 */
export function swaps(question: SwapQuestion, among: readonly Ingredient[]): Candidate[] {
  const ready = readySwap(question);
  return among
    .map((one) => ({ one, rough: roughDistance(ready, one) }))
    .sort((a, b) => a.rough - b.rough)
    .slice(0, mostCandidates)
    .map(({ one }) => swapFor(ready, one))
    .sort((a, b) => a.distance - b.distance);
}
