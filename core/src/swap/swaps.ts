import type { Ingredient } from '../larder/ingredient';
import { type Candidate, readySwap, roughDistance, swapFor } from './swap';
import type { SwapQuestion } from './swapQuestion';

/** More than these nobody looks through; any other is found by typing. */
const mostCandidates = 24;

/**
 * What could go in instead of a part of a dip, ranked by how well it keeps what the dip is, the nearest first.
 *
 * @param among what could stand in
 * @param most how many are worked out in full, the nearest at a rough look
 * @returns at most so many
 */
export function swaps(
  question: SwapQuestion,
  among: readonly Ingredient[],
  most = mostCandidates,
): Candidate[] {
  const ready = readySwap(question);
  return among
    .map((one) => ({ one, rough: roughDistance(ready, one) }))
    .sort((a, b) => a.rough - b.rough)
    .slice(0, most)
    .map(({ one }) => swapFor(ready, one))
    .sort((a, b) => a.distance - b.distance);
}
