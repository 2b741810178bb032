'use client';

import type { Book } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import type { Family, UsualSeasoning } from '@cobbet/core/mix/families';
import { useEffect, useMemo, useState } from 'react';
import { useBook } from './bookStore';

/**
 * What is usual of seasoning in this house now. What works it out is fetched when it is first asked for.
 *
 * @returns null where nothing was said of the family here, or where it can't be fetched: then its own usual holds
 */
export async function houseUsual(family: Family): Promise<UsualSeasoning | null> {
  return (await usualOf([family], useBook.getState().book)).get(family) ?? null;
}

async function usualOf(
  families: readonly Family[],
  book: Book,
): Promise<ReadonlyMap<Family, UsualSeasoning>> {
  const found = new Map<Family, UsualSeasoning>();
  try {
    const { houseSeasoning, houseVerdicts } = await import('@cobbet/core/book/houseTaste');
    const kitchen = bookKitchen(book);
    for (const family of families) {
      const said = houseVerdicts(book, kitchen, family, null, Date.now());
      const usual = houseSeasoning(family, said);
      if (usual) found.set(family, usual);
    }
  } catch {
    // a piece that can't be fetched leaves the family's usual
  }
  return found;
}

const none: ReadonlyMap<Family, UsualSeasoning> = new Map();

/**
 * The same for several families, as it becomes known; it follows what is said, not what is typed.
 *
 * @param families a list that stays the same object while they do
 */
export function useHouseUsual(families: readonly Family[]): ReadonlyMap<Family, UsualSeasoning> {
  const trials = useBook((state) => state.book.trials);
  const tastings = useBook((state) => state.book.tastings);
  const batches = useBook((state) => state.book.batches);
  const settings = useBook((state) => state.book.settings);
  const [usual, setUsual] = useState(none);
  useEffect(() => {
    let shown = true;
    void usualOf(families, useBook.getState().book).then((next) => {
      if (shown) setUsual(next);
    });
    return () => {
      shown = false;
    };
  }, [families, trials, tastings, batches, settings]);
  return usual;
}

/** The same for one family; nothing until it is known. */
export function useHouseUsualOf(family: Family): UsualSeasoning | undefined {
  const families = useMemo(() => [family], [family]);
  return useHouseUsual(families).get(family);
}
