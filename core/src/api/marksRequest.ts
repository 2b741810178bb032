import Joi from 'joi';
import type { FreeOf } from '../advise/plausible';
import { BadInput } from '../book/fieldError';
import { type Diet, diets } from '../dip/diets';
import { type Taste, type TasteMarks, tastes, type Verdict, verdicts } from '../readings/tastes';
import { timesRunning } from '../readings/timesRunning';

/** A mark, with how many parts were in when it was tasted; all of them when left out. */
interface Mark {
  verdict: Verdict;
  after?: number;
}

/** Marks in order, the last of a taste counts; or by taste. */
export type MarksRequest =
  readonly (Mark & { taste: Taste })[] | Partial<Record<Taste, Verdict | Mark>>;

const verdict = Joi.string().valid(...verdicts);
const after = Joi.number().integer().min(1).max(200);

export const marksSchema = Joi.alternatives().try(
  Joi.array()
    .items(
      Joi.object({
        taste: Joi.string()
          .valid(...tastes)
          .required(),
        verdict: verdict.required(),
        after,
      }),
    )
    .max(50),
  Joi.object(
    Object.fromEntries(
      tastes.map((taste) => [
        taste,
        Joi.alternatives().try(verdict, Joi.object({ verdict: verdict.required(), after })),
      ]),
    ),
  ),
);

function inOrder(marks: MarksRequest): (Mark & { taste: Taste })[] {
  if (Array.isArray(marks)) return [...(marks as readonly (Mark & { taste: Taste })[])];
  return Object.entries(marks as Partial<Record<Taste, Verdict | Mark>>).flatMap(([taste, mark]) =>
    mark === undefined
      ? []
      : [{ taste: taste as Taste, ...(typeof mark === 'string' ? { verdict: mark } : mark) }],
  );
}

/**
 * Marks as they count, when each was tasted, and how many times running it was marked the same with something going in between.
 *
 * @param plain marks of the bowl as it is now
 * @param count parts in the bowl
 * @throws BadInput where a mark is of more parts than there are
 */
export function marksOf(plain: TasteMarks, marks: MarksRequest, count: number) {
  const marked: TasteMarks = { ...plain };
  const tastedAfter: Partial<Record<Taste, number>> = {};
  const counted = inOrder(marks).map((mark, index) => {
    if (mark.after !== undefined && mark.after > count) {
      const at = Array.isArray(marks) ? `marks[${index}]` : `marks.${mark.taste}`;
      throw new BadInput(`${at}.after`, `There are ${count} parts, not ${mark.after}.`);
    }
    const after = mark.after ?? count;
    marked[mark.taste] = mark.verdict;
    tastedAfter[mark.taste] = after;
    return { ...mark, after };
  });
  return { tastes: marked, tastedAfter, timesMarked: timesRunning(counted) };
}

/** What a dip is free of: names of allergens and diets together, or apart. */
export type FreeRequest = readonly string[] | Partial<FreeOf>;

const names = Joi.array().items(Joi.string().min(1).max(40)).max(30);

export const freeSchema = Joi.alternatives().try(
  names,
  Joi.object({ allergens: names, diets: Joi.array().items(Joi.string().valid(...diets)) }),
);

/** What a request's dip is free of. */
export function freeOf(free: FreeRequest): FreeOf {
  if (!Array.isArray(free)) return { allergens: [], diets: [], ...free };
  const isDiet = (name: string): name is Diet => (diets as readonly string[]).includes(name);
  const named = free as readonly string[];
  return {
    diets: named.filter(isDiet),
    allergens: named.filter((name) => !isDiet(name)),
  };
}
