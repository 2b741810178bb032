import type { Row } from '../dip/dip';

/** Whether a variant's row may stand for one of its base. */
export type Stands = (row: Row, own: Row) => boolean;

/** The same row, the same thing in the same place, the same thing. */
const same: readonly Stands[] = [
  // a variant is made with its base's rows, and a swap leaves a row its id
  (row, own) => row.id === own.id,
  (row, own) => row.ingredientId === own.ingredientId && row.place === own.place,
  (row, own) => row.ingredientId === own.ingredientId,
];

/**
 * Rows of a base with those of its variant that stand for them, each for one; null where there is none.
 *
 * @param besides what else may stand for a row, after the same thing
 */
export function pairedRows(
  base: readonly Row[],
  variant: readonly Row[],
  besides: readonly Stands[] = [],
): Map<Row, Row | null> {
  const open = new Set(variant);
  const pairs = new Map<Row, Row | null>(base.map((row) => [row, null]));
  for (const stands of [...same, ...besides]) {
    for (const row of base) {
      if (pairs.get(row)) continue;
      const own = [...open].find((one) => stands(row, one));
      if (!own) continue;
      pairs.set(row, own);
      open.delete(own);
    }
  }
  return pairs;
}
