'use client';

import type { Dip } from '@cobbet/core/dip/dip';
import { useSearchParams } from 'next/navigation';
import { useBook } from './bookStore';

/** The dip the address names; null when it names none, undefined when that dip is not in the book. */
export function useDip(): Dip | null | undefined {
  const id = useSearchParams().get('dip');
  return useBook((state) => (id === null ? null : state.book.dips.get(id)));
}
