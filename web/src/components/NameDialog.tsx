'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { LabelledField } from '@/components/LabelledField';
import { useState } from 'react';

const longest = 200;

/** Asks for a dip's name. */
export function NameDialog({
  title,
  action,
  initial = '',
  onName,
  onCancel,
}: {
  title: string;
  action: string;
  initial?: string;
  onName: (name: string) => void;
  onCancel: () => void;
}) {
  const [name, setName] = useState(initial);
  const trimmed = name.trim().replace(/,$/, '');
  const tooLong = trimmed.length > longest;
  return (
    <Dialog open onClose={onCancel} fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (trimmed !== '' && !tooLong) onName(trimmed);
        }}
      >
        <DialogTitle>{title}</DialogTitle>
        <DialogContent>
          <LabelledField
            autoFocus
            fullWidth
            margin="dense"
            label="Name"
            value={name}
            error={tooLong}
            helperText={tooLong ? `A name has at most ${longest} letters.` : ' '}
            onChange={(event) => setName(event.target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onCancel}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={trimmed === '' || tooLong}>
            {action}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
