import Joi from 'joi';
import { grinds, type Method, usualMethod } from '../mix/method';
import {
  garlicForms,
  type GarlicForm,
  garlicOf,
  goesInC,
  type Part,
  type Place,
  places,
} from '../mix/part';
import { resolveIngredient } from '../larder/find';
import type { OwnIngredient } from '../larder/ingredient';
import { ownIngredientSchema } from '../larder/ingredientSchema';
import { type Larder, larderWith } from '../larder/larder';
import { type MeasureSystem, measureSystems } from '../amounts/measureSystem';
import { machines } from '../kitchen/machines';
import { readingSchema } from '../readings/readingSchema';
import type { ReadingTaken } from '../readings/takeReading';
import { readGrams } from '../amounts/toGrams';
import { BadInput } from '../book/fieldError';

/** One part of a dip as it stands in a request. */
export interface PartRequest {
  ingredient: string;
  amount: string;
  where: Place;
  garlicForm?: GarlicForm;
  germOut?: boolean;
  /** °C */
  atC?: number;
}

/** A reading with when it was taken. */
export type ReadingRequest = ReadingTaken & { after?: number; atC?: number };

/** A dip as the shell and HTTP take it. */
export interface DipRequest {
  measures: MeasureSystem;
  servedAtC: number;
  servedAfterMin?: number;
  method: Method;
  larder: OwnIngredient[];
  kitchen: { machine: string };
  /** Of the bowl on its way. */
  readings: ReadingRequest[];
  parts: PartRequest[];
}

/** Keys of one part, for analyse; landing adds its own. */
export const partKeys = {
  ingredient: Joi.string().min(1).max(120).required(),
  amount: Joi.string().min(1).max(200).required(),
  where: Joi.string()
    .valid(...places)
    .default('bowl'),
  garlicForm: Joi.string().valid(...Object.keys(garlicForms)),
  germOut: Joi.boolean(),
  atC: Joi.number().min(goesInC.low).max(goesInC.high),
};

export const methodSchema = Joi.object<Method>({
  grind: Joi.string()
    .valid(...grinds)
    .default(usualMethod.grind),
  blendC: Joi.number().min(-10).max(100),
  overrunPct: Joi.number().min(0).max(300).default(usualMethod.overrunPct),
  streamed: Joi.boolean(),
  atOnce: Joi.boolean().valid(true),
  minutes: Joi.number().min(0).max(600),
});

const usualMachine = 'food-processor';

/** Keys shared by every request about a dip. */
export const dipKeys = {
  measures: Joi.string()
    .valid(...measureSystems)
    .default('us'),
  servedAtC: Joi.number().min(-10).max(80).default(5),
  servedAfterMin: Joi.number().min(0).max(10_000),
  method: methodSchema.default({ ...usualMethod }),
  larder: Joi.array().items(ownIngredientSchema).max(500).default([]),
  kitchen: Joi.object({
    machine: Joi.string()
      .valid(...machines.map(({ id }) => id))
      .default(usualMachine),
  }).default({ machine: usualMachine }),
  readings: Joi.array()
    .items(
      (readingSchema as Joi.ObjectSchema<ReadingRequest>).keys({
        after: Joi.number().integer().min(1).max(200),
        atC: Joi.number().min(-10).max(100),
      }),
    )
    .max(50)
    .default([]),
};

export const analyseRequestSchema = Joi.object<DipRequest & { nudges: boolean }>({
  ...dipKeys,
  nudges: Joi.boolean().default(false),
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
}).required();

/**
 * The larder a request computes with.
 *
 * @throws BadInput when `like` points at nothing
 */
export function requestLarder(own: readonly OwnIngredient[]): Larder {
  try {
    return larderWith(own);
  } catch (error) {
    const index = own.findIndex(
      (one) =>
        'like' in one && error instanceof RangeError && error.message.includes(`“${one.id}”`),
    );
    throw new BadInput(`larder[${Math.max(0, index)}].like`, (error as Error).message);
  }
}

/**
 * Resolves a request's parts to grams.
 *
 * @param request a checked request
 * @returns parts in order, each with whether its amount was “to taste”
 * @throws BadInput naming the part's ingredient or amount
 */
export function requestParts(
  request: Pick<DipRequest, 'measures' | 'larder'> & { parts: readonly PartRequest[] },
  larder: Larder,
): (Part & { toTaste: boolean })[] {
  return request.parts.map((part, index) => {
    const found = resolveIngredient(larder, part.ingredient);
    if (!found.ok) throw new BadInput(`parts[${index}].ingredient`, found.message);
    const grams = readGrams(part.amount, found.value, request.measures);
    if (!grams.ok) throw new BadInput(`parts[${index}].amount`, grams.error.message);
    return {
      ingredient: found.value,
      massG: grams.value.massG,
      cv: grams.value.cv,
      toTaste: grams.value.toTaste,
      place: part.where,
      ...(part.atC === undefined ? {} : { atC: part.atC }),
      ...garlicOf(part),
    };
  });
}
