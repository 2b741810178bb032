import { normalCdf } from '../statistics/normalCdf';
import { fitGaussianProcess } from './gaussianProcess';
import { mixtureModels } from './mixtureModel';
import { candidatePoints, reachableLimits, type ShareLimits } from './mixtureRegion';
import { fitPolynomial, type Fitted, type Predicted, type TrialResult } from './polynomialFit';

/** What a response is learned with. */
export const responseModels = [...mixtureModels, 'gaussian-process'] as const;
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
  /** The highest that the model gives any trial that was made. */
  reached: number;
  /** Where the model is highest within the limits. */
  best: { shares: number[] } & Predicted;
  /** Where a trial is expected to improve most on the best of those made. */
  next: { shares: number[] } & Predicted & { improvement: number };
  /** What the model says of any mixture. */
  predict: Fitted['predict'];
  /** Whether that is worth a bowl: more than the trials' own noise would hide. */
  worthwhile: boolean;
}

/** Cuts of the simplex that are looked at. */
const cuts: Record<number, number> = { 2: 60, 3: 40, 4: 18, 5: 12 };

/**
 * Mixtures on a lattice within limits, with the points worth a trial.
 *
 * @param limits two to five components
 */
export function latticeWithin(limits: readonly ShareLimits[]): number[][] {
  const reachable = reachableLimits(limits);
  if (!reachable) return [];
  const q = limits.length;
  const free = 1 - reachable.reduce((sum, { min }) => sum + min, 0);
  const steps = cuts[q] ?? 10;
  const points: number[][] = [];
  const place = (at: number, left: number, soFar: readonly number[]) => {
    if (at === q - 1) {
      points.push([...soFar, left]);
      return;
    }
    for (let k = 0; k <= left; k += 1) place(at + 1, left - k, [...soFar, k]);
  };
  place(0, steps, []);
  const shares = points
    .map((point) => point.map((k, i) => (reachable[i]?.min ?? 0) + (free * k) / steps))
    .filter((point) => point.every((x, i) => x <= (reachable[i]?.max ?? 1) + 1e-9));
  return [...shares, ...candidatePoints(limits)];
}

/** Expected improvement on what is best so far; Jones, Schonlau & Welch (1998), eq. 15. */
export function expectedImprovement({ y, sd }: Predicted, best: number): number {
  if (sd <= 0) return Math.max(0, y - best);
  const z = (y - best) / sd;
  return (y - best) * normalCdf(z) + (sd * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}

function fitOf(model: ResponseModel, results: readonly TrialResult[]): Fitted | null {
  return model === 'gaussian-process' ? fitGaussianProcess(results) : fitPolynomial(model, results);
}

/** A plainer model is kept until another foretells better by this share. */
const plainer = 0.95;

/** The models that can be held against unseen trials, and the one that foretells them best, plainer ones first. */
function learned(results: readonly TrialResult[], asked: ResponseModel | undefined) {
  const fits = (asked === undefined ? responseModels : [asked]).flatMap((model) => {
    const fit = fitOf(model, results);
    return fit ? [{ model, fit, off: fit.leaveOneOut }] : [];
  });
  const known = fits.flatMap(({ off, ...one }) => (off === null ? [] : [{ ...one, off }]));
  const chosen = known.reduce<(typeof known)[number] | null>(
    (best, one) => (best === null || one.off < plainer * best.off ? one : best),
    null,
  );
  return { chosen: chosen ?? fits[0] ?? null, known };
}

/** An improvement smaller than this share of the trials' own spread about the model is none (J). */
const worthIts = 0.5;

/**
 * Learns from trials of a mixture and says where it is best and which trial is worth making next. The model is the plainest of those that
 * foretell left-out trials about best, unless one is asked for.
 *
 * @param limits of the components, as shares
 * @returns null where no model can be learned: too few trials, or all alike
 */
export function nextTrial(
  limits: readonly ShareLimits[],
  results: readonly TrialResult[],
  asked?: ResponseModel,
): NextTrial | null {
  const { chosen, known } = learned(results, asked);
  if (!chosen) return null;
  const { model, fit } = chosen;
  const points = latticeWithin(limits).map((shares) => ({ shares, ...fit.predict(shares) }));
  const [first] = points;
  if (!first) return null;
  const best = points.reduce((most, one) => (one.y > most.y ? one : most), first);
  const reached = Math.max(...results.map(({ shares }) => fit.predict(shares).y));
  const improving = points.map((one) => ({
    ...one,
    improvement: expectedImprovement(one, reached),
  }));
  const next = improving.reduce((most, one) => (one.improvement > most.improvement ? one : most));
  const off = Math.sqrt(
    fit.residuals.reduce((sum, one) => sum + one * one, 0) / Math.max(1, fit.residuals.length),
  );
  return {
    ...{ model, coefficients: fit.coefficients, residuals: fit.residuals, best, next, reached },
    predict: fit.predict,
    foretold: known
      .map((one) => ({ model: one.model, leaveOneOut: one.off }))
      .sort((a, b) => a.leaveOneOut - b.leaveOneOut),
    worthwhile: next.improvement > worthIts * off && next.improvement > 1e-9,
  };
}
