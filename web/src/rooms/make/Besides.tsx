'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Happened } from './Happened';
import { Unplanned } from './Unplanned';
import type { RunControl } from './useRun';

/** What a step may need beside its addition: something else, by itself or instead; a note, time, heat. */
export function Besides({ control }: { control: RunControl }) {
  const [open, setOpen] = useState(false);
  if (!open) {
    return (
      <Button sx={{ minHeight: 48, mt: 0.5, px: 0 }} onClick={() => setOpen(true)}>
        Something else goes in, or a note
      </Button>
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
      <Unplanned control={control} inHand={control.entry} />
      <Happened control={control} />
    </Box>
  );
}
