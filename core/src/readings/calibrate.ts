import { inverse3 } from '../statistics/matrices';
import {
  type Correction,
  correctionVariance,
  correctionBody,
  designOf,
  priorCorrection,
  priorSd,
} from '../mix/correction';

/** One reading made ready to teach: where it was taken and by how much it differs from the model. */
export interface Evidence {
  /** The dip it was taken of. */
  formulaId: string;
  /** Fresh body at 25 °C by the model alone. */
  modelBody: number;
  /** 0–1 */
  waterOutside: number;
  /** What was read, brought to 25 °C and no rest, minus what the model says, body. */
  difference: number;
  /** Error of the reading with the spread of the measuring, body². */
  variance: number;
}

/** Everything the closed form needs of the readings of one formula, as sums over them. */
interface FormulaSums {
  /** Σ x xᵀ / variance over the three kitchen coefficients, 3 × 3 */
  xx: number[];
  /** Σ x / variance */
  x: number[];
  /** Σ x · difference / variance */
  xd: number[];
  /** Σ 1 / variance */
  n: number;
  /** Σ difference / variance */
  d: number;
  count: number;
}

/** What all readings of a kitchen have taught. */
export interface Calibration {
  /** Means of the kitchen's coefficients: water, oil, slope. */
  kitchen: readonly number[];
  /** Their covariance, 3 × 3 by rows. */
  covariance: readonly number[];
  formulas: ReadonlyMap<string, FormulaSums>;
  count: number;
}

const kitchenCount = 3;
const formulaPrecision = 1 / priorSd.formula ** 2;

function emptySums(): FormulaSums {
  return { xx: new Array<number>(9).fill(0), x: [0, 0, 0], xd: [0, 0, 0], n: 0, d: 0, count: 0 };
}

function addEvidence(sums: FormulaSums, one: Evidence, sign = 1): void {
  const x = designOf(one.modelBody, one.waterOutside);
  const weight = sign / one.variance;
  for (let i = 0; i < kitchenCount; i += 1) {
    for (let j = 0; j < kitchenCount; j += 1) {
      sums.xx[i * kitchenCount + j] =
        (sums.xx[i * kitchenCount + j] ?? 0) + weight * (x[i] ?? 0) * (x[j] ?? 0);
    }
    sums.x[i] = (sums.x[i] ?? 0) + weight * (x[i] ?? 0);
    sums.xd[i] = (sums.xd[i] ?? 0) + weight * (x[i] ?? 0) * one.difference;
  }
  sums.n += weight;
  sums.d += weight * one.difference;
  sums.count += sign;
}

/** Solves for the kitchen's coefficients with every formula's own offset summed out. */
function solve(formulas: ReadonlyMap<string, FormulaSums>): Calibration {
  const precision = [
    1 / priorSd.water ** 2,
    0,
    0,
    0,
    1 / priorSd.oil ** 2,
    0,
    0,
    0,
    1 / priorSd.slope ** 2,
  ];
  const right = [0, 0, 0];
  let count = 0;
  for (const sums of formulas.values()) {
    const shrink = 1 / (formulaPrecision + sums.n);
    count += sums.count;
    for (let i = 0; i < kitchenCount; i += 1) {
      const xi = sums.x[i] ?? 0;
      for (let j = 0; j < kitchenCount; j += 1) {
        const at = i * kitchenCount + j;
        precision[at] = (precision[at] ?? 0) + (sums.xx[at] ?? 0) - shrink * xi * (sums.x[j] ?? 0);
      }
      right[i] = (right[i] ?? 0) + (sums.xd[i] ?? 0) - shrink * xi * sums.d;
    }
  }
  const covariance = inverse3(precision);
  const kitchen = [0, 1, 2].map((i) =>
    right.reduce((sum, value, j) => sum + (covariance[i * kitchenCount + j] ?? 0) * value, 0),
  );
  return { kitchen, covariance, formulas, count };
}

/**
 * Learns a kitchen from its readings: Bayesian linear regression in closed form, body = model + kitchen offset by
 * what is outside + slope · (model − 7) + formula offset, with priors 0 ± 0.5, 0 ± 0.2 and 0 ± 0.5. Each formula's
 * offset is summed out first, so that the work grows with the readings and not with the cube of the formulas.
 *
 * @param evidence readings that may teach, in any order
 */
export function calibrate(evidence: Iterable<Evidence>): Calibration {
  const formulas = new Map<string, FormulaSums>();
  for (const one of evidence) {
    let sums = formulas.get(one.formulaId);
    if (!sums) {
      sums = emptySums();
      formulas.set(one.formulaId, sums);
    }
    addEvidence(sums, one);
  }
  return solve(formulas);
}

function copied(sums: FormulaSums): FormulaSums {
  return { ...sums, xx: [...sums.xx], x: [...sums.x], xd: [...sums.xd] };
}

function changed(calibration: Calibration, one: Evidence, sign: 1 | -1): Calibration {
  const formulas = new Map(calibration.formulas);
  const sums = copied(formulas.get(one.formulaId) ?? emptySums());
  addEvidence(sums, one, sign);
  if (sums.count > 0) formulas.set(one.formulaId, sums);
  else formulas.delete(one.formulaId);
  return solve(formulas);
}

/** The calibration with one more reading. */
export function withEvidence(calibration: Calibration, one: Evidence): Calibration {
  return changed(calibration, one, 1);
}

/** The calibration as it would be without one of its readings. */
export function withoutEvidence(calibration: Calibration, one: Evidence): Calibration {
  return changed(calibration, one, -1);
}

/**
 * What the readings say of one formula: the kitchen's coefficients joined with its own offset.
 *
 * @param formulaId a formula never read has only what the kitchen's other dips taught
 */
export function correctionOf(calibration: Calibration, formulaId: string): Correction {
  const { kitchen, covariance, formulas, count } = calibration;
  if (count === 0) return priorCorrection;
  const sums = formulas.get(formulaId) ?? emptySums();
  const own = 1 / (formulaPrecision + sums.n);
  const k = (i: number, j: number) => covariance[i * kitchenCount + j] ?? 0;
  // the formula's offset given the kitchen's coefficients is own · (d − x · kitchen), with variance own
  const spread = [0, 1, 2].map((i) => -own * sums.x.reduce((sum, x, j) => sum + k(i, j) * x, 0));
  const offset = own * (sums.d - sums.x.reduce((sum, x, i) => sum + x * (kitchen[i] ?? 0), 0));
  const ownVariance = own - own * sums.x.reduce((sum, x, i) => sum + x * (spread[i] ?? 0), 0);
  return {
    mean: [...kitchen, offset],
    covariance: [
      ...[0, 1, 2].flatMap((i) => [k(i, 0), k(i, 1), k(i, 2), spread[i] ?? 0]),
      ...spread,
      ownVariance,
    ],
  };
}

/** How far a reading is from what was expected of it, in standard deviations of the two together. */
export function surprise(calibration: Calibration, one: Evidence): number {
  const correction = correctionOf(calibration, one.formulaId);
  const { modelBody, waterOutside } = one;
  const expected = correctionBody(correction, modelBody, waterOutside);
  const variance = correctionVariance(correction, modelBody, waterOutside) + one.variance;
  return (one.difference - expected) / Math.sqrt(variance);
}

/** A reading further off than this many standard deviations is asked about before it teaches. */
export const unlikelyBeyond = 3;
