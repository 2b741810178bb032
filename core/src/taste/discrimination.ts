import { binomialTail, shareInterval } from '../statistics/distributions';
import { normalCdf } from '../statistics/normalCdf';
import { whereRising } from '../statistics/solve';

/** One question asked of many: which is odd, which do you prefer, which has more. */
export const testKinds = ['triangle', 'paired', 'paired-directed'] as const;
export type TestKind = (typeof testKinds)[number];

/** Chance of the right answer by guessing. */
export const guessing: Record<TestKind, number> = {
  triangle: 1 / 3,
  paired: 1 / 2,
  'paired-directed': 1 / 2,
};

/** How far apart two samples lie to the tongue, in spreads of one tasting. */
export interface Discrimination {
  /** Exact binomial: two-sided for `paired`, where either may be preferred. */
  p: number;
  dPrime: number;
  /** 95 % interval of d′, from Clopper and Pearson's of the share. */
  low: number;
  high: number;
}

/** Half steps of the sum over a triangle's middle, z from 0 to 8. */
const steps = 400;
const farZ = 8;

/**
 * Share of right answers in a triangle at a distance.
 *
 * @param d d′, ≥ 0
 * @returns 1/3–1
 * @see Ennis (1993), The power of sensory discrimination methods, Journal of Sensory Studies 8, eq. 2
 */
export function trianglePc(d: number): number {
  const at = (z: number) =>
    (normalCdf(-z * Math.sqrt(3) + d * Math.sqrt(2 / 3)) +
      normalCdf(-z * Math.sqrt(3) - d * Math.sqrt(2 / 3))) *
    Math.exp((-z * z) / 2);
  // Simpson's rule
  const h = farZ / steps;
  let sum = at(0) + at(farZ);
  for (let i = 1; i < steps; i += 1) sum += (i % 2 === 1 ? 4 : 2) * at(i * h);
  return (2 * sum * h) / 3 / Math.sqrt(2 * Math.PI);
}

/** Share of right answers when two are compared, at a distance that has a direction: Φ(d′/√2). */
const pairedPc = (d: number) => normalCdf(d / Math.SQRT2);

/** Further apart than this nobody errs, d′. */
const farthest = 8;

function dPrimeOf(kind: TestKind, share: number): number {
  return kind === 'triangle'
    ? whereRising(trianglePc, share, 0, farthest)
    : whereRising(pairedPc, share, -farthest, farthest);
}

/**
 * What a test of one question says.
 *
 * @param n asked, ≥ 1
 * @param correct who found the odd one, or chose the first of the pair; 0–n
 */
export function discrimination(kind: TestKind, n: number, correct: number): Discrimination {
  const [low, high] = shareInterval(correct, n, 0.95);
  const oneSided = binomialTail(correct, n, guessing[kind]);
  const p =
    kind === 'paired'
      ? Math.min(1, 2 * binomialTail(Math.max(correct, n - correct), n, guessing.paired))
      : oneSided;
  return {
    p,
    dPrime: dPrimeOf(kind, correct / n),
    low: dPrimeOf(kind, low),
    high: dPrimeOf(kind, high),
  };
}
