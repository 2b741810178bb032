import { type BodyWord, wordMiddle, yieldStressPa } from '../mix/bodyWords';
import { type PressTest, pressYieldStressPa } from './pressTest';
import { readRing, type RingTest } from './ringTest';

/** One way of reading a paste. */
export type ReadingTaken = { eye: BodyWord } | { ring: RingTest } | { press: PressTest };

/** What a reading says, of the paste as it was when it was read. */
export interface Reading {
  body: number;
  yieldStressPa: number;
  /** One standard deviation, body. */
  sd: number;
  /** Whether the test is good for a paste this stiff. */
  inRange: boolean;
  /** What to do instead, when it is not. */
  warning?: string;
}

/** Errors of a reading, one standard deviation, body. */
export const eyeSd = 0.5;
/** What of it is the width of a word, the same however often a bowl is looked at: a word is about 1.45 wide, over √12. */
export const wordSd = 0.42;
/** Yield stress each test is good for, Pa. */
export const ringRange = { low: 8, high: 190 } as const;
export const pressRange = { low: 80, high: 3000 } as const;
/** Less slump than this can't be told from none, mm. */
const leastSlumpMm = 2;
export const pressSd = { smooth: 0.25, coarse: 0.4 } as const;

function reading(tau: number, sd: number, warning: string | undefined): Reading {
  return {
    body: Math.log2(tau),
    yieldStressPa: tau,
    sd,
    inRange: warning === undefined,
    ...(warning === undefined ? {} : { warning }),
  };
}

function ringWarning(tau: number, slumpMm: number | null): string | undefined {
  if (slumpMm !== null && slumpMm < leastSlumpMm) {
    return 'It hardly slumped, too stiff for the ring: press it between two plates instead.';
  }
  if (tau > ringRange.high) return 'Too stiff for the ring: press it between two plates instead.';
  if (tau < ringRange.low) return 'Too loose for the ring: go by eye, it pours.';
  return undefined;
}

function pressWarning(tau: number): string | undefined {
  if (tau < pressRange.low) return 'Too loose for the press: use the ring instead.';
  if (tau > pressRange.high) return 'Too stiff for this load: press with more weight.';
  return undefined;
}

/** What the error of a width costs, body: both tests go by its fifth power (τ ∝ R⁻⁵). Nothing beyond the test's own where it was measured by hand. */
function widthSd({
  diameterMm,
  widthSdMm = 0,
}: {
  diameterMm: number;
  widthSdMm?: number;
}): number {
  return (5 * widthSdMm) / (diameterMm * Math.LN2);
}

/**
 * Turns a reading anyone can take into body with its error. The plates of a press must grip (baking paper on both);
 * oily pastes that slip read low.
 *
 * @throws RangeError when a ring test lacks the height it needs
 */
export function takeReading(taken: ReadingTaken): Reading {
  if ('eye' in taken) {
    return reading(yieldStressPa(wordMiddle[taken.eye]), eyeSd, undefined);
  }
  if ('press' in taken) {
    const tau = pressYieldStressPa(taken.press);
    const sd = taken.press.coarse ? pressSd.coarse : pressSd.smooth;
    return reading(tau, Math.hypot(sd, widthSd(taken.press)), pressWarning(tau));
  }
  const { yieldStressPa: tau, sd, slumpMm } = readRing(taken.ring);
  return reading(tau, Math.hypot(sd, widthSd(taken.ring)), ringWarning(tau, slumpMm));
}
