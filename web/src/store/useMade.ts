'use client';

import { eatFirst, type KeptPot } from '@cobbet/core/book/batchKeeping';
import { useMemo } from 'react';
import { useBook } from './bookStore';
import { today } from './today';
import { useKitchen } from './useKitchen';

/** Minutes are counted from when the room was opened: a list that moves under a finger is no list. */
const startedAt = () => Date.now();

/** Everything made that is still there, what is due first at the top. */
export function useMade(): KeptPot[] {
  const batches = useBook(({ book }) => book.batches);
  const kitchen = useKitchen();
  const day = today();
  return useMemo(
    () => eatFirst(batches.values(), kitchen, startedAt()),
    // another day is another order
    [batches, kitchen, day], // eslint-disable-line react-hooks/exhaustive-deps
  );
}
