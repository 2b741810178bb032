'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { Leftover } from '@cobbet/core/prepare/prepare';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { useState } from 'react';
import { keepByproducts } from '@/store/byproductCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What making something ready leaves over: what this dip wants of it, its next use, and a place in the ledger. */
export function LeftOver({
  leftovers,
  rows,
  from,
}: {
  leftovers: readonly Leftover[];
  rows: readonly ReadRow[];
  from: string;
}) {
  const [kept, setKept] = useState<readonly string[]>([]);
  return (
    <>
      {leftovers.map((one) => {
        const { what, typical, unit, nextUse, keepDays, ingredient } = one;
        const wanted = rows.reduce(
          (sum, { row, massG }) => sum + (row.ingredientId === ingredient ? massG : 0),
          0,
        );
        return (
          <Box key={what} sx={{ mt: 1, fontSize: typeScale.note }}>
            <strong>Left over:</strong> {what}, about {typical.toFixed(0)} {unit}. {nextUse};{' '}
            {keepDays} {keepDays === 1 ? 'day' : 'days'} in the fridge.
            {wanted > 0 && (
              <Box sx={{ color: colour.accent, fontWeight: 700 }}>
                Keep it before you drain: this dip wants {printGrams(wanted)} of it.
              </Box>
            )}{' '}
            <Button
              size="small"
              disabled={kept.includes(what)}
              sx={{ py: 0 }}
              onClick={() => {
                void keepByproducts([one], from);
                setKept([...kept, what]);
              }}
            >
              {kept.includes(what) ? 'In the ledger' : 'Keep it in the ledger'}
            </Button>
          </Box>
        );
      })}
    </>
  );
}
