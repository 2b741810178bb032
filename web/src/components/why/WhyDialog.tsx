'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { type TargetName, targetWords } from '@cobbet/core/mix/targets';
import type { ComponentProps } from 'react';
import { capital } from '@/components/bodyText';
import { WhyFigure } from './WhyFigure';

/** What a figure is and why, over a room that has no place beside it. */
export function WhyDialog({
  onClose,
  ...why
}: ComponentProps<typeof WhyFigure> & { name: TargetName; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="why-title">
      <DialogTitle id="why-title">
        {capital(targetWords[why.name].name)}: what it is, and why
      </DialogTitle>
      <DialogContent tabIndex={0}>
        <WhyFigure {...why} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
