'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Meaning } from './meanings';

/** What some fields or words are, one under the other. */
export function MeaningDialog({
  meaning: { title, says, section },
  onClose,
}: {
  meaning: Meaning;
  onClose: () => void;
}) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="meaning-title">
      <DialogTitle id="meaning-title">{title}: what it is</DialogTitle>
      <DialogContent tabIndex={0}>
        <Box component="dl" sx={{ m: 0, '& dt': { fontWeight: 700 }, '& dd': { m: 0, mb: 1 } }}>
          {says.map(({ what, means }) => (
            <div key={what}>
              <dt>{what}</dt>
              <dd>{means}</dd>
            </div>
          ))}
        </Box>
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
          More stands in docs/science.md, under “{section}”.
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
