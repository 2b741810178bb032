'use client';

import Button from '@mui/material/Button';
import { type Run } from '@cobbet/core/book/run';
import { loggedRows } from '@cobbet/core/book/runEvents';
import { useState } from 'react';
import { later } from '@/components/later';
import { dropRun } from '@/store/runCommands';
import { colour } from '@/theme/colour';

const StopDialog = later(() => import('./StopDialog').then(({ StopDialog }) => StopDialog));

/** Stops making; what is logged is never thrown away without asking. */
export function StopMaking({ run }: { run: Run }) {
  const [asking, setAsking] = useState(false);
  const logged = loggedRows(run).length;
  return (
    <>
      <Button
        size="small"
        sx={{ color: colour.caution, minHeight: 40, whiteSpace: 'nowrap' }}
        onClick={() => (logged > 0 ? setAsking(true) : void dropRun(run.id))}
      >
        Stop making
      </Button>
      {asking && <StopDialog run={run} logged={logged} onClose={() => setAsking(false)} />}
    </>
  );
}
