'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { PlannedDip } from '@cobbet/core/day/plan';
import { useState } from 'react';
import { CheckLine } from '@/components/CheckLine';
import { LabelledField } from '@/components/LabelledField';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedWithin } from '@/components/reading/readingText';
import { useBook } from '@/store/bookStore';
import { Moment } from './Moment';

const longest = 200;
/** People a day is begun for where nobody says. */
const usualPeople = '10';

/** A new day in one step: what it is called, when it is on the table, for how many, and which dips. */
export function NewDay({
  serveAt: first,
  onBegin,
  onCancel,
}: {
  /** Where the clock starts: `2026-06-13T12:30`. */
  serveAt: string;
  onBegin: (day: { name: string; serveAt: string; dips: PlannedDip[] }) => void;
  onCancel: () => void;
}) {
  const dips = useBook((state) => state.book.dips);
  const [name, setName] = useState('');
  const [serveAt, setServeAt] = useState(first);
  const [people, setPeople] = useState(usualPeople);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const kept = name.trim();
  const tooLong = kept.length > longest;
  const many = typedWithin(people, 1, 1000);
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const begin = () => {
    if (kept === '' || tooLong || many.value === null) return;
    const portions = many.value;
    onBegin({
      name: kept,
      serveAt,
      dips: [...dips.values()]
        .filter(({ id }) => chosen.has(id))
        .map(({ id, portionG }) => ({ dipId: id, massG: portions * portionG })),
    });
  };
  return (
    <Dialog open onClose={onCancel} fullWidth maxWidth="sm" aria-labelledby="new-day-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        <DialogTitle id="new-day-title">New day</DialogTitle>
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
          <Box
            sx={{
              display: 'grid',
              columnGap: 2,
              alignItems: 'center',
              gridTemplateColumns: { xs: '1fr', sm: '2fr 1fr' },
            }}
          >
            <Moment
              label="On the table at"
              value={serveAt}
              onSave={(next) => next && setServeAt(next)}
            />
            <MeasuredField
              label="A portion of each for"
              unit="people"
              value={people}
              problem={many.problem}
              onChange={setPeople}
            />
          </Box>
          <Box
            component="fieldset"
            sx={{ border: 0, m: 0, p: 0, minWidth: 0, display: 'grid', columnGap: 2 }}
            style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))' }}
          >
            <Box component="legend" sx={{ p: 0, fontWeight: 700 }}>
              Dips
            </Box>
            {[...dips.values()].map((dip) => (
              <CheckLine key={dip.id} checked={chosen.has(dip.id)} onToggle={() => toggle(dip.id)}>
                {dip.name}
              </CheckLine>
            ))}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={onCancel}>Cancel</Button>
          <Button
            type="submit"
            variant="contained"
            disabled={kept === '' || tooLong || many.value === null}
          >
            Start it
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
