'use client';

import { changesOfBase } from '@cobbet/core/book/baseChanges';
import { variantsOf } from '@cobbet/core/book/variants';
import type { Dip } from '@cobbet/core/dip/dip';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';

/** The variants of a dip that have not got what changed in it. */
export function useBehind(base: Dip): Dip[] {
  const dips = useBook(({ book }) => book.dips);
  return useMemo(
    () => variantsOf({ dips }, base.id).filter((one) => changesOfBase(one, base).length > 0),
    [dips, base],
  );
}
