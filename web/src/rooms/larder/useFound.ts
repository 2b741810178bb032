'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';

type Search = (larder: Larder, text: string, limit: number) => Ingredient[];

/** What has the words in a name, until the search that forgives a slip is here. */
const plainly: Search = (larder, text) => {
  const words = text.toLowerCase().split(/\s+/);
  return [...larder.values()].filter(({ name, aliases = [] }) =>
    [name, ...aliases].some((one) => words.every((word) => one.toLowerCase().includes(word))),
  );
};

/**
 * The things of the larder a cook's words find, all of them for none. The search is fetched with the first word, to keep it
 * out of the first load.
 */
export function useFound(larder: Larder, text: string): Ingredient[] {
  const [search, setSearch] = useState<{ with: Search }>({ with: plainly });
  const words = text.trim();
  const wanted = words !== '' && search.with === plainly;
  useEffect(() => {
    if (!wanted) return undefined;
    let here = true;
    import('@cobbet/core/larder/find').then(
      ({ searchLarder }) => {
        if (here) setSearch({ with: searchLarder });
      },
      () => {
        // without the server names that have the words are found as before
      },
    );
    return () => {
      here = false;
    };
  }, [wanted]);
  return useMemo(
    () => (words === '' ? [...larder.values()] : search.with(larder, words, 60)),
    [larder, words, search],
  );
}
