import { tQuantile } from '../statistics/distributions';
import { mean } from '../statistics/mean';
import { holm, pairedP } from './exactPermutation';
import { friedman, type Friedman } from './friedman';
import { completeBlocks, type TasteAnswer } from './panel';
import { penalties, type Penalty } from './penalty';

/** How a sample is liked, with Student's 95 % interval; the ends are null for fewer than two tasters. */
export interface Liking {
  mean: number;
  sd: number | null;
  n: number;
  low: number | null;
  high: number | null;
}

/** Two samples compared by those who marked both. */
export interface PairCompared {
  a: string;
  b: string;
  /** Liking of a less that of b, points. */
  difference: number;
  n: number;
  /** Exact permutation, two-sided, this pair by itself. */
  p: number;
  /** The same with every pair asked at once (Holm). */
  adjusted: number;
}

/** What would be liked more, by the penalties. */
export interface Shift {
  sample: string;
  attribute: string;
  direction: 'more' | 'less';
  /** In words for the cook. */
  why: string;
}

export interface PanelResult {
  liking: Record<string, Liking>;
  friedman: Friedman | null;
  pairs: PairCompared[];
  penalties: Penalty[];
  shifts: Shift[];
}

function likingOf(values: readonly number[]): Liking | null {
  const n = values.length;
  if (n === 0) return null;
  const middle = mean(values);
  if (n === 1) return { mean: middle, n, sd: null, low: null, high: null };
  const sd = Math.sqrt(values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (n - 1));
  const half = (tQuantile(0.975, n - 1) * sd) / Math.sqrt(n);
  return { mean: middle, sd, n, low: middle - half, high: middle + half };
}

function pairsOf(samples: readonly string[], answers: readonly TasteAnswer[]): PairCompared[] {
  const pairs = samples.flatMap((a, i) =>
    samples.slice(i + 1).flatMap((b) => {
      const differences = completeBlocks([a, b], answers).map(
        ([one = 0, other = 0]) => one - other,
      );
      const n = differences.length;
      if (n === 0) return [];
      return [{ a, b, difference: mean(differences), n, p: pairedP(differences) }];
    }),
  );
  const adjusted = holm(pairs.map(({ p }) => p));
  return pairs.map((pair, i) => ({ ...pair, adjusted: adjusted[i] ?? 1 }));
}

/** Fewer tasters than this are called few. */
const few = 12;

/** That a panel is small, where it is: nobody should read more into it. */
export const fewWords = (tasters: number): string =>
  tasters < few ? `${tasters} ${tasters === 1 ? 'taster is' : 'tasters are'} few` : '';

/** A chance as it is written: never naught, never a star. */
export const chanceWords = (p: number): string =>
  p < 0.001 ? 'p < 0.001' : `p ${p.toFixed(p < 0.1 ? 3 : 2)}`;

/** From more than this share on a side is believed though there is no liking to go by. */
const mostAgree = 0.5;

/** What a penalty costs in liking, in words; null where it asks for nothing. */
function costWords({ share, rightShare, n, rightN, drop, p }: Penalty): string | null {
  if (drop !== null && p !== null) {
    if (drop <= 0) return null;
    return `${n === 1 ? 'the one of them likes' : `${n} of them like`} it ${drop.toFixed(1)} less (${chanceWords(p)})`;
  }
  if (share <= mostAgree) return null;
  if (rightShare === 0) return 'nobody finds it right, so there is nothing to compare';
  return n + rightN === 0 ? 'how it is liked was not asked' : null;
}

function shiftsOf(found: readonly Penalty[]): Shift[] {
  const shifts = found.flatMap((penalty) => {
    const { sample, attribute, side, share } = penalty;
    const cost = costWords(penalty);
    if (cost === null) return [];
    const weight = penalty.drop === null ? Infinity : share * penalty.drop;
    // where as many stand on the other side, one cook's shift is another's fault
    const against = found.some(
      (one) =>
        one.sample === sample &&
        one.attribute === attribute &&
        one.side !== side &&
        one.share * (one.drop ?? 0) >= weight,
    );
    if (against) return [];
    const who = `${Math.round(share * 100)} % find it ${side === 'low' ? 'short' : 'over'}`;
    const direction = side === 'low' ? ('more' as const) : ('less' as const);
    return [{ shift: { sample, attribute, direction, why: `${who}, ${cost}` }, weight }];
  });
  // what everybody finds off comes before what some do
  const byWeight = (a: { weight: number }, b: { weight: number }) =>
    a.weight === b.weight ? 0 : b.weight - a.weight;
  return shifts.sort(byWeight).map(({ shift }) => shift);
}

/**
 * What a panel says of its samples.
 *
 * @param samples as they are called in the answers
 * @param answers of tasters who may have left out samples or questions
 */
export function panelResult(
  samples: readonly string[],
  answers: readonly TasteAnswer[],
): PanelResult {
  const liking = Object.fromEntries(
    samples.flatMap((sample) => {
      const values = answers.flatMap((one) => (one.sample === sample ? (one.liking ?? []) : []));
      const told = likingOf(values);
      return told ? [[sample, told]] : [];
    }),
  );
  const found = penalties(answers);
  return {
    liking,
    friedman: samples.length < 2 ? null : friedman(completeBlocks(samples, answers)),
    pairs: pairsOf(samples, answers),
    penalties: found,
    shifts: shiftsOf(found),
  };
}
