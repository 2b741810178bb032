'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Run } from '@cobbet/core/book/run';
import { nextOpen } from '@cobbet/core/book/runEdits';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { completeRun } from '@/store/trialCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

/** The end of a run, or back to its steps. */
export function Finish({ run, control }: { run: Run; control: RunControl }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const open = control.entries.filter((entry) => !entry.done && !entry.skipped).length;
  const nothing = control.entries.every((entry) => !entry.done);
  const finish = async () => {
    setBusy(true);
    await completeRun(run.id);
    router.push(`/trials?dip=${encodeURIComponent(run.dipId)}`);
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
      <Button
        variant="contained"
        disabled={busy || nothing}
        onClick={() => void finish()}
        sx={{ minHeight: 48, fontSize: typeScale.lead, px: 3 }}
      >
        Keep it as a trial
      </Button>
      <Button
        onClick={() =>
          void control.go(open > 0 ? nextOpen(control.entries) : control.entries.length - 1)
        }
        sx={{ minHeight: 48 }}
      >
        {open > 0 ? 'On with the steps' : 'Step back'}
      </Button>
      {open > 0 && (
        <Typography role="status" sx={{ color: colour.caution }}>
          {open} {open === 1 ? 'addition is' : 'additions are'} not logged; the trial will be
          without {open === 1 ? 'it' : 'them'}.
        </Typography>
      )}
    </Box>
  );
}
