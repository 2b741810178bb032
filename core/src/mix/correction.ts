import { quadraticForm } from '../statistics/matrices';

/**
 * What readings have taught about one formula in one kitchen, as a Gaussian over four coefficients: the kitchen's
 * offset with water outside, with oil outside, the slope, and the formula's own offset. Plain data, so that it
 * crosses to workers.
 */
export interface Correction {
  /** Means of the four coefficients, body. */
  mean: readonly number[];
  /** Their covariance, 4 × 4 by rows, body². */
  covariance: readonly number[];
}

/** Prior standard deviations of the coefficients: offsets and formula in body, slope in body per body. */
export const priorSd = { water: 0.5, oil: 0.5, slope: 0.2, formula: 0.5 } as const;
/** The body at which the slope turns. */
export const slopePivot = 7;

const priorVariances = [
  priorSd.water ** 2,
  priorSd.oil ** 2,
  priorSd.slope ** 2,
  priorSd.formula ** 2,
] as const;

/** Before any reading: nothing is corrected, nothing is narrowed. */
export const priorCorrection: Correction = {
  mean: [0, 0, 0, 0],
  covariance: priorVariances.flatMap((variance, i) =>
    priorVariances.map((_, j) => (i === j ? variance : 0)),
  ),
};

/**
 * How much each coefficient weighs in the body of a mix.
 *
 * @param modelBody what the model alone says of the fresh mix at 25 °C
 * @param waterOutside share of the water-continuous regime, 0–1
 */
export function designOf(modelBody: number, waterOutside: number): number[] {
  return [waterOutside, 1 - waterOutside, modelBody - slopePivot, 1];
}

/**
 * Body that the readings add to what the model says.
 *
 * @param modelBody fresh body at 25 °C by the model alone
 * @param waterOutside 0–1
 * @param belonging how far the mix is the formula that was read: 1 the finished one, less on the way there
 */
export function correctionBody(
  correction: Correction,
  modelBody: number,
  waterOutside: number,
  belonging = 1,
): number {
  const { mean } = correction;
  return (
    waterOutside * (mean[0] ?? 0) +
    (1 - waterOutside) * (mean[1] ?? 0) +
    (modelBody - slopePivot) * (mean[2] ?? 0) +
    belonging * (mean[3] ?? 0)
  );
}

/**
 * Variance of the correction itself at a mix, body². A mix that only partly is the formula that was read has an offset
 * of its own for the rest, as uncertain as before any reading.
 *
 * @param belonging 0–1, read as the correlation of the two offsets
 */
export function correctionVariance(
  correction: Correction,
  modelBody: number,
  waterOutside: number,
  belonging = 1,
): number {
  const design = designOf(modelBody, waterOutside);
  design[3] = belonging;
  return quadraticForm(correction.covariance, design) + (1 - belonging ** 2) * priorSd.formula ** 2;
}

/**
 * How much of the model's prior spread is left after the readings, 0–1. The spread shown before any reading is the
 * fit's residual; readings narrow it by this share, so that no reading anywhere can widen a band.
 */
export function spreadLeft(
  correction: Correction,
  modelBody: number,
  waterOutside: number,
  belonging = 1,
): number {
  const now = correctionVariance(correction, modelBody, waterOutside, belonging);
  const before = correctionVariance(priorCorrection, modelBody, waterOutside);
  return Math.sqrt(Math.max(0, now) / before);
}
