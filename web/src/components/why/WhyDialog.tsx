'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { type TargetName, targetNames, targetWords } from '@cobbet/core/mix/targets';
import type { ComponentProps } from 'react';
import { capital } from '@/components/bodyText';
import { InlineSelect } from '@/components/InlineSelect';
import { WhyFigure } from './WhyFigure';

const choices = targetNames.map((value) => ({ value, name: targetWords[value].name }));

/** What a figure is and why, over a room that has no place beside it. */
export function WhyDialog({
  onClose,
  onChoose,
  ...why
}: ComponentProps<typeof WhyFigure> & {
  name: TargetName;
  onClose: () => void;
  /** Another figure is asked about; left out where only this one can be. */
  onChoose?: (name: TargetName) => void;
}) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="why-title">
      <DialogTitle id="why-title">
        {capital(targetWords[why.name].name)}: what it is, and why
      </DialogTitle>
      <DialogContent tabIndex={0}>
        {onChoose && (
          <Box sx={{ mb: 1 }}>
            Ask about{' '}
            <InlineSelect
              label="Figure asked about"
              value={why.name}
              options={choices}
              onChange={onChoose}
            />
          </Box>
        )}
        <WhyFigure {...why} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
