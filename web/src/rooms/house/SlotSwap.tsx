'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { readDip } from '@cobbet/core/dip/analyseDip';
import { emptyDip, mostFillings, plainRow } from '@cobbet/core/dip/dip';
import { type Makeable, startingAmounts } from '@cobbet/core/dip/fromHouse';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { swapQuestionOf } from '@cobbet/core/swap/swapDip';
import type { AmountBy } from '@cobbet/core/swap/swapQuestion';
import { useMemo, useState } from 'react';
import { Fillings } from '@/components/swap/Fillings';
import { SwapChooser } from '@/components/swap/SwapChooser';
import { useSame } from '@/components/useSame';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';

/** A batch that amounts are shown for before one is chosen, g. */
const batchG = 500;

/** What could play a part of a pattern instead, ranked as in any dip, by the pattern's own shares. */
export function SlotSwap({
  made,
  slot,
  house,
  onPick,
  onClose,
}: {
  made: Makeable;
  /** Its place in the pattern. */
  slot: number;
  house: ReadonlySet<string>;
  onPick: (ingredientId: string) => void;
  onClose: () => void;
}) {
  const kitchen = useKitchen();
  const { pattern } = made;
  const [amountBy, setAmountBy] = useState<AmountBy>('strength');
  const question = useSame(
    useMemo(() => {
      const rows = startingAmounts(made, batchG).map(({ ingredientId, massG }, i) =>
        plainRow(String(i), ingredientId, printGrams(massG)),
      );
      const { family, targets, name } = pattern;
      const dip = { ...emptyDip(pattern.id, name, ''), family, targets, rows };
      return swapQuestionOf(readDip(dip, kitchen), kitchen, String(slot), amountBy);
    }, [made, pattern, kitchen, slot, amountBy]),
  );
  const [among, setAmong] = useState<readonly string[]>([]);
  if (!question) return null;
  return (
    <Box
      component="section"
      aria-label={`Instead, in ${pattern.name}`}
      sx={{ flex: '1 0 100%', minWidth: 0, py: 1, borderTop: `1px solid ${colour.line}` }}
    >
      <SwapChooser
        question={question}
        larder={kitchen.larder}
        measures={kitchen.measures}
        house={house}
        amountBy={amountBy}
        asksWhy={false}
        onAmountBy={setAmountBy}
        onLook={() => undefined}
        onCompare={({ ingredient: { id } }) =>
          setAmong([...new Set([...among, id])].slice(-mostFillings))
        }
        onTake={({ ingredient }) => onPick(ingredient.id)}
      />
      {among.length > 0 && (
        <Fillings
          question={question}
          larder={kitchen.larder}
          ids={among}
          house={house}
          onUse={({ ingredient }) => onPick(ingredient.id)}
          onDrop={(id) => setAmong(among.filter((one) => one !== id))}
        />
      )}
      <Button size="small" onClick={onClose}>
        Leave it as it is
      </Button>
    </Box>
  );
}
