import type { Part } from '../mix/part';
import { linearRule, type LinearRule, type Rule } from '../mix/rule';
import type { Dip } from './dip';

/** Rules of a dip, and which row each part of it is of, by place; what is new has none. */
export interface Ruled {
  rules: readonly Rule[];
  rowIds: readonly (string | null)[];
}

/** The rules of a dip, its parts one for each row in order. */
export const ruledBy = ({ rules = [], rows }: Pick<Dip, 'rules' | 'rows'>): Ruled => ({
  rules,
  rowIds: rows.map(({ id }) => id),
});

/** Rules over parts in their place; those that rest are left out. */
export function rulesOver(
  { rules, rowIds }: Ruled,
  parts: readonly Pick<Part, 'ingredient' | 'place'>[],
): LinearRule[] {
  const ruled = parts.map(({ ingredient, place }, i) => ({
    ...{ ingredient, place, rowId: rowIds[i] ?? null },
  }));
  return rules.flatMap((rule) => linearRule(rule, ruled) ?? []);
}
