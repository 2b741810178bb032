import { inverse, Matrix, QrDecomposition } from 'ml-matrix';
import { quadraticForm } from '../statistics/matrices';
import { type MixtureModel, modelTerms } from './mixtureModel';
import type { MixturePoint } from './mixturePoint';

/** What came of one trial of a mixture. */
export interface TrialResult extends MixturePoint {
  /** The response: liking, body, cost, in its own unit. */
  y: number;
  /** How sure it is of itself, one standard deviation; alike in all where left out. */
  sd?: number;
  /** The day it was tried on, where that is taken out; counted from 1. */
  day?: number;
}

/** What a model says of a point. */
export interface Predicted {
  y: number;
  /** One standard deviation of what is predicted, without a new trial's own noise. */
  sd: number;
}

/** A model that has learned from trials. */
export interface Fitted {
  predict(shares: readonly number[], levels?: readonly number[]): Predicted;
  /** Root mean square of what each trial lies off a model that has not seen it; null where there is none without it. */
  leaveOneOut: number | null;
  /** What one trial is off the model by, one standard deviation. */
  noiseSd: number;
  /** Of the trials, what was seen less what is said. */
  residuals: number[];
  /** Of a polynomial one a term, in the terms' order; null where there are none. */
  coefficients: number[] | null;
}

/** A trial that decides a term alone tells nothing of the model without it. */
const decidesAlone = 1 - 1e-9;

/**
 * Scheffé's polynomial by weighted least squares (QR).
 *
 * @param results more than the model has terms
 * @returns null where the trials can't tell the terms apart, or are too few
 * @see Montgomery, Peck & Vining, Introduction to Linear Regression Analysis, 5th ed., 3 and 11 (PRESS)
 */
export function fitPolynomial(model: MixtureModel, results: readonly TrialResult[]): Fitted | null {
  const n = results.length;
  const weights = results.map(({ sd }) => (sd === undefined || sd <= 0 ? 1 : 1 / sd));
  const rows = results.map(({ shares, levels }) => modelTerms(model, shares, levels));
  const p = rows[0]?.length ?? 0;
  if (n <= p || p === 0) return null;
  const x = new Matrix(rows.map((row, i) => row.map((term) => term * (weights[i] ?? 1))));
  const y = Matrix.columnVector(results.map((one, i) => one.y * (weights[i] ?? 1)));
  const qr = new QrDecomposition(x);
  const information = x.transpose().mmul(x);
  if (!qr.isFullRank()) return null;
  const coefficients = qr.solve(y).to1DArray();
  const inverted = inverse(information).to1DArray();
  if (!inverted.every(Number.isFinite)) return null;
  const said = (row: readonly number[]) =>
    row.reduce((sum, term, i) => sum + term * (coefficients[i] ?? 0), 0);
  const residuals = results.map((one, i) => one.y - said(rows[i] ?? []));
  const scaled = residuals.map((one, i) => one * (weights[i] ?? 1));
  const variance = scaled.reduce((sum, one) => sum + one * one, 0) / (n - p);
  const leverage = x.to2DArray().map((row) => quadraticForm(inverted, row));
  const without = residuals.map((one, i) => one / (1 - (leverage[i] ?? 0)));
  return {
    coefficients,
    residuals,
    noiseSd: Math.sqrt(variance),
    predict: (shares, levels) => {
      const row = modelTerms(model, shares, levels);
      return { y: said(row), sd: Math.sqrt(Math.max(0, variance * quadraticForm(inverted, row))) };
    },
    leaveOneOut: leverage.every((one) => one < decidesAlone)
      ? Math.sqrt(without.reduce((sum, one) => sum + one * one, 0) / n)
      : null,
  };
}
