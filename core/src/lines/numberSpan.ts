import { readNumber } from '../amounts/readNumber';
import type { LineWords } from './lineWords';

/** A number or a range in a line. */
export interface NumberSpan {
  low: number;
  high: number;
  next: number;
  /** A numeral or a word for one, and not only an article. */
  said: boolean;
}

const articles = new Set(['a', 'an']);
const rangeJoints = new Set(['-', 'to', 'or', 'maybe', 'perhaps']);
const asides = new Set(['maybe', 'perhaps', 'even', 'about']);
/** The far end of a range is no more than this many times the near one: `1 or 20` is none. */
const widest = 12;

/** `half of the 200`: a share of a number that is said. */
function shareOf({ tokens, lower }: LineWords, at: number, share: number): NumberSpan | null {
  let whole = at;
  while (['the', 'a', 'an', 'of'].includes(lower[whole] ?? '')) whole += 1;
  const of = readNumber(tokens, whole);
  if (!of || of.value < 1) return null;
  return { low: share * of.value, high: share * of.value, next: of.next, said: true };
}

/** The far end: `3-4`, `four, maybe five`. */
function farEnd({ tokens, lower }: LineWords, at: number, near: number) {
  let joint = at;
  if (lower[joint] === ',') joint += 1;
  if (!rangeJoints.has(lower[joint] ?? '')) return null;
  let from = joint + 1;
  while (asides.has(lower[from] ?? '')) from += 1;
  if (articles.has(lower[from] ?? '')) return null;
  const second = readNumber(tokens, from);
  return second && second.value > near && second.value < near * widest ? second : null;
}

/**
 * A number at a word as cooks say it: `1 1/2`, `a hundred`, `several`, `four, maybe five`, `half of the 200`.
 *
 * @returns null where none starts here; NaN ends where it divides by nothing
 */
export function numberSpan(words: LineWords, at: number): NumberSpan | null {
  const { tokens, lower } = words;
  if (lower[at] === 'several') return { low: 3, high: 5, next: at + 1, said: true };
  if (lower[at] === 'both') return { low: 2, high: 2, next: at + 1, said: true };
  const first = readNumber(tokens, at);
  if (!first) return null;
  const article = articles.has(lower[at] ?? '');
  let { value, next } = first;
  if (lower[next] === 'hundred') [value, next] = [value * 100, next + 1];
  if (lower[next] === 'dozen' && !article) [value, next] = [value * 12, next + 1];
  if (value < 1 && (lower[next] === 'of' || lower[next] === 'the')) {
    const share = shareOf(words, next, value);
    if (share) return share;
    while (['of', 'the', 'a', 'an'].includes(lower[next] ?? '')) next += 1;
  }
  const far = farEnd(words, next, value);
  if (far) return { low: value, high: far.value, next: far.next, said: true };
  return { low: value, high: value, next, said: !article || next > at + 1 };
}

const shares: Readonly<Record<string, number>> = { half: 1 / 2, third: 1 / 3, quarter: 1 / 4 };

/** `and a half` after a unit or a food: the share of one more. */
export function shareAfter(
  { lower }: Pick<LineWords, 'lower'>,
  at: number,
): { share: number; next: number } | null {
  const share = lower[at] === 'and' && lower[at + 1] === 'a' ? shares[lower[at + 2] ?? ''] : null;
  return share ? { share, next: at + 3 } : null;
}
