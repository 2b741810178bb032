import { normalCdf } from '../statistics/normalCdf';
import type { Predicted } from './polynomialFit';

/** What is wanted of a response: more of it, less of it, or a figure to come near. */
export type Goal = 'more' | 'less' | { near: number };

/** How good a response is: the higher the better, in its own unit. */
export function merit(goal: Goal, y: number): number {
  if (goal === 'more') return y;
  return goal === 'less' ? -y : -Math.abs(y - goal.near);
}

const density = (z: number) => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/** What is expected of a normal variable's rise above a floor; Jones, Schonlau & Welch (1998), eq. 15. */
function expectedRise(middle: number, sd: number, floor: number): number {
  const z = (middle - floor) / sd;
  return (middle - floor) * normalCdf(z) + sd * density(z);
}

/**
 * Expected improvement on what is best so far: how much better a response is expected to be, where being worse costs nothing.
 *
 * @param said of the response, with one standard deviation
 * @param best the merit of what is best so far
 * @returns ≥ 0, in the response's unit
 * @see Jones, Schonlau & Welch (1998), Journal of Global Optimization 13; near a figure the same integral over the tent max(0, L − |y − t|), which is
 *   two rises less twice a third
 */
export function expectedImprovement(goal: Goal, { y, sd }: Predicted, best: number): number {
  if (sd <= 0) return Math.max(0, merit(goal, y) - best);
  if (typeof goal === 'string') return expectedRise(merit(goal, y), sd, best);
  // a tent over the figure, as wide either way as the best so far is off it
  const off = -best;
  if (off <= 0) return 0;
  const rise = (from: number) => expectedRise(y, sd, from);
  return Math.max(0, rise(goal.near - off) - 2 * rise(goal.near) + rise(goal.near + off));
}
