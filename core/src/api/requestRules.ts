import Joi from 'joi';
import { BadInput } from '../book/fieldError';
import { mostRules } from '../dip/dip';
import type { Ruled } from '../dip/rulesOf';
import type { Part } from '../mix/part';
import type { Rule } from '../mix/rule';
import { readRule } from '../lines/readRule';

/** Rules between the parts of a request, in words. */
export const rulesSchema = Joi.array()
  .items(Joi.string().min(1).max(200))
  .max(mostRules)
  .default([]);

/**
 * Reads a request's rules over its parts.
 *
 * @param said in words: `as much tahini as lemon`
 * @param amounts of the parts as they are written
 * @returns undefined where there are none
 * @throws BadInput naming the rule that can't be followed
 */
export function requestRules(
  said: readonly string[],
  parts: readonly Pick<Part, 'ingredient'>[],
  amounts: readonly { amount: string }[],
): Ruled | undefined {
  if (said.length === 0) return undefined;
  const rows = parts.map(({ ingredient }, i) => ({
    ...{ ingredient, id: String(i), amount: amounts[i]?.amount ?? '' },
  }));
  const rules = said.map((text, i): Rule => {
    const read = readRule(text, rows);
    if (!read) throw new BadInput(`rules[${i}]`, `“${text}” says no rule.`);
    if (!read.ok) throw new BadInput(`rules[${i}]`, read.message);
    return { ...read.rule, id: String(i) };
  });
  return { rules, rowIds: rows.map(({ id }) => id) };
}
