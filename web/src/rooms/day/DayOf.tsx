'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import type { Plan } from '@cobbet/core/day/plan';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { deletePlan, editPlan } from '@/store/commands';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { saveCalendar } from './calendar';
import { clockAt, dayAt } from './clock';
import { lengthText } from '@/components/lengthText';
import { DayChart } from './DayChart';
import { DaySheet } from './DaySheet';
import { DaySetup } from './DaySetup';
import { LateHelp } from './LateHelp';
import { Leftovers } from './Leftovers';
import { SelectedTask } from './SelectedTask';
import { ShoppingList } from './ShoppingList';
import { TaskList } from './TaskList';
import { useDay } from './useDay';

type View = 'plan' | 'list' | 'shopping';

/** One day: what is wanted, the plan drawn by what it keeps busy, the list of what to do, and what to buy. */
export function DayOf({ plan }: { plan: Plan }) {
  const router = useRouter();
  const day = useDay(plan);
  const [view, setView] = useState<View>('plan');
  const [chosen, setChosen] = useState<string | null>(null);
  const planned = day.day?.plan ?? null;
  const pin = (taskId: string, start: number | null) =>
    void editPlan(
      plan.id,
      start === null ? 'Let a task go' : 'Move a task',
      (one) => {
        const { [taskId]: _old, ...rest } = one.pins;
        return { ...one, pins: start === null ? rest : { ...rest, [taskId]: start } };
      },
      `pin ${plan.id} ${taskId}`,
    );
  const tick = (taskId: string) =>
    void editPlan(plan.id, 'Done', (one) => ({
      ...one,
      done: one.done.includes(taskId)
        ? one.done.filter((id) => id !== taskId)
        : [...one.done, taskId],
    }));
  const empty = plan.dips.length === 0;
  return (
    <>
      {planned && view !== 'shopping' && (
        <DaySheet plan={plan} tasks={day.tasks} planned={planned} needs={day.needs} />
      )}
      <Box
        sx={{
          px: { xs: 2, sm: 3 },
          py: { xs: 2, sm: 2.5 },
          '@media print': { display: planned && view !== 'shopping' ? 'none' : 'block' },
        }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1 }}>
          <Box sx={{ mr: 'auto', minWidth: 0 }}>
            <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
              {plan.name}
            </Typography>
            <Box sx={{ color: colour.muted }} role="status">
              {planned
                ? `Begin ${dayAt(plan.serveAt, planned.startAt)} at ${clockAt(plan.serveAt, planned.startAt)}, ${lengthText(planned.spanMin)} in all; ${planned.washUps === 0 ? 'nothing to wash between dips' : `wash up ${planned.washUps} ${planned.washUps === 1 ? 'time' : 'times'}`}`
                : empty
                  ? 'Say which dips, and how much of each.'
                  : 'Working it out…'}
            </Box>
          </Box>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={view}
            aria-label="What is shown of the day"
            onChange={(_, next: View | null) => next && setView(next)}
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
        {day.planning.state === 'working' && (
          <Box
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1.5,
              '@media print': { display: 'none' },
            }}
          >
            <LinearProgress
              variant="determinate"
              value={day.planning.share * 100}
              aria-label="Planning"
              sx={{ flex: 1, maxWidth: 300 }}
            />
            <Button size="small" onClick={day.stop}>
              Stop
            </Button>
          </Box>
        )}
        {day.planning.state === 'failed' && (
          <Box role="alert" sx={{ color: colour.caution }}>
            {day.planning.message}{' '}
            <Button size="small" onClick={() => void day.start()}>
              Try again
            </Button>
          </Box>
        )}
        {day.planning.state === 'stopped' && (
          <Box role="status">
            Stopped.{' '}
            <Button size="small" onClick={() => void day.start()}>
              Plan it
            </Button>
          </Box>
        )}
        {planned && planned.clashes.length > 0 && (
          <Box role="alert" sx={{ ...cautionBox, my: 1 }}>
            {planned.clashes.map((clash) => (
              <div key={clash}>{clash}</div>
            ))}
          </Box>
        )}
        {planned && planned.latenessMin > 0 && (
          <LateHelp plan={plan} tasks={day.tasks} lateness={planned.latenessMin} />
        )}
        {day.needs.problems.length > 0 && (
          <Box role="alert" sx={{ my: 1, color: colour.caution }}>
            {day.needs.problems.join(' ')}
          </Box>
        )}
        {view === 'plan' && (
          <>
            {planned && !empty && (
              <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
                <DayChart
                  plan={plan}
                  tasks={day.tasks}
                  placed={planned.tasks}
                  chosen={chosen}
                  onChoose={setChosen}
                  onPin={pin}
                />
                <SelectedTask
                  plan={plan}
                  task={day.tasks.find(({ id }) => id === chosen) ?? null}
                  placed={planned.tasks.find(({ id }) => id === chosen) ?? null}
                  onPin={pin}
                />
              </Box>
            )}
            <DaySetup plan={plan} needs={day.needs} />
          </>
        )}
        {view === 'list' && planned && (
          <TaskList plan={plan} tasks={day.tasks} placed={planned.tasks} onTick={tick} />
        )}
        {view === 'shopping' && (
          <>
            <ShoppingList needs={day.needs} larder={day.larder} name={plan.name} />
            <Leftovers leftovers={day.needs.leftovers} from={plan.name} />
          </>
        )}
      </Box>
    </>
  );
}
