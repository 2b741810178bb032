'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Run } from '@cobbet/core/book/run';
import { withReason } from '@cobbet/core/book/runEdits';
import { type Reason, reasonOf, reasons } from '@cobbet/core/book/runEvents';
import { lastDeviation } from '@cobbet/core/book/story';
import { reasonWords } from '@/components/reasonWords';
import { shortName } from '@/components/shortName';
import { keepRest } from '@/store/byproductCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

/** Less than this is no rest worth keeping, g. */
const worthKeepingG = 5;

/** What did not go as planned just now: why, with one tap, and what becomes of the rest. Nothing of it must be answered. */
export function Afterward({ run, control }: { run: Run; control: RunControl }) {
  const last = lastDeviation(run);
  if (!last) return null;
  const { entry, going } = last;
  const name = shortName(control.larder.get(entry.planned.ingredientId)?.name ?? '').toLowerCase();
  const said = {
    'left out': `Left out: ${name}.`,
    other: `${entry.done?.amount ?? ''} ${name} went in, ${entry.planned.planned ?? ''} was planned.`,
    unplanned: `${entry.done?.amount ?? ''} ${name} went in, unplanned.`,
    instead: `${entry.done?.amount ?? ''} ${name} went in instead.`,
  } as const;
  const restG =
    going === 'left out' || going === 'other' ? entry.planned.massG - (entry.done?.massG ?? 0) : 0;
  return (
    <Box
      component="section"
      aria-label="Not as planned"
      sx={{ mt: 1.5, fontSize: typeScale.lead, display: 'grid', gap: 0.75 }}
    >
      <Box>
        {going in said && said[going as keyof typeof said]}{' '}
        <Box component="span" sx={{ color: colour.muted }}>
          Why?
        </Box>
      </Box>
      <ToggleButtonGroup
        exclusive
        value={reasonOf(run.events, entry.rowId)}
        aria-label="Why"
        sx={{ flexWrap: 'wrap' }}
        onChange={(_, why: Reason | null) =>
          void control.note('Why', (one) =>
            withReason(one, entry.rowId, why, new Date().toISOString()),
          )
        }
      >
        {reasons.map((why) => (
          <ToggleButton key={why} value={why} sx={{ minHeight: 48, px: 1.5 }}>
            {reasonWords[why]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {restG > worthKeepingG && (
        <Button
          sx={{ justifySelf: 'start', minHeight: 48 }}
          onClick={() => void keepRest(entry.planned.ingredientId, restG, control.dip.name)}
        >
          Keep the {printGrams(restG)} for another day
        </Button>
      )}
    </Box>
  );
}
