import { bandsOf, changeCost, type Landing, type NamedBand, valuesMiss } from './landing';
import { elasticConstraints, linearBands } from './linearise';
import type { LinearProgram, LinearSolver } from './linearProgram';
import type { Targets } from '../mix/targets';

/** What one comparable unit of missing a band costs against changes: bands come first. */
export const missPrice = 1000;
const iterationLimit = 40;
const solveLimitS = 1;
/** How far the first step may go, in whole changes of a row: an addition starts from nothing and goes far. */
const firstRadius = 2;

/**
 * Look for the cheapest landing, for one about as cheap as spoons can measure, for one as near as a mouth can tell, or only whether
 * there is one.
 */
export type Goal = 'cheapest' | 'spoons' | 'mouth' | 'lands';

/** A gain smaller than this is not worth another round. */
const worthOf: Record<Goal, number> = {
  cheapest: 1e-4,
  spoons: 0.02,
  mouth: 1e-3 * missPrice,
  lands: 1e-3 * missPrice,
};

/** Where a run ended. */
export interface Landed {
  values: number[];
  miss: number;
  cost: number;
}

/** A linear program with what its cost leaves out of the merit, so that the two compare. */
interface Step {
  lp: LinearProgram;
  constant: number;
}

function stepFrom(
  landing: Landing,
  bands: readonly NamedBand[],
  values: readonly number[],
  radius: number,
): Step {
  const lp: LinearProgram = { cost: [], lower: [], upper: [], constraints: [] };
  let constant = 0;
  const variable = (cost: number, lower: number, upper: number): number => {
    lp.lower.push(lower);
    lp.upper.push(upper);
    return lp.cost.push(cost) - 1;
  };
  landing.free.forEach((row, i) => {
    const value = values[i] ?? row.reference;
    const reach = radius * Math.max(value, row.scale);
    const lower = Math.max(row.lower, value - reach);
    const each = row.weight / row.scale;
    // what can only be more than it was costs by itself; only what may go either way needs its distance
    const oneWay = row.reference <= row.lower;
    variable(oneWay ? each : 0, lower, Math.max(lower, Math.min(row.upper, value + reach)));
    if (oneWay) constant -= each * row.reference;
  });
  landing.free.forEach((row, i) => {
    if (row.reference <= row.lower) return;
    const { reference } = row;
    const distance = variable(row.weight / row.scale, 0, Infinity);
    lp.constraints.push(
      {
        terms: [
          [distance, 1],
          [i, -1],
        ],
        low: -reference,
        high: Infinity,
      },
      {
        terms: [
          [distance, 1],
          [i, 1],
        ],
        low: reference,
        high: Infinity,
      },
    );
  });
  for (const band of linearBands(landing, bands, values)) {
    const slack = variable(missPrice, 0, Infinity);
    lp.constraints.push(...elasticConstraints(band, slack));
  }
  return { lp, constant };
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
  const bands = bandsOf(targets);
  const missAt = (values: readonly number[]) => valuesMiss(landing, bands, values);
  const merit = (values: readonly number[]) =>
    missPrice * missAt(values) + changeCost(landing, values);
  let values = landing.free.map((row, i) =>
    Math.min(row.upper, Math.max(row.lower, start[i] ?? row.reference)),
  );
  let best = merit(values);
  let radius = firstRadius;
  const worth = worthOf[goal];
  for (let k = 0; k < iterationLimit && landing.free.length > 0; k += 1) {
    const { lp, constant } = stepFrom(landing, bands, values, radius);
    const solved = solver.solve(lp, solveLimitS).values;
    if (!solved) break;
    const next = solved.slice(0, landing.free.length).map((value) => Math.max(0, value));
    const promised = lp.cost.reduce((sum, cost, i) => sum + cost * (solved[i] ?? 0), constant);
    const expected = best - promised;
    const gained = best - merit(next);
    if (gained > 0 && gained >= 0.1 * expected) {
      values = next;
      best -= gained;
      if (gained > 0.75 * expected) radius = Math.min(4, radius * 2);
      if (gained < worth) break;
    } else radius *= 0.3;
    if (expected < worth || radius < 1e-4) break;
    // whether it lands at all is answered by the first values that do
    if (goal === 'lands' && missAt(values) === 0) break;
  }
  return { values, miss: missAt(values), cost: changeCost(landing, values) };
}
