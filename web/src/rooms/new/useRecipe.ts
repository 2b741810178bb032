'use client';

import { proposeFamily } from '@cobbet/core/dip/proposeFamily';
import { recipeParts } from '@cobbet/core/lines/recipeDip';
import { readRecipe } from '@cobbet/core/lines/readRecipe';
import { useDeferredValue, useMemo, useState } from 'react';
import { useLarder, useSettings } from '@/store/useKitchen';

/** A recipe as it is written, understood line by line, with the answers given so far. */
export function useRecipe(text: string) {
  const larder = useLarder();
  const { measures, picked: remembered } = useSettings();
  const [picks, setPicks] = useState<ReadonlyMap<string, string>>(new Map());
  const read = useDeferredValue(text);
  const context = useMemo(
    () => ({
      larder,
      measures,
      picked: new Map([...Object.entries(remembered ?? {}), ...picks]),
    }),
    [larder, measures, remembered, picks],
  );
  const recipe = useMemo(() => readRecipe(read, context), [read, context]);
  const settled = useMemo(() => recipeParts(recipe, larder), [recipe, larder]);
  const family = useMemo(
    () =>
      proposeFamily(
        settled.parts.flatMap((part) => {
          const ingredient = larder.get(part.ingredient);
          return ingredient ? [{ ...part, ingredient }] : [];
        }),
      ),
    [settled, larder],
  );
  return {
    recipe,
    ...settled,
    family,
    context,
    picks,
    pick: (food: string, id: string) => setPicks((now) => new Map(now).set(food, id)),
  };
}

export type Recipe = ReturnType<typeof useRecipe>;
