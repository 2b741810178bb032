import { dOptimal } from './dOptimal';
import { type MixtureModel, modelTerms, termCount } from './mixtureModel';

/** Trials chosen among points, in the order they are made. */
export interface ChosenTrials {
  /** Places among the points; one twice is a trial done twice. */
  chosen: number[];
  /** D-efficiency, 0–1. */
  efficiency: number;
  /** What so many trials can tell apart. */
  model: MixtureModel;
}

/** The richest model first. */
const models: readonly MixtureModel[] = ['quadratic', 'linear'];

/**
 * Chooses trials for the richest model that so many of them, and so many points, can tell.
 *
 * @param points shares that may be tried
 * @param n trials
 * @param seed the same seed gives the same trials, in the same order
 * @returns null where they are too few for any model
 */
export function chooseTrials(
  points: readonly (readonly number[])[],
  n: number,
  seed: number,
): ChosenTrials | null {
  const components = points[0]?.length ?? 0;
  const model = models.find((one) => {
    const terms = termCount(one, components);
    return terms > 0 && n >= terms && points.length >= terms;
  });
  if (!model) return null;
  const rows = points.map((point) => modelTerms(model, point));
  return { ...dOptimal(rows, n, seed), model };
}
