import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { quadraticForm } from '../statistics/matrices';
import { mean } from '../statistics/mean';
import type { Fitted, TrialResult } from './polynomialFit';

/** Lengths over which responses stay alike that are tried, as shares of how far the trials lie apart. */
const lengths = [0.2, 0.35, 0.6, 1, 1.7];
/** Noise that is tried, as shares of the variance of what is learned. */
const noises = [0.01, 0.05, 0.15, 0.4, 1, 2.5];

/** Where a mixture stands among others: its shares, or what a model says of it. */
export type Position = (shares: readonly number[]) => readonly number[];

/** Where a trial stands: its mixture, and what is varied beside it. */
type Place = (shares: readonly number[], levels?: readonly number[]) => readonly number[];

/** Differences smaller than this are rounding, and tell nothing apart. */
const leastSpread = 1e-9;

/** Positions whose every direction spreads alike over the trials; directions in which they do not differ are left out. */
function alike(results: readonly TrialResult[], of: Place): Place {
  const all = results.map(({ shares, levels }) => of(shares, levels));
  const spread = (all[0] ?? []).map((_, i) => {
    const values = all.map((one) => one[i] ?? 0);
    const middle = mean(values);
    return Math.sqrt(mean(values.map((one) => (one - middle) ** 2)));
  });
  return (shares, levels) =>
    of(shares, levels).flatMap((one, i) => {
      const by = spread[i] ?? 0;
      return by > leastSpread ? [one / by] : [];
    });
}

const squaredDistance = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, x, i) => sum + (x - (b[i] ?? 0)) ** 2, 0);

interface Trained {
  log: number;
  /** As a share of the variance. */
  noise: number;
  length: number;
  /** Of the process, in the response's unit squared. */
  variance: number;
  middle: number;
  factor: CholeskyDecomposition;
  /** K⁻¹(y − middle), by the variance. */
  weights: number[];
}

function train(
  results: readonly TrialResult[],
  places: readonly (readonly number[])[],
  length: number,
  noise: number,
): Trained | null {
  const n = results.length;
  const own = results.map(({ sd }) => sd ?? 0);
  const anySd = own.some((sd) => sd > 0);
  const meanSquare = own.reduce((sum, sd) => sum + sd * sd, 0) / n;
  const kernel = Matrix.zeros(n, n);
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j < n; j += 1) {
      const far = squaredDistance(places[i] ?? [], places[j] ?? []);
      kernel.set(i, j, Math.exp(-far / (2 * length * length)));
    }
    // those who are less sure of themselves count as noisier
    const share = anySd ? (own[i] ?? 0) ** 2 / meanSquare : 1;
    kernel.set(i, i, 1 + noise * Math.max(1e-3, share));
  }
  const factor = new CholeskyDecomposition(kernel);
  if (!factor.isPositiveDefinite()) return null;
  const ones = Matrix.ones(n, 1);
  const y = Matrix.columnVector(results.map((one) => one.y));
  const [solvedOnes, solvedY] = [factor.solve(ones), factor.solve(y)];
  const middle = solvedY.sum() / solvedOnes.sum();
  const centred = Matrix.sub(y, Matrix.mul(ones, middle));
  const weights = factor.solve(centred);
  const variance = Math.max(1e-12, centred.transpose().mmul(weights).get(0, 0) / n);
  const lower = factor.lowerTriangularMatrix;
  const logDet =
    2 * Array.from({ length: n }, (_, i) => Math.log(lower.get(i, i))).reduce((a, b) => a + b, 0);
  const log = -(n * Math.log(variance) + logDet) / 2;
  return { log, noise, length, variance, middle, factor, weights: weights.to1DArray() };
}

/**
 * A Gaussian process: responses are alike where mixtures are, by their shares or by what a model says of them, and by what is varied beside them. Its length and noise are those under which the trials are likeliest,
 * of a few; its middle and variance follow from them.
 *
 * @param results three or more
 * @param figures what a model says of a mixture, in any units; the shares where left out
 * @returns null for fewer, or where all trials are of one mixture
 * @see Rasmussen & Williams, Gaussian Processes for Machine Learning, 2.2, 5.4.1 and eq. 5.10–5.12
 */
export function fitGaussianProcess(
  results: readonly TrialResult[],
  figures?: Position,
): Fitted | null {
  const n = results.length;
  if (n < 3) return null;
  const mixtureAt: Position = figures ?? ((shares) => shares);
  const every: Place = (shares, levels = []) => [...mixtureAt(shares), ...levels];
  // shares compare as they are; figures and levels have no unit in common
  const placeOf = figures || results.some(({ levels }) => levels) ? alike(results, every) : every;
  const places = results.map(({ shares, levels }) => placeOf(shares, levels));
  const apart = Math.sqrt(
    Math.max(...places.flatMap((one) => places.map((other) => squaredDistance(one, other)))),
  );
  if (apart <= 0) return null;
  const trained = lengths
    .flatMap((length) => noises.map((noise) => train(results, places, length * apart, noise)))
    .filter((one) => one !== null);
  const [first] = trained;
  if (!first) return null;
  const best = trained.reduce((most, one) => (one.log > most.log ? one : most), first);
  const { factor, weights, middle, variance, length } = best;
  const inverted = factor.solve(Matrix.eye(n, n));
  const without = weights.map((weight, i) => weight / inverted.get(i, i));
  // by the inverse: solved anew at thousands of points it would be felt
  const precision = inverted.to1DArray();
  const predict: Fitted['predict'] = (shares, levels) => {
    const here = placeOf(shares, levels);
    const near = places.map((one) => Math.exp(-squaredDistance(one, here) / (2 * length * length)));
    const y = middle + near.reduce((sum, one, i) => sum + one * (weights[i] ?? 0), 0);
    const known = quadraticForm(precision, near);
    return { y, sd: Math.sqrt(Math.max(0, variance * (1 - known))) };
  };
  return {
    predict,
    coefficients: null,
    noiseSd: Math.sqrt(best.noise * variance),
    leaveOneOut: Math.sqrt(without.reduce((sum, one) => sum + one * one, 0) / n),
    residuals: results.map(({ shares, levels, y }) => y - predict(shares, levels).y),
  };
}
