import Joi from 'joi';
import { type MeasureSystem, measureSystems } from '../amounts/measureSystem';
import { checked } from '../book/fieldError';
import type { OwnIngredient } from '../larder/ingredient';
import { ownIngredientSchema } from '../larder/ingredientSchema';
import type { LineQuestion, ReadPart, SkipReason } from '../lines/lineReading';
import { readRecipe } from '../lines/readRecipe';
import { requestLarder } from './dipRequest';

interface LinesRequest {
  text: string;
  measures: MeasureSystem;
  larder: OwnIngredient[];
}

/** More than this is no recipe. */
const mostChars = 20_000;

const linesSchema = Joi.object<LinesRequest>({
  text: Joi.string().allow('').max(mostChars).required(),
  measures: Joi.string()
    .valid(...measureSystems)
    .default('us'),
  larder: Joi.array().items(ownIngredientSchema).max(500).default([]),
}).required();

type OnLine<T> = { line: number } & T;

/** What lines were read as; every line that is not blank is in one of the lists or more. */
export interface LinesAnswer {
  title?: string;
  makes?: string;
  parts: OnLine<ReadPart>[];
  ask: OnLine<Pick<LineQuestion, 'text' | 'why' | 'kind' | 'candidates' | 'part'>>[];
  skipped: { line: number; text: string; why: SkipReason }[];
}

/**
 * Reads one line or a whole recipe given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function linesRequest(value: unknown): LinesAnswer {
  const { text, measures, larder } = checked(linesSchema, value);
  const { title, makes, lines } = readRecipe(text, { larder: requestLarder(larder), measures });
  return {
    ...(title === null ? {} : { title }),
    ...(makes === null ? {} : { makes }),
    parts: lines.flatMap(({ line, parts }) => parts.map((part) => ({ line, ...part }))),
    ask: lines.flatMap(({ line, ask }) => ask.map((one) => ({ line, ...one }))),
    skipped: lines.flatMap(({ line, text: said, skipped }) =>
      skipped === null ? [] : [{ line, text: said, why: skipped }],
    ),
  };
}
