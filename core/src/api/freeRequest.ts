import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import { type Diet, diets } from '../dip/diets';
import { type KeptName, keptNames } from '../swap/keptFigures';
import { madeFree } from '../swap/freeOf';
import { partKeys, type PartRequest } from './dipRequest';
import { freeOf } from './marksRequest';
import { type SwapDipRequest, swapDipKeys, swapDipQuestion } from './swapDipRequest';
import { partAnswer, swapFigures, type SwapFigures } from './swapRequest';

interface FreeDipRequest extends SwapDipRequest {
  diet?: Diet;
}

const freeDipSchema = Joi.object<FreeDipRequest>({
  ...swapDipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(60).required(),
  diet: Joi.string().valid(...diets),
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
  const { larder, question } = swapDipQuestion(request);
  const { proposals, cannot } = madeFree(
    { ...question, keep: keptNames, inBowl: false },
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
