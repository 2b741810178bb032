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

/** What keeps batches is fetched where it is first wanted. */
async function batchLater(trialId: string): Promise<string | null> {
  const { batchOfTrial } = await import('@/store/batchCommands');
  return batchOfTrial(trialId);
}

/** The end of a run, or back to its steps. */
export function Finish({ run, control }: { run: Run; control: RunControl }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const open = control.entries.filter((entry) => !entry.done && !entry.skipped).length;
  const nothing = control.entries.every((entry) => !entry.done);
  const finish = async (intoJars: boolean) => {
    setBusy(true);
    const trialId = await completeRun(run.id);
    const batchId = intoJars ? await batchLater(trialId) : null;
    router.push(
      batchId === null
        ? `/trials?dip=${encodeURIComponent(run.dipId)}`
        : `/house?batch=${encodeURIComponent(batchId)}`,
    );
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
      <Button
        variant="contained"
        disabled={busy || nothing}
        onClick={() => void finish(false)}
        sx={{ minHeight: 48, fontSize: typeScale.lead, px: 3 }}
      >
        Keep it as a trial
      </Button>
      <Button
        variant="outlined"
        disabled={busy || nothing}
        onClick={() => void finish(true)}
        sx={{ minHeight: 48 }}
      >
        Keep it, and into jars
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
