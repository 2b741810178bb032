import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { RuleRow } from '@cobbet/core/lines/ruleSides';

/** The rows of a dip as a rule is read for them. */
export const ruleRows = (rows: readonly ReadRow[]): RuleRow[] =>
  rows.flatMap(({ row, ingredient }) =>
    ingredient && row.place !== 'top' ? [{ id: row.id, ingredient, amount: row.amount }] : [],
  );
