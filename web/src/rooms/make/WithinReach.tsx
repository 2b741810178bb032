import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Run } from '@cobbet/core/book/run';
import { withinReach } from '@cobbet/core/book/runBowl';
import { alwaysAtHand } from '@cobbet/core/larder/everyday';
import { useMemo, useState } from 'react';
import type { RunControl } from './useRun';

/** What may go in, since it is at hand; said in a line, and changed a tap away. */
export function WithinReach({
  run,
  control,
  nameOf,
}: {
  run: Run;
  control: RunControl;
  nameOf: (id: string) => string;
}) {
  const { dip } = control;
  const [open, setOpen] = useState(false);
  const reach = useMemo(() => withinReach(run, dip), [run, dip]);
  const all = useMemo(
    () => [...new Set([...reach, ...alwaysAtHand, ...dip.rows.map((row) => row.ingredientId)])],
    [reach, dip.rows],
  );
  const missing = all.filter((id) => !reach.includes(id));
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mt: 1 }}>
      <Box component="legend" sx={{ fontWeight: 600, p: 0 }}>
        Within reach
      </Box>
      {!open && (
        <>
          everything of the dip, salt, lemon, oil and water
          {missing.length > 0 && `, but no ${missing.map(nameOf).join(', ')}`}
        </>
      )}
      <Button sx={{ minHeight: 40 }} aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'That is all' : 'Change it'}
      </Button>
      {open && <br />}
      {open &&
        all.map((id) => (
          <FormControlLabel
            key={id}
            label={nameOf(id)}
            control={
              <Checkbox
                checked={reach.includes(id)}
                onChange={(_, there) =>
                  void control.note('Within reach', (one) => ({
                    ...one,
                    atHand: there ? [...reach, id] : reach.filter((other) => other !== id),
                  }))
                }
              />
            }
          />
        ))}
    </Box>
  );
}
