import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Fitted, TrialResult } from './polynomialFit';

/** Lengths over which responses stay alike that are tried, as shares of how far the trials lie apart. */
const lengths = [0.2, 0.35, 0.6, 1, 1.7];
/** Noise that is tried, as shares of the variance of what is learned. */
const noises = [0.01, 0.05, 0.15, 0.4, 1, 2.5];

const squaredDistance = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, x, i) => sum + (x - (b[i] ?? 0)) ** 2, 0);

interface Trained {
  log: number;
  length: number;
  /** Of the process, in the response's unit squared. */
  variance: number;
  middle: number;
  factor: CholeskyDecomposition;
  /** K⁻¹(y − middle), by the variance. */
  weights: number[];
}

function train(results: readonly TrialResult[], length: number, noise: number): Trained | null {
  const n = results.length;
  const own = results.map(({ sd }) => sd ?? 0);
  const anySd = own.some((sd) => sd > 0);
  const meanSquare = own.reduce((sum, sd) => sum + sd * sd, 0) / n;
  const kernel = Matrix.zeros(n, n);
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j < n; j += 1) {
      const far = squaredDistance(results[i]?.shares ?? [], results[j]?.shares ?? []);
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
  return { log, length, variance, middle, factor, weights: weights.to1DArray() };
}

/**
 * A Gaussian process over the shares: responses are alike where mixtures are. Its length and noise are those under which the trials are likeliest,
 * of a few; its middle and variance follow from them.
 *
 * @param results three or more
 * @returns null for fewer, or where all trials are of one mixture
 * @see Rasmussen & Williams, Gaussian Processes for Machine Learning, 2.2, 5.4.1 and eq. 5.10–5.12
 */
export function fitGaussianProcess(results: readonly TrialResult[]): Fitted | null {
  const n = results.length;
  if (n < 3) return null;
  const apart = Math.sqrt(
    Math.max(
      ...results.flatMap((one) =>
        results.map((other) => squaredDistance(one.shares, other.shares)),
      ),
    ),
  );
  if (apart <= 0) return null;
  const trained = lengths
    .flatMap((length) => noises.map((noise) => train(results, length * apart, noise)))
    .filter((one) => one !== null);
  const [first] = trained;
  if (!first) return null;
  const best = trained.reduce((most, one) => (one.log > most.log ? one : most), first);
  const { factor, weights, middle, variance, length } = best;
  const inverted = factor.solve(Matrix.eye(n, n));
  const without = weights.map((weight, i) => weight / inverted.get(i, i));
  const predict = (shares: readonly number[]) => {
    const near = results.map((one) =>
      Math.exp(-squaredDistance(one.shares, shares) / (2 * length * length)),
    );
    const y = middle + near.reduce((sum, one, i) => sum + one * (weights[i] ?? 0), 0);
    const column = Matrix.columnVector(near);
    const known = column.transpose().mmul(factor.solve(column)).get(0, 0);
    return { y, sd: Math.sqrt(Math.max(0, variance * (1 - known))) };
  };
  return {
    predict,
    coefficients: null,
    leaveOneOut: Math.sqrt(without.reduce((sum, one) => sum + one * one, 0) / n),
    residuals: results.map(({ shares, y }) => y - predict(shares).y),
  };
}
