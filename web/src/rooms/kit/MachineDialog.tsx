'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Slider from '@mui/material/Slider';
import { LabelledField } from '@/components/LabelledField';
import type { Machine } from '@cobbet/core/kitchen/machines';
import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import { useState } from 'react';
import { bodyFigure, bodyText } from '@/components/bodyText';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';

const marks = bodyWords.map((word) => {
  const { low, high } = wordRange(word);
  return { value: (low + high) / 2, label: word };
});

/** Everything about a machine; kept when it can be. */
export function MachineDialog({
  machine,
  isNew,
  takeBack,
  onSave,
  onTakeBack,
  onClose,
}: {
  machine: Machine;
  isNew: boolean;
  /** What taking the cook's own back is called; null where there is nothing to take back. */
  takeBack: string | null;
  onSave: (machine: Machine) => void;
  onTakeBack: () => void;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState(machine);
  const [least, setLeast] = useState(String(machine.leastMl));
  const [most, setMost] = useState(String(machine.mostMl));
  const leastMl = typedNumber(least);
  const mostMl = typedNumber(most);
  const name = draft.name.trim();
  const leastWrong = leastMl === null || leastMl < 0 ? 'From 0 ml.' : null;
  const mostWrong =
    mostMl === null || mostMl <= (leastMl ?? 0) || mostMl > 1_000_000
      ? 'More than the least.'
      : null;
  const usable = name !== '' && name.length <= 80 && !leastWrong && !mostWrong;
  const set = (change: Partial<Machine>) => setDraft((now) => ({ ...now, ...change }));
  const save = () => {
    if (usable && leastMl !== null && mostMl !== null) onSave({ ...draft, name, leastMl, mostMl });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <DialogTitle>{isNew ? 'Another machine or tool' : `The ${machine.name}`}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
          <LabelledField
            autoFocus
            margin="dense"
            label="Name"
            value={draft.name}
            error={name === '' || name.length > 80}
            helperText={
              name === '' ? 'It needs a name.' : name.length > 80 ? 'At most 80 letters.' : ' '
            }
            onChange={(event) => set({ name: event.target.value })}
          />
          <FormControlLabel
            control={
              <Checkbox
                checked={draft.stallBody !== null}
                onChange={(event) => set({ stallBody: event.target.checked ? 9.5 : null })}
              />
            }
            label={
              draft.stallBody === null
                ? 'It never stalls'
                : `Stalls on a mix that ${bodyText(draft.stallBody)}`
            }
          />
          {draft.stallBody !== null && (
            <Box sx={{ px: 2 }}>
              <Slider
                aria-label="Stalls above body"
                value={draft.stallBody}
                min={3}
                max={12}
                step={0.1}
                marks={marks.filter(({ value }) => value > 3)}
                valueLabelDisplay="auto"
                valueLabelFormat={bodyFigure}
                onChange={(_, value) => set({ stallBody: value as number })}
              />
            </Box>
          )}
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
            <MeasuredField
              label="Least the blade catches"
              unit="ml"
              value={least}
              problem={leastWrong}
              onChange={setLeast}
            />
            <MeasuredField
              label="Most it takes"
              unit="ml"
              value={most}
              problem={mostWrong}
              onChange={setMost}
            />
          </Box>
          <FormControlLabel
            control={
              <Checkbox
                checked={draft.streams}
                onChange={(event) => set({ streams: event.target.checked })}
              />
            }
            label="Oil can be streamed in while it runs"
          />
          <FormControlLabel
            control={
              <Checkbox
                checked={draft.worksCrumbs}
                onChange={(event) => set({ worksCrumbs: event.target.checked })}
              />
            }
            label="It works a mix that is still crumbs"
          />
        </DialogContent>
        <DialogActions>
          {takeBack && (
            <Button onClick={onTakeBack} sx={{ mr: 'auto' }}>
              {takeBack}
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={!usable}>
            Keep it
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
