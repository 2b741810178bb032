'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { usualWorking } from '@cobbet/core/dip/usualWorking';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';

/** A cream that holds only while its oil goes in slowly: said before it is poured, with the way to say it is streamed. */
export function SplitsNote({ bench, edits }: { bench: Bench; edits: BenchEdits }) {
  const { dip, rows, machine, conditions } = bench;
  const oils = rows.filter(({ ingredient }) => ingredient?.role === 'oil');
  const { streamed } = conditions.blending;
  const stream = () =>
    edits.edit('Stream the oil', (before) => ({
      ...before,
      rows: before.rows.map((row) => {
        const oil = oils.find((one) => one.row.id === row.id)?.ingredient;
        const usual = oil && usualWorking(oil, row.place, machine, dip.method.grind);
        return usual
          ? { ...row, worked: { ...(row.worked ?? usual), how: 'stream' as const } }
          : row;
      }),
    }));
  return (
    <Box role="note" sx={{ py: 0.75, fontSize: typeScale.note, color: colour.caution }}>
      {streamed
        ? 'It is a cream only while the oil goes in slowly: poured in at once it splits.'
        : 'Poured in at once the oil stays outside and it splits. Let in slowly while it runs, it makes a stiff cream. '}
      {!streamed && machine.streams && (
        <Button size="small" onClick={stream}>
          Stream the oil
        </Button>
      )}
    </Box>
  );
}
