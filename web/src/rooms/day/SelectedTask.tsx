import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Plan } from '@cobbet/core/day/plan';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt } from './clock';
import { lengthText } from '@/components/lengthText';

/** What the chosen task is, and the way to move it or let it go. */
export function SelectedTask({
  plan,
  task,
  placed,
  onPin,
}: {
  plan: Plan;
  task: Task | null;
  placed: PlacedTask | null;
  onPin: (taskId: string, start: number | null) => void;
}) {
  if (!task || !placed) {
    return (
      <Box
        sx={{
          minHeight: 44,
          color: colour.muted,
          fontSize: typeScale.note,
          '@media print': { display: 'none' },
        }}
      >
        Choose a task to see all of it. Drag it, or use the arrow keys, and the rest goes around it.
      </Box>
    );
  }
  const pinned = plan.pins[task.id] !== undefined;
  const oven = task.uses.oven ? `, oven at ${task.uses.oven.tempC} °C` : '';
  return (
    <Box
      aria-label="The chosen task"
      component="section"
      sx={{
        minHeight: 44,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        '@media print': { display: 'none' },
      }}
    >
      <strong>{clockAt(plan, placed.start)}</strong>
      <span>
        {task.label}: {lengthText(task.handsOnMin)} hands-on
        {task.waitMin > 0 &&
          `, then ${lengthText(task.waitMin)} waiting until ${clockAt(plan, placed.end)}`}
        {oven}.
      </span>
      <Button size="small" onClick={() => onPin(task.id, placed.start - 15)}>
        15 min earlier
      </Button>
      <Button size="small" onClick={() => onPin(task.id, placed.start + 15)}>
        15 min later
      </Button>
      {pinned ? (
        <Button size="small" onClick={() => onPin(task.id, null)}>
          Let it go
        </Button>
      ) : (
        <Button size="small" onClick={() => onPin(task.id, placed.start)}>
          Pin it here
        </Button>
      )}
    </Box>
  );
}
