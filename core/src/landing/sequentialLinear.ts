import { changeCost, type Landing, massesOf, totalMiss } from './landing';
import { elasticConstraints, linearBands } from './linearise';
import type { Constraint, LinearProgram, LinearSolver } from './linearProgram';
import type { Targets } from './targets';

/** What one comparable unit of missing a band costs against changes: bands come first. */
export const missPrice = 1000;
const iterationLimit = 40;
const solveLimitS = 1;

/** Look for the cheapest landing, or only whether there is one. */
export type Goal = 'cheapest' | 'lands';

/** Where a run ended. */
export interface Landed {
  values: number[];
  miss: number;
  cost: number;
}

function program(
  landing: Landing,
  targets: Targets,
  values: readonly number[],
  radius: number,
): LinearProgram {
  const n = landing.free.length;
  const bands = linearBands(landing, targets, values);
  const cost: number[] = Array<number>(2 * n).fill(0);
  const lower: number[] = [];
  const upper: number[] = [];
  const constraints: Constraint[] = [];
  landing.free.forEach((row, i) => {
    const value = values[i] ?? row.reference;
    const reach = radius * Math.max(value, row.scale);
    lower[i] = Math.max(row.lower, value - reach);
    upper[i] = Math.max(lower[i] ?? 0, Math.min(row.upper, value + reach));
    // n + i is how far row i is from where it started
    cost[n + i] = row.weight / row.scale;
    lower[n + i] = 0;
    upper[n + i] = Infinity;
    const { reference } = row;
    constraints.push({
      terms: [
        [n + i, 1],
        [i, -1],
      ],
      low: -reference,
      high: Infinity,
    });
    constraints.push({
      terms: [
        [n + i, 1],
        [i, 1],
      ],
      low: reference,
      high: Infinity,
    });
  });
  bands.forEach((band, j) => {
    const slack = 2 * n + j;
    cost[slack] = missPrice;
    lower[slack] = 0;
    upper[slack] = Infinity;
    constraints.push(...elasticConstraints(band, slack));
  });
  return { cost, lower, upper, constraints };
}

/**
 * Lands a dip by sequential linear programming with a trust region, from a given start: first meet the bands, then
 * change least.
 *
 * @param landing made ready
 * @param targets bands to aim at, drawn in already
 * @param start values of the free rows, g
 * @param solver linear solver
 * @param goal `lands` stops at the first landing, or where getting nearer becomes slow
 * @returns the best values reached, with what they still miss
 */
export function sequentialLinear(
  landing: Landing,
  targets: Targets,
  start: readonly number[],
  solver: LinearSolver,
  goal: Goal = 'cheapest',
): Landed {
  const merit = (values: readonly number[]) =>
    missPrice * totalMiss(landing, targets, massesOf(landing, values)) +
    changeCost(landing, values);
  let values = landing.free.map((row, i) =>
    Math.min(row.upper, Math.max(row.lower, start[i] ?? row.reference)),
  );
  let best = merit(values);
  let radius = 0.5;
  // a gain smaller than this is not worth another round
  const worth = goal === 'lands' ? 1e-3 * missPrice : 1e-4;
  for (let k = 0; k < iterationLimit && landing.free.length > 0; k += 1) {
    const lp = program(landing, targets, values, radius);
    const solved = solver.solve(lp, solveLimitS).values;
    if (!solved) break;
    const next = solved.slice(0, landing.free.length).map((value) => Math.max(0, value));
    const expected = best - lp.cost.reduce((sum, c, i) => sum + c * (solved[i] ?? 0), 0);
    const gained = best - merit(next);
    if (gained > 0 && gained >= 0.1 * expected) {
      values = next;
      best -= gained;
      if (gained > 0.75 * expected) radius = Math.min(4, radius * 2);
      if (gained < worth) break;
    } else radius *= 0.3;
    if (expected < worth || radius < 1e-4) break;
    // whether it lands at all is answered by the first values that do
    if (goal === 'lands' && totalMiss(landing, targets, massesOf(landing, values)) === 0) break;
  }
  return {
    values,
    miss: totalMiss(landing, targets, massesOf(landing, values)),
    cost: changeCost(landing, values),
  };
}
