import { daysOut } from './daysOut';
import { fitGaussianProcess, type Position } from './gaussianProcess';
import { expectedImprovement, type Goal, merit } from './goal';
import { type LackOfFit, lackOfFit } from './lackOfFit';
import { mixtureModels } from './mixtureModel';
import { coordinatesOf, type MixturePoint, pointOf } from './mixturePoint';
import { pointsWithin } from './mixtureLattice';
import type { ShareLimits } from './mixtureRegion';
import { fitPolynomial, type Fitted, type Predicted, type TrialResult } from './polynomialFit';

/** What a response is learned with. */
export const responseModels = [...mixtureModels, 'gaussian-process', 'figures-process'] as const;
export type ResponseModel = (typeof responseModels)[number];

/** How well a model foretold trials it had not seen. */
export interface Foretold {
  model: ResponseModel;
  leaveOneOut: number;
}

/** What trials of a mixture say, and which is worth making next. */
export interface NextTrial {
  model: ResponseModel;
  /** Of a polynomial, in its terms' order; null for a Gaussian process. */
  coefficients: number[] | null;
  /** Every model that could be held against trials it had not seen, the best first. */
  foretold: Foretold[];
  residuals: number[];
  /** What the model gives the best of the trials that were made. */
  reached: number;
  /** Where the model is best within the limits. */
  best: MixturePoint & Predicted;
  /** Where a trial is expected to improve most on the best of those made. */
  next: MixturePoint & Predicted & { improvement: number };
  /** What to make beside it on the same day, without waiting for what comes of it. */
  beside: NextTrial['next'] | null;
  /** Whether the model misses more than trials done twice differ; null without any done twice. */
  lackOfFit: LackOfFit | null;
  /** What the model says of any mixture. */
  predict: Fitted['predict'];
  /** Whether that is worth a bowl: more than the trials' own noise would hide. */
  worthwhile: boolean;
}

/** How trials are learned from, where it is not left to what foretells them best. */
export interface Learning {
  /** The one model to learn with. */
  model?: ResponseModel | undefined;
  /** What a model of the bowl says of a mixture; without it nothing is learned over figures. */
  figures?: Position | undefined;
  /** What is wanted of the response; more where left out. */
  goal?: Goal | undefined;
}

function fitOf(
  model: ResponseModel,
  results: readonly TrialResult[],
  figures: Position | undefined,
): Fitted | null {
  if (model === 'gaussian-process') return fitGaussianProcess(results);
  if (model === 'figures-process') return figures ? fitGaussianProcess(results, figures) : null;
  return fitPolynomial(model, results);
}

/** A plainer model is kept until another foretells better by this share. */
const plainer = 0.95;

/** The models that can be held against unseen trials, and the one that foretells them best, plainer ones first. */
function learned(results: readonly TrialResult[], { model: asked, figures }: Learning) {
  const fits = (asked === undefined ? responseModels : [asked]).flatMap((model) => {
    const fit = fitOf(model, results, figures);
    return fit ? [{ model, fit, off: fit.leaveOneOut }] : [];
  });
  const known = fits.flatMap(({ off, ...one }) => (off === null ? [] : [{ ...one, off }]));
  const chosen = known.reduce<(typeof known)[number] | null>(
    (best, one) => (best === null || one.off < plainer * best.off ? one : best),
    null,
  );
  return { chosen: chosen ?? fits[0] ?? null, known };
}

type Proposed = NextTrial['next'];

type Foreseen = MixturePoint & Predicted;

/** The best of some. */
const bestOf = <T extends { y: number }>(some: readonly T[], goal: Goal): T =>
  some.reduce((best, one) => (merit(goal, one.y) > merit(goal, best.y) ? one : best));

/** Of some mixtures that from which most is expected; where nothing is of any, the best. */
function mostImproving(points: readonly Foreseen[], goal: Goal, reached: number): Proposed {
  const best = merit(goal, reached);
  const improving = points.map((one): Proposed => ({
    ...one,
    improvement: expectedImprovement(goal, one, best),
  }));
  const most = improving.reduce((top, one) => (one.improvement > top.improvement ? one : top));
  return most.improvement > 0 ? most : bestOf(improving, goal);
}

const foreseen = (points: readonly MixturePoint[], { predict }: Fitted): Foreseen[] =>
  points.map((point) => ({ ...point, ...predict(point.shares, point.levels) }));

/** Two bowls that differ by less than this, as a share or a level, are one bowl made twice (J). */
const oneBowl = 0.02;

function isApart(one: MixturePoint, other: MixturePoint): boolean {
  const there = coordinatesOf(other);
  return coordinatesOf(one).some((value, i) => Math.abs(value - (there[i] ?? 0)) > oneBowl);
}

/**
 * What to make beside the next trial, on the same day: the most improving other one once the next has come out as it is predicted.
 *
 * @returns null where the model can't learn from it
 * @see Ginsbourger, Le Riche & Carraro (2010), Kriging is well-suited to parallelize optimization (the believer)
 */
function beside(
  points: readonly MixturePoint[],
  results: readonly TrialResult[],
  { model, next }: Pick<NextTrial, 'model' | 'next'>,
  { figures, goal = 'more' }: Learning,
): Proposed | null {
  const known = [...results, { ...pointOf(next), y: next.y }];
  const fit = fitOf(model, known, figures);
  if (!fit) return null;
  const elsewhere = points.filter((point) => isApart(point, next));
  if (elsewhere.length === 0) return null;
  return mostImproving(foreseen(elsewhere, fit), goal, bestOf(foreseen(known, fit), goal).y);
}

/** An improvement smaller than this share of what one trial is off the model by is none (J). */
const worthIts = 0.5;

/**
 * Learns from trials of a mixture and says where it is best and which trial is worth making next. The model is the plainest of those that
 * foretell left-out trials about best, unless one is asked for.
 *
 * @param limits of the components, as shares
 * @param tried what came of trials; where they were made on several days, what days differ by is taken out
 * @param learning with which model, and over which figures
 * @returns null where no model can be learned: too few trials, or all alike
 */
export function nextTrial(
  limits: readonly ShareLimits[],
  tried: readonly TrialResult[],
  learning: Learning = {},
): NextTrial | null {
  const results = daysOut(tried);
  const { chosen, known } = learned(results, learning);
  if (!chosen) return null;
  const { model, fit } = chosen;
  const { goal = 'more' } = learning;
  const varied = results[0]?.levels?.length ?? 0;
  const points = pointsWithin(limits, varied);
  if (points.length === 0) return null;
  const seen = foreseen(points, fit);
  const best = bestOf(seen, goal);
  const reached = bestOf(foreseen(results, fit), goal).y;
  const next = mostImproving(seen, goal, reached);
  return {
    ...{ model, coefficients: fit.coefficients, residuals: fit.residuals, best, next, reached },
    predict: fit.predict,
    beside: beside(points, results, { model, next }, learning),
    lackOfFit: fit.coefficients ? lackOfFit(results, fit.residuals, fit.coefficients.length) : null,
    foretold: known
      .map((one) => ({ model: one.model, leaveOneOut: one.off }))
      .sort((a, b) => a.leaveOneOut - b.leaveOneOut),
    worthwhile: next.improvement > worthIts * fit.noiseSd && next.improvement > 1e-9,
  };
}
