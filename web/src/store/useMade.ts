'use client';

import { eatFirst, type KeptPot } from '@cobbet/core/book/batchKeeping';
import { type MayGo, withinItsDay } from '@cobbet/core/book/takeMade';
import { useMemo } from 'react';
import { useBook } from './bookStore';
import { today } from './today';
import { useKitchen } from './useKitchen';

/** Minutes are counted from when the room was opened: a list that moves under a finger is no list. */
const startedAt = () => Date.now();

/** What of everything made may still go into a dip. */
export function useMayGo(): MayGo {
  const batches = useBook(({ book }) => book.batches);
  const kitchen = useKitchen();
  const day = today();
  return useMemo(
    () => withinItsDay(batches.values(), kitchen, startedAt(), day),
    [batches, kitchen, day],
  );
}

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
