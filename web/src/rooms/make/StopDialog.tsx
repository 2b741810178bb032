'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Run } from '@cobbet/core/book/run';
import { useRouter } from 'next/navigation';
import { dropRun } from '@/store/runCommands';
import { completeRun } from '@/store/trialCommands';
import { colour } from '@/theme/colour';

/** Asks what is to become of what is logged. */
export function StopDialog({
  run,
  logged,
  onClose,
}: {
  run: Run;
  /** Additions that are in. */
  logged: number;
  onClose: () => void;
}) {
  const router = useRouter();
  const keep = () => {
    onClose();
    void completeRun(run.id);
    router.push(`/trials?dip=${encodeURIComponent(run.dipId)}`);
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="stop-making">
      <DialogTitle id="stop-making">Stop making it?</DialogTitle>
      <DialogContent>
        {logged === 1 ? 'One addition is logged.' : `${logged} additions are logged.`} They can be
        kept as a trial as far as it got.
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap' }}>
        <Button sx={{ color: colour.caution }} onClick={() => void dropRun(run.id)}>
          Throw it away
        </Button>
        <Button onClick={keep}>Keep it as a trial</Button>
        <Button variant="contained" autoFocus onClick={onClose}>
          Go on making
        </Button>
      </DialogActions>
    </Dialog>
  );
}
