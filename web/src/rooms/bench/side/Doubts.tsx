'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Doubt } from '@cobbet/core/dip/isThisRight';
import { cautionBox } from '@/theme/cautionBox';
import { typeScale } from '@/theme/typeScale';
import { shortName } from '@/components/shortName';
import type { Bench } from '../useBench';

/** Amounts worth a second look: asked, never blocked, and not asked again once the cook has said so. */
export function Doubts({
  doubts,
  bench,
  onSure,
}: {
  doubts: readonly Doubt[];
  bench: Bench;
  onSure: (rowId: string, amount: string) => void;
}) {
  return (
    <Box component="section" aria-label="Is this right?" sx={cautionBox}>
      <strong>Is this right?</strong>
      {doubts.map(({ index, message }) => {
        const read = bench.rows[index];
        if (!read) return null;
        const name = shortName(read.ingredient?.name ?? '');
        return (
          <Box key={read.row.id} sx={{ mt: 0.75, fontSize: typeScale.note, lineHeight: 1.4 }}>
            {read.row.amount} {name.toLowerCase()}: {message}
            <Box>
              <Button
                size="small"
                aria-label={`${read.row.amount} ${name} is right`}
                onClick={() => onSure(read.row.id, read.row.amount)}
              >
                It is right
              </Button>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
