import { mean } from '../statistics/mean';
import { fTail } from '../statistics/distributions';
import { coordinatesOf, type MixturePoint } from './mixturePoint';
import type { TrialResult } from './polynomialFit';

/** Whether a model misses more than trials of one mixture differ among themselves. */
export interface LackOfFit {
  /** Mean square of what it misses over that of trials done twice. */
  f: number;
  /** Degrees of freedom: of what is missed, of trials done twice. */
  df: readonly [number, number];
  /** Chance of as much where nothing is missed. */
  p: number;
  /** What trials of one mixture differ by, one standard deviation. */
  pureSd: number;
}

const key = (point: MixturePoint) =>
  coordinatesOf(point)
    .map((one) => Math.round(one * 1e6))
    .join();

/**
 * The F test of lack of fit.
 *
 * @param residuals of the results, in their order
 * @param terms of the model
 * @returns null where no mixture was tried twice, or nothing is left to be missed
 * @see Montgomery, Peck & Vining, Introduction to Linear Regression Analysis, 5th ed., 4.5
 */
export function lackOfFit(
  results: readonly Pick<TrialResult, 'shares' | 'levels' | 'y'>[],
  residuals: readonly number[],
  terms: number,
): LackOfFit | null {
  const groups = new Map<string, number[]>();
  for (const result of results) {
    groups.set(key(result), [...(groups.get(key(result)) ?? []), result.y]);
  }
  const pureDf = results.length - groups.size;
  const missedDf = groups.size - terms;
  if (pureDf < 1 || missedDf < 1) return null;
  const pure = [...groups.values()].reduce((sum, list) => {
    const middle = mean(list);
    return sum + list.reduce((squares, y) => squares + (y - middle) ** 2, 0);
  }, 0);
  const all = residuals.reduce((sum, one) => sum + one * one, 0);
  const missed = Math.max(0, all - pure) / missedDf;
  const pureVariance = pure / pureDf;
  // trials that came out exactly alike leave nothing to hold it against
  if (pureVariance <= 0) return null;
  const f = missed / pureVariance;
  return {
    f,
    df: [missedDf, pureDf],
    p: fTail(f, missedDf, pureDf),
    pureSd: Math.sqrt(pureVariance),
  };
}
