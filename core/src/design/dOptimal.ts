import { determinant, inverse, Matrix } from 'ml-matrix';
import { quadraticForm } from '../statistics/matrices';
import { seeded, shuffled } from '../statistics/random';

/** A choice of points, and how much of what could be learned from so many trials it learns. */
export interface ChosenDesign {
  /** Places among the candidates, one a trial; a place twice is a trial done twice. */
  chosen: number[];
  /** D-efficiency against the best weights over the same candidates, 0–1; no design of whole trials reaches more than one. */
  efficiency: number;
}

/** Keeps a matrix of too few trials from having no inverse. */
const ridge = 1e-9;

/** Σ w · f fᵀ over rows of terms. */
function information(rows: readonly (readonly number[])[], weights: readonly number[]): Matrix {
  const p = rows[0]?.length ?? 0;
  const sum = Matrix.eye(p, p).mul(ridge);
  rows.forEach((row, i) => {
    const w = weights[i] ?? 0;
    if (w === 0) return;
    for (let a = 0; a < p; a += 1) {
      for (let b = 0; b < p; b += 1) {
        sum.set(a, b, sum.get(a, b) + w * (row[a] ?? 0) * (row[b] ?? 0));
      }
    }
  });
  return sum;
}

/** By rows, as the sums over it want it. */
const inverseOf = (m: Matrix): number[] => inverse(m).to1DArray();

const counts = (chosen: readonly number[], of: number): number[] => {
  const found = Array.from({ length: of }, () => 0);
  for (const place of chosen) found[place] = (found[place] ?? 0) + 1;
  return found;
};

/** Fedorov's exchange from one start: the swap that adds most, until none adds anything. */
function exchanged(rows: readonly (readonly number[])[], start: readonly number[]): number[] {
  const chosen = [...start];
  for (let pass = 0; pass < 60; pass += 1) {
    const inverted = inverseOf(information(rows, counts(chosen, rows.length)));
    const spread = rows.map((row) => quadraticForm(inverted, row));
    let best = { gain: 1e-9, at: -1, to: -1 };
    chosen.forEach((from, at) => {
      rows.forEach((row, to) => {
        const cross = quadraticForm(inverted, row, rows[from] ?? []);
        const [dTo, dFrom] = [spread[to] ?? 0, spread[from] ?? 0];
        const gain = dTo - dFrom - (dTo * dFrom - cross * cross);
        if (gain > best.gain) best = { gain, at, to };
      });
    });
    if (best.at < 0) break;
    chosen[best.at] = best.to;
  }
  return chosen;
}

/** ln |M| of the best weights there are, by the multiplicative algorithm. */
function bestLogDeterminant(rows: readonly (readonly number[])[]): number {
  const p = rows[0]?.length ?? 1;
  let weights = rows.map(() => 1 / rows.length);
  for (let i = 0; i < 400; i += 1) {
    const inverted = inverseOf(information(rows, weights));
    const next = rows.map((row, at) => ((weights[at] ?? 0) * quadraticForm(inverted, row)) / p);
    const sum = next.reduce((total, w) => total + w, 0);
    weights = next.map((w) => w / sum);
  }
  return Math.log(determinant(information(rows, weights)));
}

/** Starts that are tried; the best of them counts. */
const starts = 6;

/**
 * Chooses trials among candidates so that a model's coefficients are known as well as so many trials allow (D-optimal).
 *
 * @param rows terms of the model at each candidate
 * @param n trials, at least as many as there are terms
 * @param seed the same seed gives the same design, in the same order
 * @throws RangeError for fewer trials than terms
 * @see Fedorov (1972), Theory of Optimal Experiments; Titterington (1976) for the bound
 */
export function dOptimal(
  rows: readonly (readonly number[])[],
  n: number,
  seed: number,
): ChosenDesign {
  const p = rows[0]?.length ?? 0;
  if (n < p || p === 0) throw new RangeError(`${p} terms need as many trials`);
  const random = seeded(seed);
  let best: { chosen: number[]; log: number } | null = null;
  for (let start = 0; start < starts; start += 1) {
    const some = Array.from({ length: n }, () => Math.floor(random() * rows.length));
    const chosen = exchanged(rows, some);
    const weights = counts(chosen, rows.length).map((count) => count / n);
    const log = Math.log(determinant(information(rows, weights)));
    if (best === null || log > best.log + 1e-12) best = { chosen, log };
  }
  const { chosen = [], log = 0 } = best ?? {};
  return {
    chosen: shuffled(chosen, random),
    efficiency: Math.min(1, Math.exp((log - bestLogDeterminant(rows)) / p)),
  };
}
