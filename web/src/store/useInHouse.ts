'use client';

import { daysUntil } from '@cobbet/core/book/stock';
import type { InHouse } from '@cobbet/core/pattern/fromHouse';
import { readGrams } from '@cobbet/core/quantity/toGrams';
import { useMemo } from 'react';
import { useBook } from './bookStore';
import { today } from './today';
import { useLarder, useSettings } from './useDip';

/** What there is in the house in grams; what can't be read or is past its date is left out. */
export function useInHouse(): InHouse[] {
  const stock = useBook((state) => state.book.stock);
  const larder = useLarder();
  const { measures } = useSettings();
  return useMemo(
    () =>
      [...stock.values()].flatMap((item): InHouse[] => {
        const ingredient = larder.get(item.id);
        const read = ingredient && readGrams(item.amount, ingredient, measures);
        if (!read?.ok) return [];
        const useWithinDays = item.useBy === null ? null : daysUntil(item.useBy, today());
        if (useWithinDays !== null && useWithinDays < 0) return [];
        return [{ ingredientId: item.id, massG: read.value.massG, useWithinDays }];
      }),
    [stock, larder, measures],
  );
}
