'use client';

import type { Larder } from '@cobbet/core/larder/larder';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { useCallback, useEffect, useMemo } from 'react';
import { useAsked } from '@/components/useAsked';
import { swapsInWorker } from '@/workers/estimatesClient';

/**
 * What each of several things would do in a part's place, in the order given, what is there now first.
 *
 * @param question compared by identity
 */
export function useCompared(question: SwapQuestion, larder: Larder, ids: readonly string[]) {
  const key = ids.join(' ');
  const about = useMemo(() => ({ question, larder, key }), [question, larder, key]);
  const ask = useCallback(
    async (signal: AbortSignal): Promise<Candidate[]> => {
      const now = about.question.parts[about.question.index]?.ingredient;
      const wanted = about.key.split(' ').flatMap((id) => about.larder.get(id) ?? []);
      const others = wanted.filter(({ id }) => id !== now?.id);
      const among = now ? [now, ...others] : others;
      const found = await swapsInWorker(about.question, among, signal);
      const place = (id: string) => among.findIndex((one) => one.id === id);
      return [...found].sort((a, b) => place(a.ingredient.id) - place(b.ingredient.id));
    },
    [about],
  );
  const { asked, start } = useAsked(about, ask);
  useEffect(() => void start(), [start]);
  return { asked, start };
}
