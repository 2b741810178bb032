import { chiSquaredTail } from '../statistics/distributions';

export interface Friedman {
  /** Corrected for ties. */
  statistic: number;
  df: number;
  p: number;
  /** Whether p is of every order the marks could have come in, or of the chi-squared approximation. */
  exact: boolean;
}

/** Ranks of marks, twice over so that a tie's half rank is whole. */
function doubledRanks(marks: readonly number[]): number[] {
  return marks.map(
    (mark) =>
      2 * marks.filter((other) => other < mark).length +
      marks.filter((other) => other === mark).length +
      1,
  );
}

/** Every order of some values, each as often as it comes. */
function orders(values: readonly number[]): number[][] {
  if (values.length <= 1) return [[...values]];
  return values.flatMap((first, i) =>
    orders(values.filter((_, j) => j !== i)).map((rest) => [first, ...rest]),
  );
}

/** More different sums than this are not followed; the approximation is good by then. */
const mostSums = 60_000;

/** Chance that rank sums lie as far apart by chance, over every order in each block; null where those are too many. */
function exactTail(ranks: readonly number[][], middle: number, reached: number): number | null {
  let sums = new Map<string, { sum: number[]; chance: number }>();
  sums.set('', { sum: (ranks[0] ?? []).map(() => 0), chance: 1 });
  for (const block of ranks) {
    const ways = orders(block);
    const next = new Map<string, { sum: number[]; chance: number }>();
    for (const { sum, chance } of sums.values()) {
      for (const way of ways) {
        // which sample has which sum does not matter to how far they lie apart
        const to = sum.map((value, i) => value + (way[i] ?? 0)).sort((a, b) => a - b);
        const key = to.join();
        const known = next.get(key);
        if (known) known.chance += chance / ways.length;
        else next.set(key, { sum: to, chance: chance / ways.length });
      }
    }
    if (next.size * ways.length > mostSums * 24) return null;
    sums = next;
  }
  let tail = 0;
  for (const { sum, chance } of sums.values()) {
    const apart = sum.reduce((total, value) => total + (value - middle) ** 2, 0);
    if (apart >= reached - 1e-9) tail += chance;
  }
  return Math.min(1, tail);
}

/** Samples up to which every order of a block is gone through. */
const mostForExact = 5;

/**
 * Friedman's test of whether samples are liked alike: ranks within each taster, corrected for ties.
 *
 * @param blocks a row a taster, a column a sample
 * @returns null for fewer than two tasters or samples, or where nobody told any two apart
 * @see Conover, Practical Nonparametric Statistics, 3rd ed., 5.8
 */
export function friedman(blocks: readonly (readonly number[])[]): Friedman | null {
  const n = blocks.length;
  const k = blocks[0]?.length ?? 0;
  if (n < 2 || k < 2) return null;
  const ranks = blocks.map(doubledRanks);
  const middle = n * (k + 1);
  const sums = Array.from({ length: k }, (_, j) =>
    ranks.reduce((total, row) => total + (row[j] ?? 0), 0),
  );
  const apart = sums.reduce((total, sum) => total + (sum - middle) ** 2, 0);
  const squares = ranks.flat().reduce((total, rank) => total + rank * rank, 0);
  const spread = squares - n * k * (k + 1) ** 2;
  if (spread <= 0) return null;
  const statistic = ((k - 1) * apart) / spread;
  const exact = k <= mostForExact ? exactTail(ranks, middle, apart) : null;
  return {
    ...{ statistic, df: k - 1 },
    ...{ p: exact ?? chiSquaredTail(statistic, k - 1), exact: exact !== null },
  };
}
