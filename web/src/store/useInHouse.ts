'use client';

import { keptByproducts } from '@cobbet/core/book/byproduct';
import { leftIn } from '@cobbet/core/book/batch';
import { daysUntil } from '@cobbet/core/book/stock';
import { productOf } from '@cobbet/core/book/takeMade';
import type { InHouse } from '@cobbet/core/dip/fromHouse';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { useMemo } from 'react';
import { useBook } from './bookStore';
import { today } from './today';
import { useLarder, useSettings } from './useKitchen';
import { useMade } from './useMade';

/** What there is in the house in grams; what can't be read or is past its date is left out. */
export function useInHouse(): InHouse[] {
  const stock = useBook((state) => state.book.stock);
  const byproducts = useBook((state) => state.book.byproducts);
  const larder = useLarder();
  const { measures } = useSettings();
  const made = useMade();
  return useMemo(
    () => [
      ...[...stock.values()].flatMap((item): InHouse[] => {
        const ingredient = larder.get(item.id);
        const read = ingredient && readGrams(item.amount, ingredient, measures);
        if (!read?.ok) return [];
        const useWithinDays = item.useBy === null ? null : daysUntil(item.useBy, today());
        if (useWithinDays !== null && useWithinDays < 0) return [];
        return [{ ingredientId: item.id, massG: read.value.massG, useWithinDays }];
      }),
      // what was left over from before is there too
      ...keptByproducts(byproducts.values()).flatMap(
        ({ ingredientId, amount, unit, useBy }): InHouse[] => {
          const ingredient = ingredientId === null ? undefined : larder.get(ingredientId);
          const useWithinDays = daysUntil(useBy, today());
          if (!ingredient || useWithinDays < 0) return [];
          const massG = unit === 'ml' ? amount * ingredient.densityGPerMl : amount;
          return [{ ingredientId: ingredient.id, massG, useWithinDays }];
        },
      ),
      ...made.flatMap(({ batch, pot, keeping }): InHouse[] => {
        const ingredientId = productOf(batch);
        const useWithinDays = keeping.useBy === null ? null : daysUntil(keeping.useBy, today());
        const there = larder.has(ingredientId) && pot.place !== 'freezer';
        if (!there || (useWithinDays !== null && useWithinDays < 0)) return [];
        return [{ ingredientId, massG: leftIn(pot), useWithinDays }];
      }),
    ],
    [stock, byproducts, made, larder, measures],
  );
}
