'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Run } from '@cobbet/core/book/run';
import { type Taste, type Verdict, verdicts } from '@cobbet/core/book/trial';
import { capital } from '@/parts/bodyText';
import type { RunControl } from './useRun';

/** What is no taste of its own is asked in its own words. */
const words: Partial<Record<Taste, Record<Verdict, string>>> = {
  lean: { short: 'too rich', right: 'right', over: 'too lean' },
  flat: { short: 'too sharp', right: 'right', over: 'flat' },
};
const names: Partial<Record<Taste, string>> = { lean: 'Fat', flat: 'Life' };

/** One taste: short, right or over; a second tap takes the mark away. */
export function TasteRow({ taste, run, control }: { taste: Taste; run: Run; control: RunControl }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 1 }}>
      <Box sx={{ width: 62, fontWeight: 600, fontSize: 17 }}>{names[taste] ?? capital(taste)}</Box>
      <ToggleButtonGroup
        exclusive
        value={run.tastes[taste] ?? null}
        aria-label={names[taste] ?? capital(taste)}
        onChange={(_, verdict: Verdict | null) =>
          void control.note(`Taste: ${taste}`, (one) => {
            const { [taste]: _old, ...rest } = one.tastes;
            return { ...one, tastes: verdict ? { ...rest, [taste]: verdict } : rest };
          })
        }
      >
        {verdicts.map((verdict) => (
          <ToggleButton
            key={verdict}
            value={verdict}
            sx={{ minHeight: 48, minWidth: 84, fontSize: 16 }}
          >
            {words[taste]?.[verdict] ?? verdict}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
