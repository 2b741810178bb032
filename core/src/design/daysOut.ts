import { Matrix, SVD } from 'ml-matrix';
import { coordinatesOf } from './mixturePoint';
import type { TrialResult } from './polynomialFit';

/** Days and shares that go together tell neither; the least singular value against the largest that counts. */
const leastSpread = 1e-6;

/**
 * Takes out of trials what one day was better than another: each day's own shift beside a plane over the shares, by least squares, the shifts
 * adding up to nothing.
 *
 * @param results with their days; those without one count as a day of their own
 * @returns the same results without their days' shifts; a day with one trial has none that could be told from its mixture, and all stay as they
 *   are where fewer than two days are left, or where days and shares can't be told apart
 * @see Montgomery, Design and Analysis of Experiments, 8th ed., 4.1 (blocking)
 */
export function daysOut(results: readonly TrialResult[]): TrialResult[] {
  const many = new Map<number, number>();
  for (const { day = 0 } of results) many.set(day, (many.get(day) ?? 0) + 1);
  const days = [...many].flatMap(([day, n]) => (n > 1 ? [day] : []));
  const q = results[0] ? coordinatesOf(results[0]).length : 0;
  if (days.length < 2 || results.length <= q + days.length - 1) return [...results];
  const last = days.length - 1;
  const rows = results.map((result) => {
    const at = days.indexOf(result.day ?? 0);
    const shifts = Array.from({ length: last }, (_, i) =>
      at < 0 ? 0 : at === last ? -1 : at === i ? 1 : 0,
    );
    return [...coordinatesOf(result), ...shifts];
  });
  const svd = new SVD(new Matrix(rows), { autoTranspose: true });
  const [largest = 0] = svd.diagonal;
  if ((svd.diagonal.at(-1) ?? 0) <= leastSpread * largest) return [...results];
  const solved = svd.solve(Matrix.columnVector(results.map(({ y }) => y))).to1DArray();
  const shifts = solved.slice(q);
  const all = [...shifts, -shifts.reduce((sum, one) => sum + one, 0)];
  return results.map((one) => ({ ...one, y: one.y - (all[days.indexOf(one.day ?? 0)] ?? 0) }));
}
