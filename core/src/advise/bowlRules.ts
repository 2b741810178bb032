import { type Ruled, rulesOver } from '../dip/rulesOf';
import type { Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';
import { type LinearRule, noFurtherOff, ruleOff } from '../mix/rule';
import type { Addition } from '../proposal/edit';
import { additionParts, type Shelf } from './shelf';

/** More of what a row is of is of that row. */
function rowIdsWith({ rowIds }: Ruled, parts: readonly Part[], more: readonly Ingredient[]) {
  const known = new Map(parts.map(({ ingredient }, i) => [ingredient.id, rowIds[i] ?? null]));
  return [
    ...parts.map((_, i) => rowIds[i] ?? null),
    ...more.map(({ id }) => known.get(id) ?? null),
  ];
}

/**
 * The rules over a bowl and what may go into it, in order. What the hand has done stands: a rule that is broken may only not be broken
 * further.
 */
export function bowlRules(
  ruled: Ruled | undefined,
  parts: readonly Part[],
  more: readonly Ingredient[],
): LinearRule[] {
  if (!ruled) return [];
  const added = more.map((ingredient) => ({ ingredient, place: 'bowl' as const }));
  const rowIds = rowIdsWith(ruled, parts, more);
  const rules = rulesOver({ ...ruled, rowIds }, [...parts, ...added]);
  return noFurtherOff(
    rules,
    parts.map(({ massG }) => massG),
  );
}

/** Rules, as said, that additions break, or break further than they are. */
export function rulesBroken(
  ruled: Ruled | undefined,
  parts: readonly Part[],
  add: readonly Addition[],
  shelf: Shelf,
): string[] {
  const added = additionParts(add, shelf);
  const rules = bowlRules(
    ruled,
    parts,
    added.map(({ ingredient }) => ingredient),
  );
  const masses = [...parts, ...added].map(({ massG }) => massG);
  return rules
    .filter((rule) => Math.abs(ruleOff(rule, masses)) > rule.slack + 1e-6)
    .map(({ said }) => said);
}
