'use client';

import Box from '@mui/material/Box';
import type { KeptSwap } from '@cobbet/core/book/keptSwap';
import { namesIn } from '@/components/shortName';
import { SwapVerdict } from '@/components/swap/SwapVerdict';
import { useLarder } from '@/store/useKitchen';
import { typeScale } from '@/theme/typeScale';

/** What was swapped for a trial, and how that was, asked until somebody has said. */
export function TrialSwaps({ swaps }: { swaps: readonly KeptSwap[] }) {
  const larder = useLarder();
  const nameOf = namesIn(larder);
  return (
    <Box component="ul" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none', fontSize: typeScale.note }}>
      {swaps.map((swap) => {
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
