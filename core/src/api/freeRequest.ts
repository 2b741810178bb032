import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { type Diet, diets } from '../dip/diets';
import type { LandingPart } from '../landing/landParts';
import { everyday } from '../larder/everyday';
import { type Family, families } from '../mix/families';
import { type KeptName, keptNames } from '../swap/keptFigures';
import { madeFree } from '../swap/freeOf';
import {
  dipKeys,
  type DipRequest,
  partKeys,
  type PartRequest,
  requestLarder,
  requestParts,
} from './dipRequest';
import { type LandRequest, requestTargets, targetSchema } from './landRequest';
import { freeOf, type FreeRequest, freeSchema } from './marksRequest';
import { requestKitchen } from './requestKitchen';
import { partAnswer, swapFigures, type SwapFigures } from './swapRequest';

interface FreeDipRequest extends DipRequest {
  free: FreeRequest;
  diet?: Diet;
  hold: number[];
  family: Family;
  target: LandRequest['target'];
}

const freeDipSchema = Joi.object<FreeDipRequest>({
  ...dipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(60).required(),
  free: freeSchema.default([]),
  diet: Joi.string().valid(...diets),
  hold: Joi.array().items(Joi.number().integer().min(0).max(199)).max(200).default([]),
  family: Joi.string()
    .valid(...families)
    .default('pulse'),
  target: targetSchema.default({}),
}).required();

/** A dip made free of something, as it is answered. */
export interface FreeAnswer {
  proposals: {
    parts: PartRequest[];
    swapped: { from: string; to: string | null }[];
    before: SwapFigures;
    after: SwapFigures;
    keeps: KeptName[];
    distance: number;
    words: string;
  }[];
  cannot?: string;
}

/**
 * A whole dip made free of allergens or of what a diet leaves out, given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function freeRequest(value: unknown): FreeAnswer {
  const request = checked(freeDipSchema, value);
  const asked = freeOf(request.free);
  const free = { ...asked, diets: [...asked.diets, ...(request.diet ? [request.diet] : [])] };
  if (free.allergens.length + free.diets.length === 0) {
    throw new BadInput('free', 'Say what it is to be free of.');
  }
  const larder = requestLarder(request.larder);
  const read = requestParts(request, larder);
  const { machine, conditions } = requestKitchen(request, larder, read);
  const { proposals, cannot } = madeFree(
    {
      parts: read.map((part, i): LandingPart => ({
        ...part,
        amountText: request.parts[i]?.amount ?? '',
        hold: request.hold.includes(i),
      })),
      bowl: { machine, family: request.family },
      under: { conditions, method: request.method, machine, worked: [] },
      targets: requestTargets(request.target),
      keep: keptNames,
      inBowl: false,
      mayAdd: [everyday.water, everyday.salt].flatMap((id) => larder.get(id) ?? []),
    },
    [...larder.values()],
    free,
  );
  return {
    proposals: proposals.map(({ parts, swapped, proposal, keeps, distance, words }) => ({
      parts: parts.filter((part) => part !== null).map(partAnswer),
      swapped: swapped.map(({ from, to }) => ({ from: from.id, to: to?.id ?? null })),
      before: swapFigures(proposal.before, proposal.sure.bodySd),
      after: swapFigures(proposal.after, proposal.sure.bodySd),
      ...{ keeps, distance, words },
    })),
    ...(cannot === null ? {} : { cannot }),
  };
}
