'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { SwapWhy } from '@cobbet/core/book/keptSwap';
import { swapAdditions, swapQuestionOfRun } from '@cobbet/core/book/runSwap';
import type { Run } from '@cobbet/core/book/run';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { AmountBy } from '@cobbet/core/swap/swapQuestion';
import { useMemo, useState } from 'react';
import { shortName } from '@/components/shortName';
import { SwapChooser } from '@/components/swap/SwapChooser';
import { useSame } from '@/components/useSame';
import { takeSwapAtBowl } from '@/store/swapCommands';
import { useInHouse } from '@/store/useInHouse';
import type { RunControl } from './useRun';

/** What could go in instead of the step in hand, its amount solved for the bowl as it is; only additions make up for it. */
export function SwapStep({
  run,
  control,
  onClose,
}: {
  run: Run;
  control: RunControl;
  onClose: () => void;
}) {
  const { dip, kitchen, entry, ingredient } = control;
  const [amountBy, setAmountBy] = useState<AmountBy>('strength');
  const stock = useInHouse();
  const house = useMemo(() => new Set(stock.map(({ ingredientId }) => ingredientId)), [stock]);
  const question = useSame(
    useMemo(() => swapQuestionOfRun(run, dip, kitchen, amountBy), [run, dip, kitchen, amountBy]),
  );
  if (!question || !entry || !ingredient) return null;
  const name = shortName(ingredient.name).toLowerCase();
  const { amount, massG } = entry.planned;
  const take = (one: Candidate, why: SwapWhy) => {
    const swapped = {
      rowId: entry.rowId,
      from: { ingredientId: ingredient.id, amount, massG },
      to: { ingredientId: one.ingredient.id, amount: one.amount, massG: one.massG },
      ...{ said: one.words, ...why },
    };
    const additions = swapAdditions(question, one, kitchen);
    void takeSwapAtBowl(run.id, one.proposal.label.slice(0, 120), additions, swapped);
    onClose();
  };
  return (
    <Box component="section" aria-label={`Swap ${name}`} sx={{ mt: 2, maxWidth: 560 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Instead of {amount} {name}
        </Typography>
        <Button onClick={onClose}>Leave it</Button>
      </Box>
      <SwapChooser
        question={question}
        larder={kitchen.larder}
        measures={kitchen.measures}
        house={house}
        amountBy={amountBy}
        onAmountBy={setAmountBy}
        onLook={() => undefined}
        onTake={take}
      />
    </Box>
  );
}
