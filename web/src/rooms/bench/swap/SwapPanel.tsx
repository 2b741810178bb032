'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SwapWhy } from '@cobbet/core/book/keptSwap';
import { mostFillings, type OpenRole } from '@cobbet/core/dip/dip';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import type { Candidate } from '@cobbet/core/swap/swap';
import { proposeSwap, swapQuestionOf } from '@cobbet/core/swap/swapDip';
import type { AmountBy } from '@cobbet/core/swap/swapQuestion';
import { useMemo, useState } from 'react';
import { shortName } from '@/components/shortName';
import { useSame } from '@/components/useSame';
import { SwapChooser } from '@/components/swap/SwapChooser';
import { newId } from '@/store/newId';
import type { Swapped } from '@/store/swapCommands';
import { useInHouse } from '@/store/useInHouse';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import { LeaveOpen } from './LeaveOpen';
import { NoSubstitute } from './NoSubstitute';

/** What could go in instead of a row; what is looked at is drawn on the line beside it. */
export function SwapPanel({
  bench,
  rowId,
  onLook,
  onTake,
  onLock,
  onOpenRole,
  onClose,
}: {
  bench: Bench;
  rowId: string;
  onLook: (proposal: Proposal | null) => void;
  onTake: (proposal: Proposal, swapped: Swapped) => void;
  /** Locks the row with a reason, or with null lets it be swapped again. */
  onLock: (why: string | null) => void;
  /** Leaves the row open, with what is compared for it; null closes it. */
  onOpenRole: (open: OpenRole | null) => void;
  onClose: () => void;
}) {
  const { dip, kitchen, rows } = bench;
  const [amountBy, setAmountBy] = useState<AmountBy>('strength');
  const stock = useInHouse();
  const house = useMemo(() => new Set(stock.map(({ ingredientId }) => ingredientId)), [stock]);
  const question = useSame(
    useMemo(
      () => swapQuestionOf(bench, kitchen, rowId, amountBy),
      [bench, kitchen, rowId, amountBy],
    ),
  );
  const read = rows.find(({ row }) => row.id === rowId);
  const proposalOf = (one: Candidate) => proposeSwap(dip, kitchen, rowId, one, newId);
  const swappedBy = (one: Candidate, why: SwapWhy): Swapped => ({
    rowId,
    from: {
      ingredientId: read?.row.ingredientId ?? '',
      amount: read?.row.amount ?? '',
      massG: read?.massG ?? 0,
    },
    to: { ingredientId: one.ingredient.id, amount: one.amount, massG: one.massG },
    said: one.words,
    ...why,
  });
  const locked = read?.row.noSubstitute;
  const open = read?.row.open;
  if (!read) return null;
  const name = shortName(read.ingredient?.name ?? read.row.ingredientId);
  return (
    <Box component="section" aria-label={`Swap ${name}`} sx={{ minWidth: 0 }}>
      <PanelHead close="Close the swap" onClose={onClose}>
        Instead of {read.row.amount} {name.toLowerCase()}
      </PanelHead>
      {locked !== undefined ? (
        <Box role="status">
          No substitute{locked === '' ? '' : `: ${locked}`}.{' '}
          <Button size="small" onClick={() => onLock(null)}>
            Let it be swapped
          </Button>
        </Box>
      ) : question ? (
        <SwapChooser
          question={question}
          larder={kitchen.larder}
          measures={kitchen.measures}
          house={house}
          amountBy={amountBy}
          onAmountBy={(by) => {
            setAmountBy(by);
            onLook(null);
          }}
          onLook={(one) => onLook(one && proposalOf(one))}
          onCompare={
            open &&
            ((one) =>
              onOpenRole({
                ...open,
                among: [...new Set([...open.among, one.ingredient.id])].slice(-mostFillings),
              }))
          }
          onTake={(one, why) => {
            const proposal = proposalOf(one);
            if (proposal) onTake(proposal, swappedBy(one, why));
          }}
        />
      ) : (
        <Box role="status">Mend the amounts that can’t be read first.</Box>
      )}
      {locked === undefined && !open && <NoSubstitute onLock={onLock} />}
      {locked === undefined && question && (
        <LeaveOpen
          question={question}
          larder={kitchen.larder}
          open={open}
          onOpenRole={onOpenRole}
        />
      )}
    </Box>
  );
}
