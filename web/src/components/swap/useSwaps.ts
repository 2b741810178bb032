'use client';

import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { couldStandIn } from '@cobbet/core/swap/couldStandIn';
import { useCallback, useEffect } from 'react';
import { useAsked } from '@/components/useAsked';
import { swapsInWorker } from '@/workers/estimatesClient';

const nothingBarred = { allergens: [], diets: [] };

/**
 * What could go in instead, ranked, worked out anew whenever what is asked about changes.
 *
 * @param question compared by identity
 * @param only the one thing asked about; everything that could stand in where null
 */
export function useSwaps(question: SwapQuestion, larder: Larder, only: Ingredient | null) {
  const ask = useCallback(
    (signal: AbortSignal): Promise<Candidate[]> => {
      const among = only
        ? [only]
        : couldStandIn(question, { larder: larder.values(), free: nothingBarred });
      return swapsInWorker(question, among, signal);
    },
    [question, larder, only],
  );
  const { asked, start } = useAsked(ask, ask);
  useEffect(() => void start(), [start]);
  return { asked, start };
}
