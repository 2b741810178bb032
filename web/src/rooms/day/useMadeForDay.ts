'use client';

import { madeForDay } from '@cobbet/core/book/madeForDay';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { useMayGo } from '@/store/useMade';

/** What a day knows of what is made here, and of what stands ready. */
export function useMadeForDay() {
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const batches = useBook(({ book }) => book.batches);
  const trials = useBook(({ book }) => book.trials);
  const kitchen = useKitchen();
  const mayGo = useMayGo();
  return useMemo(
    () => madeForDay({ things, dips, batches, trials }, kitchen, mayGo),
    [things, dips, batches, trials, kitchen, mayGo],
  );
}
