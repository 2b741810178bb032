import type { Leftover } from '../prepare/prepare';
import { dateAfter } from '../safety/localDates';

/** Something left over from making something ready, kept for its next use. */
export interface Byproduct {
  id: string;
  what: string;
  /** What it is in the larder; null where it is not in it. */
  ingredientId: string | null;
  amount: number;
  unit: 'g' | 'ml';
  /** Local dates: `2026-06-14`. */
  keptOn: string;
  useBy: string;
  nextUse: string;
  /** What it came from, in words. */
  from: string;
  /** What became of it; null while it is there. */
  gone: { how: 'used' | 'thrown'; on: string } | null;
}

/**
 * What is left over, as it is kept from a day on.
 *
 * @param from what it came from, in words
 * @param today local date
 */
export function byproductOf(
  leftover: Leftover,
  id: string,
  from: string,
  today: string,
): Byproduct {
  const { what, ingredient, typical, unit, keepDays, nextUse } = leftover;
  return {
    id,
    what,
    ingredientId: ingredient,
    amount: Math.round(typical),
    unit,
    keptOn: today,
    useBy: dateAfter(today, keepDays),
    nextUse,
    from,
    gone: null,
  };
}

/** What is still there, what must be used first at the top. */
export function keptByproducts(all: Iterable<Byproduct>): Byproduct[] {
  return [...all]
    .filter(({ gone }) => gone === null)
    .sort((a, b) => a.useBy.localeCompare(b.useBy) || a.what.localeCompare(b.what));
}
