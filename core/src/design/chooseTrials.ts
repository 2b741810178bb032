import { Matrix, SVD } from 'ml-matrix';
import { dOptimal } from './dOptimal';
import { type MixtureModel, modelTerms, termCount } from './mixtureModel';
import type { MixturePoint } from './mixturePoint';

/** Trials chosen among points, in the order they are made. */
export interface ChosenTrials {
  /** Places among the points; one twice is a trial done twice. */
  chosen: number[];
  /** D-efficiency, 0–1. */
  efficiency: number;
  /** What so many trials can tell apart. */
  model: MixtureModel;
}

/** Points that lie on a line tell no plane, however many they are; the least singular value against the largest that counts. */
const leastSpread = 1e-6;

const rowsOf = (points: readonly MixturePoint[], model: MixtureModel) =>
  points.map(({ shares, levels }) => modelTerms(model, shares, levels));

function tellsTerms(points: readonly MixturePoint[], model: MixtureModel): boolean {
  const rows = rowsOf(points, model);
  const terms = rows[0]?.length ?? 0;
  if (terms === 0 || points.length < terms) return false;
  const { diagonal } = new SVD(new Matrix(rows));
  const [first = 0] = diagonal;
  return (diagonal[terms - 1] ?? 0) > leastSpread * first;
}

/** The richest model first. */
const models: readonly MixtureModel[] = ['quadratic', 'linear'];

/**
 * Chooses trials for the richest model that so many of them, and so many points, can tell.
 *
 * @param points that may be tried
 * @param n trials
 * @param seed the same seed gives the same trials, in the same order
 * @returns null where they are too few, or lie too much in a line, for any model
 */
export function chooseTrials(
  points: readonly MixturePoint[],
  n: number,
  seed: number,
): ChosenTrials | null {
  const { shares = [], levels = [] } = points[0] ?? {};
  const model = models.find(
    (one) => n >= termCount(one, shares.length, levels.length) && tellsTerms(points, one),
  );
  return model ? { ...dOptimal(rowsOf(points, model), n, seed), model } : null;
}
