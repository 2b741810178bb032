'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Run } from '@cobbet/core/book/run';
import { later } from '@/components/later';
import { useState } from 'react';
import { Happened } from './Happened';
import { Unplanned } from './Unplanned';
import type { RunControl } from './useRun';

const Photos = later(() => import('@/components/photos/Photos').then(({ Photos }) => Photos));

const SwapStep = later(() => import('./SwapStep').then(({ SwapStep }) => SwapStep));

/** What a step may need beside its addition: a swap for it, something else by itself or instead; a note, time, heat. */
export function Besides({ run, control }: { run: Run; control: RunControl }) {
  const [open, setOpen] = useState<'swap' | 'other' | null>(null);
  const inHand = control.entry && !control.entry.done;
  if (open === null) {
    return (
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, mt: 0.5 }}>
        {inHand && (
          <Button sx={{ minHeight: 48, px: 0 }} onClick={() => setOpen('swap')}>
            Swap it
          </Button>
        )}
        <Button sx={{ minHeight: 48, px: 0 }} onClick={() => setOpen('other')}>
          Something else goes in, or a note
        </Button>
      </Box>
    );
  }
  if (open === 'swap') {
    return <SwapStep run={run} control={control} onClose={() => setOpen(null)} />;
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
      <Unplanned control={control} inHand={control.entry} />
      <Happened control={control} />
      <Photos of="runs" ofId={run.id} step={`at step ${run.step + 1}`} />
    </Box>
  );
}
