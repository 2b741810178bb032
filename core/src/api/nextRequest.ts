import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { reachableLimits } from '../design/mixtureRegion';
import { type NextTrial, nextTrial, type ResponseModel, responseModels } from '../design/nextTrial';
import type { TrialResult } from '../design/polynomialFit';
import { componentsSchema, type RequestedComponent, share } from './mixtureComponents';

interface NextRequest {
  components: RequestedComponent[];
  results: TrialResult[];
  model?: ResponseModel;
}

const nextSchema = Joi.object<NextRequest>({
  components: componentsSchema,
  results: Joi.array()
    .items(
      Joi.object<TrialResult>({
        shares: Joi.array().items(share).required(),
        y: Joi.number().min(-1e9).max(1e9).required(),
        sd: Joi.number().positive().max(1e9),
      }),
    )
    .min(2)
    .max(200)
    .required(),
  model: Joi.string().valid(...responseModels),
}).required();

/** What trials of a mixture say, and which is worth making next. */
export interface NextAnswer {
  model: ResponseModel;
  /** Of a polynomial: shares, products of two, products of three, in the components' order. */
  coefficients: number[] | null;
  /** 95 % interval. */
  best: { shares: number[]; y: number; low: number; high: number };
  next: { shares: number[]; y: number; improvement: number; why: string };
  worthwhile: boolean;
  leaveOneOut: NextTrial['foretold'];
  residuals: number[];
}

/** How far shares may lie off one in all. */
const roundingOff = 1e-3;
const interval = 1.96;

/** Why this trial and not another, in one sentence. */
function whyWords({ next, reached, worthwhile }: NextTrial): string {
  const { y, sd } = next;
  const said = `${y.toFixed(2)} ± ${sd.toFixed(2)}`;
  const best = `the best so far ${reached.toFixed(2)}`;
  if (!worthwhile) {
    return `No mixture is expected to do better by more than the trials’ own noise would hide; this comes nearest, at ${said}, ${best}.`;
  }
  return y >= reached
    ? `It is expected to be better: ${said}, ${best}.`
    : `Little is known there, and it may be better: ${said}, ${best}.`;
}

/**
 * Learns from trials of a mixture and proposes the next one, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function nextRequest(value: unknown): NextAnswer {
  const { components, results, model } = checked(nextSchema, value);
  if (!reachableLimits(components)) {
    throw new BadInput('components', 'With these limits the shares can’t add up to one.');
  }
  const scaled = results.map(({ shares, ...rest }, i) => {
    const field = `results[${i}].shares`;
    if (shares.length !== components.length) {
      throw new BadInput(field, `There are ${components.length} components.`);
    }
    const sum = shares.reduce((total, one) => total + one, 0);
    if (Math.abs(sum - 1) > roundingOff) {
      throw new BadInput(field, `They add up to ${sum.toFixed(3)}, not to one.`);
    }
    return { ...rest, shares: shares.map((one) => one / sum) };
  });
  const told = nextTrial(components, scaled, model);
  if (!told) {
    throw new BadInput(
      'results',
      'These trials are too few, or too much alike, for a model of these components.',
    );
  }
  const { best, next } = told;
  const half = interval * best.sd;
  return {
    ...{ model: told.model, coefficients: told.coefficients, residuals: told.residuals },
    best: { shares: best.shares, y: best.y, low: best.y - half, high: best.y + half },
    next: {
      ...{ shares: next.shares, y: next.y, improvement: next.improvement },
      why: whyWords(told),
    },
    ...{ worthwhile: told.worthwhile, leaveOneOut: told.foretold },
  };
}
