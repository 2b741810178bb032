'use client';

import { historyOf, verdictNearer } from '@cobbet/core/book/keptSwap';
import { learnedShifts } from '@cobbet/core/book/swapLearned';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import { learnedFarther } from '@cobbet/core/swap/learnedDistance';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useSwaps } from './useSwaps';

/**
 * What could go in instead, ranked by the model and by what the cook has said and read of it here.
 *
 * @param question compared by identity
 * @param only the one thing asked about; everything that could stand in where null
 */
export function useRanked(question: SwapQuestion, larder: Larder, only: Ingredient | null) {
  const { asked, start } = useSwaps(question, larder, only);
  const swaps = useBook(({ book }) => book.swaps);
  const fromId = question.parts[question.index]?.ingredient.id ?? '';
  const trials = useBook(({ book }) => book.trials);
  const learned = useMemo(
    () => learnedShifts({ swaps, trials }, fromId, larder),
    [swaps, trials, fromId, larder],
  );
  const history = useMemo(() => historyOf(swaps.values(), fromId), [swaps, fromId]);
  const all = useMemo(() => {
    const answer = asked.state === 'answered' ? asked.answer : [];
    // what the cook has said of it, and what was read, counts beside the model
    const near = (one: Candidate) => {
      const { id } = one.ingredient;
      const farther = learnedFarther(one, learned.get(id)?.believed ?? 0);
      return one.distance + farther - verdictNearer(history.get(id));
    };
    return [...answer].sort((a, b) => near(a) - near(b));
  }, [asked, history, learned]);
  return { asked, start, all, history, learned };
}
