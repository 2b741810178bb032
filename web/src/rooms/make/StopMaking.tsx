'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { loggedRows, type Run } from '@cobbet/core/book/run';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { completeRun, dropRun } from '@/store/commands';
import { colour } from '@/theme/colour';

/** Stops making; what is logged is never thrown away without asking. */
export function StopMaking({ run }: { run: Run }) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const logged = loggedRows(run).length;
  const keep = () => {
    setAsking(false);
    void completeRun(run.id);
    router.push(`/trials?dip=${encodeURIComponent(run.dipId)}`);
  };
  return (
    <>
      <Button
        size="small"
        sx={{ ml: 'auto', color: colour.caution, minHeight: 40 }}
        onClick={() => (logged > 0 ? setAsking(true) : void dropRun(run.id))}
      >
        Stop making
      </Button>
      {asking && (
        <Dialog open onClose={() => setAsking(false)} aria-labelledby="stop-making">
          <DialogTitle id="stop-making">Stop making it?</DialogTitle>
          <DialogContent>
            {logged === 1 ? 'One addition is logged.' : `${logged} additions are logged.`} They can
            be kept as a trial as far as it got.
          </DialogContent>
          <DialogActions sx={{ flexWrap: 'wrap' }}>
            <Button sx={{ color: colour.caution }} onClick={() => void dropRun(run.id)}>
              Throw it away
            </Button>
            <Button onClick={keep}>Keep it as a trial</Button>
            <Button variant="contained" autoFocus onClick={() => setAsking(false)}>
              Go on making
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
