'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Plan } from '@cobbet/core/day/plan';
import type { FromNow } from '@cobbet/core/day/rightShift';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import { lengthText } from '@/components/lengthText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt } from './clock';

/** How the day goes from now: in time, with so much in hand, or behind, and what that does to the rest. */
function standing(plan: Plan, { behindMin, inHandMin, latenessMin }: FromNow): string {
  if (behindMin === 0) {
    return inHandMin === 0 ? 'Now.' : `${lengthText(inHandMin)} in hand.`;
  }
  const end =
    latenessMin === 0
      ? 'the rest makes up for it: in time for the table'
      : `the last is on the table at ${clockAt(plan, latenessMin)}, ${lengthText(latenessMin)} late`;
  return `${lengthText(behindMin)} behind; ${end}.`;
}

/** What is next, large enough to read from the stove, ticked off with one thumb. */
export function NextTask({
  plan,
  task,
  placed,
  rest,
  onTick,
}: {
  plan: Plan;
  task: Task;
  placed: PlacedTask;
  /** The rest of the day from now; null on another day. */
  rest: FromNow | null;
  onTick: (taskId: string) => void;
}) {
  const late = rest !== null && rest.behindMin > 0;
  return (
    <Box
      component="section"
      aria-label="Next"
      sx={{
        ...{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 3, rowGap: 1 },
        ...{ mt: 1, mb: 1.5, px: 2, py: 1.5, bgcolor: colour.board },
        borderLeft: `6px solid ${late ? colour.caution : colour.accent}`,
        '@media print': { display: 'none' },
      }}
    >
      <Box sx={{ flex: '1 1 260px', minWidth: 0 }}>
        <Box sx={{ fontSize: typeScale.large, fontWeight: 700, lineHeight: 1.2 }}>
          {clockAt(plan, placed.start)} {task.label}
        </Box>
        <Box sx={{ color: late ? colour.caution : colour.muted }} role="status">
          {rest && `${standing(plan, rest)} `}
          {lengthText(task.handsOnMin)} hands-on
          {task.waitMin > 0 && `, then ${lengthText(task.waitMin)} waiting`}
          {task.uses.oven && `, oven at ${task.uses.oven.tempC} °C`}.
        </Box>
      </Box>
      <Button
        variant="contained"
        sx={{ minHeight: 60, minWidth: 120, fontSize: typeScale.lead, flexGrow: { xs: 1, sm: 0 } }}
        onClick={() => onTick(task.id)}
      >
        Done
      </Button>
    </Box>
  );
}
