import { whereRising } from './solve';
import { gammaTail, incompleteBeta, lnGamma } from './specialFunctions';

/**
 * Chance of a chi-squared value at least as large.
 *
 * @param value ≥ 0
 * @param df degrees of freedom, > 0
 */
export function chiSquaredTail(value: number, df: number): number {
  return gammaTail(df / 2, value / 2);
}

/**
 * Student's t below which a share of its distribution lies.
 *
 * @param p 0.5–1, exclusive of 1
 * @param df degrees of freedom, > 0
 */
export function tQuantile(p: number, df: number): number {
  const below = (t: number) => 1 - 0.5 * incompleteBeta(df / (df + t * t), df / 2, 0.5);
  return whereRising(below, p, 0, 1e4);
}

/**
 * Chance of a value of Fisher's F at least as large.
 *
 * @param value ≥ 0
 * @param over degrees of freedom of what is held against the other, > 0
 * @param under degrees of freedom of the other, > 0
 */
export function fTail(value: number, over: number, under: number): number {
  return incompleteBeta(under / (under + over * Math.max(0, value)), under / 2, over / 2);
}

/** Chance of exactly k of n, each with chance p. */
export function binomialChance(k: number, n: number, p: number): number {
  if (p <= 0) return k === 0 ? 1 : 0;
  if (p >= 1) return k === n ? 1 : 0;
  const ln = lnGamma(n + 1) - lnGamma(k + 1) - lnGamma(n - k + 1);
  return Math.exp(ln + k * Math.log(p) + (n - k) * Math.log(1 - p));
}

/** Chance of k or more of n, each with chance p. */
export function binomialTail(k: number, n: number, p: number): number {
  if (k <= 0) return 1;
  if (k > n) return 0;
  return incompleteBeta(p, k, n - k + 1);
}

/**
 * Clopper and Pearson's interval of a share, which holds at least as often as it says.
 *
 * @param k seen, 0–n
 * @param n asked, ≥ 1
 * @param level such as 0.95
 */
export function shareInterval(k: number, n: number, level: number): [number, number] {
  const side = (1 - level) / 2;
  const low = k === 0 ? 0 : whereRising((p) => binomialTail(k, n, p), side, 0, 1);
  const high = k === n ? 1 : whereRising((p) => binomialTail(k + 1, n, p), 1 - side, 0, 1);
  return [low, high];
}
