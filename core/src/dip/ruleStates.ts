import { isKept, linearRule, type LinearRule, type Rule, ruleOff, ruleSides } from '../mix/rule';
import type { Dip } from './dip';
import { partOf, type ReadRow } from './readRow';

/** A rule of a dip as it stands. */
export interface RuleState {
  rule: Rule;
  /** Over the rows by place; null where nothing of one side is in the dip: it rests. */
  over: LinearRule | null;
  /** What both sides come to, g or ml, the times counted in. */
  left: number;
  right: number;
  /** By how much it is off, as a share of the larger side. */
  off: number;
  kept: boolean;
}

/** The rules of a dip as they stand with its amounts. */
export function ruleStates(
  { rules = [] }: Pick<Dip, 'rules'>,
  rows: readonly ReadRow[],
): RuleState[] {
  const masses = rows.map(({ massG }) => massG);
  const parts = rows.map((read) => ({ read, part: partOf(read) }));
  return rules.map((rule) => {
    const known = parts.every(({ part }) => part !== null);
    const ruled = parts.flatMap(({ read, part }) =>
      part ? [{ ingredient: part.ingredient, place: part.place, rowId: read.row.id }] : [],
    );
    const over = known ? linearRule(rule, ruled) : null;
    if (!over) return { rule, over, left: 0, right: 0, off: 0, kept: true };
    const { left, right } = ruleSides(over, masses);
    return { rule, over, left, right, off: ruleOff(over, masses), kept: isKept(over, masses) };
  });
}
