import Joi from 'joi';
import { BadInput } from '../book/fieldError';
import type { LandingPart } from '../landing/landParts';
import type { Larder } from '../larder/larder';
import { type Family, families } from '../mix/families';
import { mayAddFrom, type SwapQuestion } from '../swap/swapQuestion';
import { dipKeys, type DipRequest, partKeys, requestLarder, requestParts } from './dipRequest';
import { type LandRequest, requestTargets, targetSchema } from './landRequest';
import { type FreeRequest, freeSchema } from './marksRequest';
import { requestRules, rulesSchema } from './requestRules';
import { requestKitchen } from './requestKitchen';

/** A dip something is swapped in, as the shell and HTTP take it. */
export interface SwapDipRequest extends DipRequest {
  free: FreeRequest;
  /** Places that must not move. */
  hold: number[];
  family: Family;
  target: LandRequest['target'];
  /** What holds between the parts, in words. */
  rules: string[];
}

/** Keys of one; each request adds its own. */
export const swapDipKeys = {
  ...dipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
  free: freeSchema.default([]),
  hold: Joi.array().items(Joi.number().integer().min(0).max(199)).max(200).default([]),
  family: Joi.string()
    .valid(...families)
    .default('pulse'),
  target: targetSchema.default({}),
  rules: rulesSchema,
};

/**
 * What is asked of such a dip, but for the part in question and what is kept.
 *
 * @throws BadInput naming the part, place or figure that is wrong
 */
export function swapDipQuestion(request: SwapDipRequest): {
  larder: Larder;
  question: Omit<SwapQuestion, 'index' | 'amountBy' | 'keep' | 'inBowl'>;
} {
  const larder = requestLarder(request.larder);
  const read = requestParts(request, larder);
  request.hold.forEach((place, i) => withinParts(place, read.length, `hold[${i}]`));
  const { machine, conditions } = requestKitchen(request, larder, read);
  const ruled = requestRules(request.rules, read, request.parts);
  return {
    larder,
    question: {
      parts: read.map((part, i): LandingPart => ({
        ...part,
        amountText: request.parts[i]?.amount ?? '',
        hold: request.hold.includes(i),
      })),
      bowl: { machine, family: request.family },
      under: { conditions, method: request.method, machine, worked: [] },
      targets: requestTargets(request.target),
      mayAdd: mayAddFrom(larder),
      ...(ruled ? { ruled } : {}),
    },
  };
}

/** @throws BadInput naming the field, for a place there is no part at */
export function withinParts(place: number, count: number, field: string): void {
  if (place >= count) throw new BadInput(field, `There are ${count} parts, counted from 0.`);
}
