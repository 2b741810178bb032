'use client';

import type { Book } from '@cobbet/core/book/book';
import { houseVerdicts, usualHere } from '@cobbet/core/book/houseTaste';
import type { Family } from '@cobbet/core/mix/families';
import { useMemo } from 'react';
import { useBook } from './bookStore';
import { useKitchen } from './useKitchen';

const familyKeys = new WeakMap<Book['dips'], string>();

/** Which dip is of which family: all of the dips that matters here, so that an amount typed does not ask anew. */
function familiesOf(dips: Book['dips']): string {
  const known = familyKeys.get(dips);
  if (known !== undefined) return known;
  const key = [...dips.values()].map(({ id, family }) => `${id} ${family}`).join('\n');
  familyKeys.set(dips, key);
  return key;
}

/**
 * What a family's dips are seasoned with here, and everything that was said of it.
 *
 * @param guests a group by its name; null for the house
 * @param nowMs where old verdicts fade, as of then
 */
export function useHouse(family: Family, guests: string | null, nowMs: number) {
  const families = useBook(({ book }) => familiesOf(book.dips));
  const trials = useBook(({ book }) => book.trials);
  const tastings = useBook(({ book }) => book.tastings);
  const batches = useBook(({ book }) => book.batches);
  const settings = useBook(({ book }) => book.settings);
  const kitchen = useKitchen();
  return useMemo(() => {
    const { dips, runs } = useBook.getState().book;
    const verdicts =
      families === ''
        ? []
        : houseVerdicts(
            { dips, trials, runs, batches, tastings, settings },
            kitchen,
            family,
            guests,
            nowMs,
          );
    return { verdicts, usual: usualHere(family, verdicts) };
  }, [families, trials, tastings, batches, settings, kitchen, family, guests, nowMs]);
}
