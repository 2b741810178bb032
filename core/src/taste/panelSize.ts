import { binomialTail } from '../statistics/distributions';
import { whereRising } from '../statistics/solve';
import { guessing, type TestKind } from './discrimination';

/** How seldom a difference may be said that is none, and how often one that is there is to be found. */
export const usualRisk = { alpha: 0.05, power: 0.8 } as const;

/** Right answers that a test needs before it says that there is a difference; more than n where so few can never say it. */
export function neededCorrect(kind: TestKind, n: number, alpha: number = usualRisk.alpha): number {
  const sides = kind === 'paired' ? 2 : 1;
  for (let k = 0; k <= n; k += 1) {
    if (sides * binomialTail(k, n, guessing[kind]) <= alpha) return k;
  }
  return n + 1;
}

/**
 * The least difference that so many tasters find as often as wanted.
 *
 * @param n tasters, ≥ 1
 * @returns share of people who must really notice it, 0–1; null where so few can show nothing at all
 */
export function leastShown(kind: TestKind, n: number, risk = usualRisk): number | null {
  const needed = neededCorrect(kind, n, risk.alpha);
  if (needed > n) return null;
  const guess = guessing[kind];
  // who does not notice guesses
  const found = (noticing: number) => binomialTail(needed, n, guess + (1 - guess) * noticing);
  return whereRising(found, risk.power, 0, 1);
}

/** More tasters than this are no kitchen's panel. */
const mostTasters = 1000;

/**
 * How many tasters it takes to find a difference that a share of people notice.
 *
 * @param noticing 0–1
 * @returns null where it takes more than a thousand
 */
export function tastersNeeded(kind: TestKind, noticing: number, risk = usualRisk): number | null {
  for (let n = 1; n <= mostTasters; n += 1) {
    const least = leastShown(kind, n, risk);
    if (least !== null && least <= noticing) return n;
  }
  return null;
}
