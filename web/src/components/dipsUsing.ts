import type { Dip } from '@cobbet/core/dip/dip';

/** The dips that any of some things goes into. */
export const dipsUsing = (dips: Iterable<Dip>, ...ingredientIds: string[]): Dip[] =>
  [...dips].filter(({ rows }) => rows.some((row) => ingredientIds.includes(row.ingredientId)));
