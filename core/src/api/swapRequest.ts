import Joi from 'joi';
import { BadInput, checked } from '../book/fieldError';
import type { LandingPart } from '../landing/landParts';
import { resolveIngredient } from '../larder/find';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import type { Figures } from '../mix/figures';
import { type KeptName, keptNames } from '../swap/keptFigures';
import { type Candidate, type MovedPart, readySwap, swapFor } from '../swap/swap';
import { type AmountBy, amountsBy, type SwapQuestion } from '../swap/swapQuestion';
import { couldStandIn } from '../swap/couldStandIn';
import { swaps } from '../swap/swaps';
import { bowlAnswer, type BowlAnswer } from './answers';
import type { PartRequest } from './dipRequest';
import { freeOf } from './marksRequest';
import { type SwapDipRequest, swapDipKeys, swapDipQuestion, withinParts } from './swapDipRequest';

interface SwapRequest extends SwapDipRequest {
  swap: number;
  to?: string;
  keep: KeptName[];
  atHand?: string[];
  inBowl: boolean;
  amountBy: AmountBy;
}

const swapSchema = Joi.object<SwapRequest>({
  ...swapDipKeys,
  swap: Joi.number().integer().min(0).max(199).required(),
  to: Joi.string().min(1).max(120),
  keep: Joi.array()
    .items(Joi.string().valid(...keptNames))
    .unique()
    .default([...keptNames]),
  atHand: Joi.array().items(Joi.string().min(1).max(120)).max(300),
  inBowl: Joi.boolean().default(false),
  amountBy: Joi.string()
    .valid(...amountsBy)
    .default('strength'),
}).required();

/** A candidate as it is answered. */
export interface CandidateAnswer {
  ingredient: string;
  amount: string;
  massG: number;
  others: (Pick<MovedPart, 'ingredient' | 'from' | 'to'> & { part: number })[];
  /** The whole dip after it, as analyse takes it. */
  parts: PartRequest[];
  before: SwapFigures;
  after: SwapFigures;
  keeps: KeptName[];
  distance: number;
  gains: string[];
  loses: string[];
  costEur: number;
  keepDays: { before: number; after: number };
  colour: string | null;
  words: string;
}

/** Figures of a bowl with all that a swap keeps. */
export type SwapFigures = BowlAnswer & Record<'sugarsG' | 'heat' | 'bitter' | 'savoury', number>;

/** Figures as they are answered. */
export function swapFigures(figures: Figures, sd: number): SwapFigures {
  const { sugarsG, heat, bitter, savoury } = figures.per100g;
  return { ...bowlAnswer(figures, sd), sugarsG, heat, bitter, savoury };
}

/** A part as analyse takes it. */
export const partAnswer = ({
  ingredient,
  amountText,
  place,
  garlicForm,
  germOut,
  atC,
}: LandingPart): PartRequest => ({
  ingredient: ingredient.id,
  amount: amountText,
  where: place,
  ...(garlicForm ? { garlicForm } : {}),
  ...(germOut === undefined ? {} : { germOut }),
  ...(atC === undefined ? {} : { atC }),
});

function candidateAnswer(one: Candidate): CandidateAnswer {
  const { ingredient, amount, massG, others, parts, proposal, keeps, distance, colour, words } =
    one;
  const { before, after, consequences, sure } = proposal;
  const figures = (of: typeof before) => swapFigures(of, sure.bodySd);
  return {
    ...{ ingredient: ingredient.id, amount, massG, keeps, distance, colour, words },
    others: others.map(({ index, ingredient: id, from, to }) => ({
      part: index,
      ingredient: id,
      from,
      to,
    })),
    parts: parts.map(partAnswer),
    before: figures(before),
    after: figures(after),
    gains: consequences.allergensGained,
    loses: consequences.allergensLost,
    costEur: consequences.costEur,
    keepDays: consequences.keepDays,
  };
}

function named(larder: Larder, name: string, field: string): Ingredient {
  const found = resolveIngredient(larder, name);
  if (!found.ok) throw new BadInput(field, found.message);
  return found.value;
}

/**
 * What could go in instead of a part of a dip given as plain JSON (docs/format.md), or what one thing would do there.
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function swapRequest(value: unknown): { candidates: CandidateAnswer[] } {
  const request = checked(swapSchema, value);
  const { larder, question: asked } = swapDipQuestion(request);
  const { swap: index, keep, inBowl, amountBy } = request;
  withinParts(index, asked.parts.length, 'swap');
  const question: SwapQuestion = { ...asked, index, keep, inBowl, amountBy };
  if (request.to !== undefined) {
    const to = named(larder, request.to, 'to');
    return { candidates: [candidateAnswer(swapFor(readySwap(question), to))] };
  }
  const atHand = request.atHand?.map((name, i) => named(larder, name, `atHand[${i}]`).id);
  const among = {
    larder: larder.values(),
    free: freeOf(request.free),
    ...(atHand ? { atHand: new Set(atHand) } : {}),
  };
  return { candidates: swaps(question, couldStandIn(question, among)).map(candidateAnswer) };
}
