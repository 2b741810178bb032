'use client';

import { proposeFamily } from '@cobbet/core/dip/proposeFamily';
import { recipeParts } from '@cobbet/core/lines/recipeDip';
import { readRecipe } from '@cobbet/core/lines/readRecipe';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useLarder, useSettings } from '@/store/useKitchen';

/** Where a page that is left keeps what was written on it. */
const draftKey = 'cobbet-new-dip';

function draft(): string {
  try {
    return sessionStorage.getItem(draftKey) ?? '';
  } catch {
    return '';
  }
}

function keepDraft(text: string): void {
  try {
    if (text === '') sessionStorage.removeItem(draftKey);
    else sessionStorage.setItem(draftKey, text);
  } catch {
    // a browser that keeps no site data loses it with the page
  }
}

/** A recipe as it is written, understood line by line, with the answers given so far. */
export function useRecipe() {
  const larder = useLarder();
  const { measures, picked: remembered } = useSettings();
  const [text, setText] = useState(draft);
  const [picks, setPicks] = useState<ReadonlyMap<string, string>>(new Map());
  const read = useDeferredValue(text);
  useEffect(() => keepDraft(text), [text]);
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
    text,
    setText,
    recipe,
    ...settled,
    family,
    context,
    picks,
    pick: (food: string, id: string) => setPicks((now) => new Map(now).set(food, id)),
    forget: () => keepDraft(''),
  };
}

export type Recipe = ReturnType<typeof useRecipe>;
