'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Plan } from '@cobbet/core/day/plan';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { lengthText } from '@/components/lengthText';
import { deletePlan } from '@/store/planCommands';
import { colour } from '@/theme/colour';
import { saveCalendar } from './calendar';
import { clockAt, clockChangeWords, dayAt } from './clock';
import type { Day } from './useDay';

/** What is shown of a day. */
export type DayView = 'plan' | 'list' | 'shopping';

/** The day's name, when to begin, and what can be done with the whole of it. */
export function DayHeader({
  plan,
  day,
  view,
  onView,
}: {
  plan: Plan;
  day: Day;
  view: DayView;
  onView: (view: DayView) => void;
}) {
  const router = useRouter();
  const planned = day.day?.plan ?? null;
  const empty = plan.dips.length === 0;
  const changed = planned && clockChangeWords(plan, planned.startAt, 0);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1 }}>
      <Box sx={{ mr: 'auto', minWidth: 0 }}>
        <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
          {plan.name}
        </Typography>
        <Box sx={{ color: colour.muted }} role="status">
          {planned
            ? `Begin ${dayAt(plan, planned.startAt)} at ${clockAt(plan, planned.startAt)}, ${lengthText(planned.spanMin)} in all; ${planned.washUps === 0 ? 'nothing to wash between dips' : `wash up ${planned.washUps} ${planned.washUps === 1 ? 'time' : 'times'}`}`
            : empty
              ? 'Say which dips, and how much of each.'
              : 'Working it out…'}
        </Box>
        {planned !== null && planned !== undefined && planned.freeAfter > 0 && (
          <Box role="note" sx={{ color: colour.caution }}>
            Blended first, what is free of allergens would be late: before it, wash the jug, blade,
            lid and seals in hot soapy water.
          </Box>
        )}
        {changed !== null && <Box role="note">{changed}</Box>}
      </Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view}
        aria-label="What is shown of the day"
        onChange={(_, next: DayView | null) => next && onView(next)}
        sx={{ '@media print': { display: 'none' } }}
      >
        <ToggleButton value="plan">plan</ToggleButton>
        <ToggleButton value="list">what next</ToggleButton>
        <ToggleButton value="shopping">shopping</ToggleButton>
      </ToggleButtonGroup>
      <Box sx={{ display: 'flex', '@media print': { display: 'none' } }}>
        <Button
          size="small"
          disabled={!planned}
          onClick={() => planned && void saveCalendar(plan, day.tasks, planned.tasks)}
        >
          Calendar
        </Button>
        <Button size="small" onClick={() => window.print()}>
          Print
        </Button>
        <Button
          size="small"
          sx={{ color: colour.caution }}
          onClick={() => void deletePlan(plan).then(() => router.push('/day'))}
        >
          Delete
        </Button>
        <Button size="small" component={Link} href="/day">
          All days
        </Button>
      </Box>
    </Box>
  );
}
