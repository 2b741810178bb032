import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import type { Goal } from '../design/goal';
import { goalSchema } from '../design/goalSchema';
import { type MixturePoint, pointOf } from '../design/mixturePoint';
import { reachableLimits } from '../design/mixtureRegion';
import { type NextTrial, nextTrial, type ResponseModel, responseModels } from '../design/nextTrial';
import { nextWords } from '../design/nextWords';
import type { TrialResult } from '../design/polynomialFit';
import { mostVaried } from '../design/variedFigure';
import { mixtureFigures } from '../dip/mixtureFigures';
import { analyseRequestSchema, type DipRequest, requestLarder, requestParts } from './dipRequest';
import {
  componentPlaces,
  componentsSchema,
  type RequestedComponent,
  share,
} from './mixtureComponents';
import { requestKitchen } from './requestKitchen';

interface NextRequest {
  components: RequestedComponent[];
  results: TrialResult[];
  model?: ResponseModel;
  /** What is wanted of the response. */
  goal: Goal;
  /** The dip the components are of, as analyse takes it: what is learned over figures needs it. */
  dip?: DipRequest;
}

const nextSchema = Joi.object<NextRequest>({
  components: componentsSchema,
  results: Joi.array()
    .items(
      Joi.object<TrialResult>({
        shares: Joi.array().items(share).required(),
        levels: Joi.array().items(share).min(1).max(mostVaried),
        y: Joi.number().min(-1e9).max(1e9).required(),
        sd: Joi.number().positive().max(1e9),
      }),
    )
    .min(2)
    .max(200)
    .required(),
  model: Joi.string().valid(...responseModels),
  goal: goalSchema(1e9).default('more'),
  dip: analyseRequestSchema.optional(),
}).required();

type Proposal = MixturePoint & { y: number; improvement: number };

/** What trials of a mixture say, and which is worth making next. */
export interface NextAnswer {
  model: ResponseModel;
  /** Of a polynomial: shares, products of two, products of three, in the components' order. */
  coefficients: number[] | null;
  /** 95 % interval. */
  best: MixturePoint & { y: number; low: number; high: number };
  next: Proposal & { why: string };
  /** What to make beside it on the same day; null where nothing can be said. */
  beside: Proposal | null;
  /** Of a polynomial with trials done twice: whether it misses more than they differ. */
  lackOfFit: { f: number; df: readonly [number, number]; p: number } | null;
  worthwhile: boolean;
  leaveOneOut: NextTrial['foretold'];
  residuals: number[];
}

/** How far shares may lie off one in all. */
const roundingOff = 1e-3;
const interval = 1.96;

/** What the model of the bowl says of a mixture of a request's dip; none without a dip. */
function figuresIn({ dip, components }: NextRequest) {
  if (!dip) return undefined;
  const larder = requestLarder(dip.larder);
  const parts = requestParts(dip, larder);
  const { conditions } = requestKitchen(dip, larder, parts);
  return mixtureFigures(parts, conditions, componentPlaces(components, parts, larder));
}

const proposal = (one: Proposal): Proposal => ({
  ...pointOf(one),
  ...{ y: one.y, improvement: one.improvement },
});

/**
 * Learns from trials of a mixture and proposes the next one, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function nextRequest(value: unknown): NextAnswer {
  const request = checked(nextSchema, value);
  const { components, results, model, goal } = request;
  if (!reachableLimits(components)) {
    throw new BadInput('components', 'With these limits the shares can’t add up to one.');
  }
  const varied = results[0]?.levels?.length ?? 0;
  const scaled = results.map(({ shares, ...rest }, i) => {
    const field = `results[${i}].shares`;
    if (shares.length !== components.length) {
      throw new BadInput(field, `There are ${components.length} components.`);
    }
    if ((rest.levels?.length ?? 0) !== varied) {
      throw new BadInput(`results[${i}].levels`, `The first result has ${varied} levels.`);
    }
    const sum = shares.reduce((total, one) => total + one, 0);
    if (Math.abs(sum - 1) > roundingOff) {
      throw new BadInput(field, `They add up to ${sum.toFixed(3)}, not to one.`);
    }
    return { ...rest, shares: shares.map((one) => one / sum) };
  });
  const told = nextTrial(components, scaled, { model, goal, figures: figuresIn(request) });
  if (!told) {
    throw new BadInput(
      'results',
      'These trials are too few, or too much alike, for a model of these components.',
    );
  }
  const { best, next, beside } = told;
  const half = interval * best.sd;
  return {
    ...{ model: told.model, coefficients: told.coefficients, residuals: told.residuals },
    best: { ...pointOf(best), y: best.y, low: best.y - half, high: best.y + half },
    next: { ...proposal(next), why: nextWords(told, 2, goal) },
    beside: beside && proposal(beside),
    lackOfFit: told.lackOfFit && {
      f: told.lackOfFit.f,
      df: told.lackOfFit.df,
      p: told.lackOfFit.p,
    },
    ...{ worthwhile: told.worthwhile, leaveOneOut: told.foretold },
  };
}
