'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import type { SwapWhy } from '@cobbet/core/book/keptSwap';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Candidate } from '@cobbet/core/swap/swap';
import { proposeSwap, swapQuestionOf } from '@cobbet/core/swap/swapDip';
import type { AmountBy } from '@cobbet/core/swap/swapQuestion';
import { useMemo, useState } from 'react';
import { SwapChooser } from '@/components/swap/SwapChooser';
import { useSame } from '@/components/useSame';
import { newId } from '@/store/newId';
import { takeSwap } from '@/store/swapCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What could go in instead of a thing of the house, in a dip that uses it. */
export function StockSwap({
  ingredientId,
  name,
  dips,
  house,
  onClose,
}: {
  ingredientId: string;
  name: string;
  /** That use it; at least one. */
  dips: readonly Dip[];
  house: ReadonlySet<string>;
  onClose: () => void;
}) {
  const kitchen = useKitchen();
  const [dipId, setDipId] = useState(dips[0]?.id ?? '');
  const [amountBy, setAmountBy] = useState<AmountBy>('strength');
  const dip = dips.find(({ id }) => id === dipId) ?? dips[0];
  const read = useMemo(() => (dip ? readDip(dip, kitchen) : null), [dip, kitchen]);
  const used = read?.rows.find(({ row }) => row.ingredientId === ingredientId);
  const question = useSame(
    useMemo(
      () => (read && used ? swapQuestionOf(read, kitchen, used.row.id, amountBy) : null),
      [read, used, kitchen, amountBy],
    ),
  );
  const take = (one: Candidate, why: SwapWhy) => {
    if (!dip || !used) return;
    const proposal = proposeSwap(dip, kitchen, used.row.id, one, newId);
    if (!proposal) return;
    void takeSwap(dip.id, proposal, {
      ...{ rowId: used.row.id, said: one.words },
      from: { ingredientId, amount: used.row.amount, massG: used.massG },
      to: { ingredientId: one.ingredient.id, amount: one.amount, massG: one.massG },
      ...why,
    });
    onClose();
  };
  return (
    <Box
      component="section"
      aria-label={`Instead of ${name}`}
      sx={{ gridColumn: '1 / -1', minWidth: 0, py: 1, borderTop: `1px solid ${colour.line}` }}
    >
      <Box sx={{ fontSize: typeScale.note, mb: 0.5 }}>
        Instead of it in{' '}
        <NativeSelect
          value={dip?.id ?? ''}
          inputProps={{ 'aria-label': 'In which dip' }}
          onChange={(event) => setDipId(event.target.value)}
          sx={{ maxWidth: 260, fontSize: 'inherit' }}
        >
          {dips.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </NativeSelect>
      </Box>
      {question ? (
        <SwapChooser
          key={dip?.id}
          question={question}
          larder={kitchen.larder}
          measures={kitchen.measures}
          house={house}
          amountBy={amountBy}
          onAmountBy={setAmountBy}
          onLook={() => undefined}
          onTake={take}
        />
      ) : (
        <Box role="status">An amount of that dip can’t be read: mend it on the Bench first.</Box>
      )}
      <Button size="small" onClick={onClose}>
        Leave it as it is
      </Button>
    </Box>
  );
}
