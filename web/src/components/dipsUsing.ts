import type { Dip } from '@cobbet/core/dip/dip';

/** The dips that a thing goes into. */
export const dipsUsing = (dips: Iterable<Dip>, ingredientId: string): Dip[] =>
  [...dips].filter(({ rows }) => rows.some((row) => row.ingredientId === ingredientId));
