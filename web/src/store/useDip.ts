'use client';

import { settingsOf } from '@cobbet/core/book/book';
import type { Dip } from '@cobbet/core/book/dip';
import { useSearchParams } from 'next/navigation';
import { bookLarder } from './bookLarder';
import { useBook } from './bookStore';

/** The dip the address names; null when it names none, undefined when that dip is not in the book. */
export function useDip(): Dip | null | undefined {
  const id = useSearchParams().get('dip');
  const dips = useBook((state) => state.book.dips);
  return id === null ? null : dips.get(id);
}

/** The larder with the book's own ingredients over it. */
export function useLarder() {
  return bookLarder(useBook((state) => state.book.larder));
}

/** What holds for the whole book. */
export function useSettings() {
  return settingsOf(useBook((state) => state.book));
}
