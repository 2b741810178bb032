'use client';

import Box from '@mui/material/Box';
import type { Theme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Plan } from '@cobbet/core/day/plan';
import { useState } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { later } from '@/components/later';
import { useBook } from '@/store/bookStore';
import { editPlan } from '@/store/planCommands';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { DayHeader, type DayView } from './DayHeader';
import { PlanningState } from './PlanningState';
import { useDay } from './useDay';

/** About as high as a day is drawn, so that what is under it moves little when it has been planned. */
const dayPlace = <Box sx={{ height: 'min(600px, 75vh)' }} />;
const DayChart = later(() => import('./DayChart').then(({ DayChart }) => DayChart), {
  meanwhile: () => dayPlace,
});
const DaySetup = later(() => import('./DaySetup').then(({ DaySetup }) => DaySetup));
const SelectedTask = later(() => import('./SelectedTask').then(({ SelectedTask }) => SelectedTask));
const TaskList = later(() => import('./TaskList').then(({ TaskList }) => TaskList));
const DaySheet = later(() => import('./DaySheet').then(({ DaySheet }) => DaySheet), {
  rested: true,
});
const EatFirst = later(() => import('@/components/EatFirst').then(({ EatFirst }) => EatFirst));
const LateHelp = later(() => import('./LateHelp').then(({ LateHelp }) => LateHelp));
const Leftovers = later(() => import('./Leftovers').then(({ Leftovers }) => Leftovers));
const ShoppingList = later(() => import('./ShoppingList').then(({ ShoppingList }) => ShoppingList));

/** One day: what is wanted, the plan drawn by what it keeps busy, the list of what to do, and what to buy. */
export function DayOf({ plan }: { plan: Plan }) {
  const day = useDay(plan);
  const hasBatches = useBook(({ book }) => book.batches.size > 0);
  const inHand = useMediaQuery<Theme>((theme) => theme.breakpoints.down('sm'), { noSsr: true });
  // by the stove what is next is what is asked
  const [view, setView] = useState<DayView>(inHand && plan.dips.length > 0 ? 'list' : 'plan');
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
  const coming = day.planning.state !== 'failed' && day.planning.state !== 'stopped';
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
        <DayHeader plan={plan} day={day} view={view} onView={setView} />
        {hasBatches && <EatFirst />}
        <PlanningState day={day} />
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
            {!planned && !empty && coming && (
              <Box sx={{ display: { xs: 'none', sm: 'block' } }}>{dayPlace}</Box>
            )}
            {planned && !empty && (
              <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
                <ChartFile title={plan.name}>
                  <DayChart
                    plan={plan}
                    tasks={day.tasks}
                    placed={planned.tasks}
                    chosen={chosen}
                    onChoose={setChosen}
                    onPin={pin}
                  />
                </ChartFile>
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
