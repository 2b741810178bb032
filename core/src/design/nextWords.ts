import { type Goal, merit } from './goal';
import type { NextTrial } from './nextTrial';

/**
 * Why this trial and not another, in a sentence or two.
 *
 * @param digits of the response after the point
 * @param goal what is wanted of it
 */
export function nextWords(
  { next, reached, worthwhile }: Pick<NextTrial, 'next' | 'reached' | 'worthwhile'>,
  digits: number,
  goal: Goal = 'more',
): string {
  const said = `${next.y.toFixed(digits)} ± ${next.sd.toFixed(digits)}`;
  const best = `the best so far is ${reached.toFixed(digits)}`;
  if (!worthwhile) {
    return `No mixture is expected to do better by more than the trials’ own noise would hide. This comes nearest, at ${said}; ${best}.`;
  }
  return merit(goal, next.y) >= merit(goal, reached)
    ? `Expected to be better: ${said}; ${best}.`
    : `Little is known there, and it may be better: ${said}; ${best}.`;
}
