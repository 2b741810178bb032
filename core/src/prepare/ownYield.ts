import { mean } from '../statistics/mean';
import { z90 } from '../statistics/spread';
import type { Range } from '../statistics/range';

/** What the cook's own results make of a yield. */
export interface LearnedYield extends Range {
  /** How many results it rests on. */
  n: number;
}

/** The table counts as so many results of one's own (judgement). */
const tableWeight = 2;
/** Degrees of freedom the table's spread counts as. */
const tableFreedom = 4;
/** 95th percentile of Student's t for 4, 5, … degrees of freedom; beyond the end the last is near enough. */
const t95 = [2.132, 2.015, 1.943, 1.895, 1.86, 1.833, 1.812, 1.796, 1.782, 1.771, 1.761, 1.753];

/**
 * A yield after the cook's own results: ln(yield) is normal with mean and variance unknown, the table's low–typical–high
 * the normal–inverse-gamma prior, its middle counted as two results and its spread as four degrees of freedom. What is
 * given is the predictive central 90 % of the next result.
 *
 * @param table central 90 % of practice
 * @param results yields as measured, all > 0
 * @see Gelman et al., Bayesian Data Analysis, 3rd ed., section 3.3
 */
export function learnedYield(table: Range, results: readonly number[]): LearnedYield {
  const n = results.length;
  if (n === 0) return { ...table, n };
  const logs = results.map(Math.log);
  const seen = mean(logs);
  const squares = logs.reduce((sum, one) => sum + (one - seen) ** 2, 0);
  const prior = Math.log(table.typical);
  const priorVariance = (Math.log(table.high / table.low) / (2 * z90)) ** 2;
  const weight = tableWeight + n;
  const middle = (tableWeight * prior + n * seen) / weight;
  const freedom = tableFreedom + n;
  const scale =
    (tableFreedom * priorVariance + squares + ((tableWeight * n) / weight) * (seen - prior) ** 2) /
    freedom;
  const t = t95[Math.min(freedom - tableFreedom, t95.length - 1)] ?? z90;
  const reach = t * Math.sqrt(scale * (1 + 1 / weight));
  return {
    low: Math.exp(middle - reach),
    typical: Math.exp(middle),
    high: Math.exp(middle + reach),
    n,
  };
}
