'use client';

import Box from '@mui/material/Box';
import { swapsToJudge } from '@cobbet/core/book/keptSwap';
import type { Trial } from '@cobbet/core/book/trial';
import { useMemo } from 'react';
import { namesIn } from '@/components/shortName';
import { SwapVerdict } from '@/components/swap/SwapVerdict';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useKitchen';
import { typeScale } from '@/theme/typeScale';

/** What was swapped for a trial, and how that was, asked until somebody has said. */
export function TrialSwaps({ trial }: { trial: Trial }) {
  const swaps = useBook((state) => state.book.swaps);
  const larder = useLarder();
  const asked = useMemo(() => {
    const ingredients = new Set(trial.rows.map(({ ingredientId }) => ingredientId));
    return swapsToJudge(swaps.values(), { ...trial, ingredients });
  }, [swaps, trial]);
  if (asked.length === 0) return null;
  const nameOf = namesIn(larder);
  return (
    <Box component="ul" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none', fontSize: typeScale.note }}>
      {asked.map((swap) => {
        const name = nameOf(swap.to.ingredientId);
        return (
          <Box
            component="li"
            key={swap.id}
            sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1, py: 0.25 }}
          >
            <span>
              {name} for {nameOf(swap.from.ingredientId)}: how was that?
            </span>
            <SwapVerdict swap={swap} name={name} />
          </Box>
        );
      })}
    </Box>
  );
}
