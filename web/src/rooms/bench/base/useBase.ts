'use client';

import { type BaseDifference, differencesFromBase, tellingFirst } from '@cobbet/core/book/fromBase';
import type { Dip } from '@cobbet/core/dip/dip';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';

/** The dip a variant was made from, with what the variant does otherwise; null for a base. */
export function useBase(dip: Dip): { base: Dip; differences: BaseDifference[] } | null {
  const base = useBook(({ book }) =>
    dip.parentId === null ? undefined : book.dips.get(dip.parentId),
  );
  const larder = useLarder();
  return useMemo(
    () =>
      base ? { base, differences: tellingFirst(differencesFromBase(dip, base, larder)) } : null,
    [dip, base, larder],
  );
}
