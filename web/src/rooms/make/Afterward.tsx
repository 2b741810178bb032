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
import { useBook } from '@/store/bookStore';
import { keepRest, restG, restId } from '@/store/byproductCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';
import { worthKeepingG } from './worthKeeping';

/** What did not go as planned just now: why, with one tap, and what becomes of the rest. Nothing of it must be answered. */
export function Afterward({ run, control }: { run: Run; control: RunControl }) {
  const last = lastDeviation(run);
  const isKept = useBook(({ book }) => last && book.byproducts.has(restId(run.id, last.entry)));
  if (!last) return null;
  const { entry, going } = last;
  const name = shortName(control.larder.get(entry.planned.ingredientId)?.name ?? '').toLowerCase();
  const said = {
    'left out': `Left out: ${name}.`,
    other: `${entry.done?.amount ?? ''} ${name} went in, ${entry.planned.planned ?? ''} was planned.`,
    unplanned: `${entry.done?.amount ?? ''} ${name} went in, unplanned.`,
    instead: `${entry.done?.amount ?? ''} ${name} went in instead.`,
  } as const;
  const rest = going === 'left out' || going === 'other' ? restG(entry, entry.done) : 0;
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
        sx={{
          flexWrap: 'wrap',
          gap: 0.75,
          // they may wrap, so each has all its edges
          '&& .MuiToggleButton-root': {
            m: 0,
            border: `1px solid ${colour.line}`,
            borderRadius: 1,
          },
        }}
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
      {rest > worthKeepingG &&
        (isKept ? (
          <Box sx={{ color: colour.muted }}>{printGrams(rest)} kept for another day.</Box>
        ) : (
          <Button
            sx={{ justifySelf: 'start', minHeight: 48 }}
            onClick={() => void keepRest(run.id, entry)}
          >
            Keep the {printGrams(rest)} for another day
          </Button>
        ))}
    </Box>
  );
}
