'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Plan } from '@cobbet/core/day/plan';
import { fromNow } from '@cobbet/core/day/rightShift';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import { useBook } from '@/store/bookStore';
import { beginTimer } from '@/store/timerCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt, dayAt } from './clock';
import { NextTask } from './NextTask';
import { useNow } from './useNow';
import { lengthText } from '@/components/lengthText';

/** What to do in the order it is done, ticked off as it goes. */
export function TaskList({
  plan,
  tasks,
  placed,
  onTick,
}: {
  plan: Plan;
  tasks: readonly Task[];
  placed: readonly PlacedTask[];
  onTick: (taskId: string) => void;
}) {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const timers = useBook((state) => state.book.timers);
  const timed = new Set([...timers.values()].map(({ of }) => of));
  const ordered = [...placed].sort((a, b) => a.start - b.start);
  const now = useNow(plan);
  const last = Math.max(0, ...placed.map(({ end }) => end));
  const first = ordered[0]?.start ?? 0;
  const isOn = now !== null && now > first - 60 && now < last + 120;
  const rest = isOn ? fromNow({ tasks }, placed, new Set(plan.done), now) : null;
  const then = new Map(rest?.tasks.map((one) => [one.id, one.start]));
  const next = ordered.find(({ id }) => !plan.done.includes(id));
  const nextTask = next && byId.get(next.id);
  return (
    <>
      {next && nextTask && (
        <NextTask plan={plan} task={nextTask} placed={next} rest={rest} onTick={onTick} />
      )}
      <Box
        component="ol"
        aria-label="What next"
        sx={{
          ...{ m: 0, p: 0, listStyle: 'none', columnGap: 4 },
          // two columns where there is room, read down and then across
          columnCount: { xs: 1, lg: 2 },
        }}
      >
        {ordered.map(({ id, start, end }, i) => {
          const task = byId.get(id);
          if (!task) return null;
          const done = plan.done.includes(id);
          const today = dayAt(plan, start);
          const before = ordered[i - 1];
          const begins = !before || dayAt(plan, before.start) !== today;
          const moved = !done && (then.get(id) ?? start) > start;
          return (
            <Box component="li" key={id} sx={{ breakInside: 'avoid', position: 'relative' }}>
              {begins && (
                <Box sx={{ fontWeight: 700, fontSize: typeScale.lead, pt: 1.5, pb: 0.5 }}>
                  {today}
                </Box>
              )}
              <Box
                component="label"
                sx={{
                  display: 'grid',
                  gridTemplateColumns: { xs: '32px 18px 48px 1fr', sm: '32px 22px 58px 1fr' },
                  pr: { xs: 0, sm: task.waitMin > 0 ? '92px' : 0 },
                  pb: { xs: task.waitMin > 0 && !done ? '40px' : 0, sm: 0 },
                  alignItems: 'center',
                  minHeight: 48,
                  columnGap: 1,
                  borderTop: `1px solid ${colour.line}`,
                  bgcolor: id === next?.id ? colour.accentWash : 'transparent',
                  color: done ? colour.muted : colour.ink,
                  cursor: 'pointer',
                }}
              >
                <Box
                  component="input"
                  type="checkbox"
                  checked={done}
                  onChange={() => onTick(id)}
                  aria-label={`${task.label} done`}
                  sx={{ width: 24, height: 24, m: 0, accentColor: colour.accent }}
                />
                <Box sx={{ fontSize: typeScale.small, color: colour.muted, textAlign: 'right' }}>
                  {i + 1}
                </Box>
                <Box sx={{ fontWeight: 700, fontVariantNumeric: 'tabular-nums', lineHeight: 1.2 }}>
                  {clockAt(plan, start)}
                  {moved && (
                    <Box sx={{ color: colour.caution, fontSize: typeScale.note }}>
                      {clockAt(plan, then.get(id) ?? start)}
                    </Box>
                  )}
                </Box>
                <Box
                  sx={{ lineHeight: 1.3, py: 0.5, textDecoration: done ? 'line-through' : 'none' }}
                >
                  {task.label}
                  <Box component="span" sx={{ color: colour.muted, fontSize: typeScale.note }}>
                    {' · '}
                    {lengthText(task.handsOnMin)}
                    {task.waitMin > 0 && `, then waits until ${clockAt(plan, end)}`}
                    {task.uses.oven && `, ${task.uses.oven.tempC} °C`}
                  </Box>
                </Box>
              </Box>
              {task.waitMin > 0 && !done && (
                <Button
                  size="small"
                  aria-label={`Timer for ${task.label}`}
                  sx={{ position: 'absolute', right: 0, bottom: 6, minHeight: 36 }}
                  onClick={() => void beginTimer(task.label, task.waitMin, `${plan.id} ${id}`)}
                >
                  {timed.has(`${plan.id} ${id}`) ? 'Again' : 'Timer'}
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
    </>
  );
}
