'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Plan } from '@cobbet/core/day/plan';
import { dayNeeds, type Hurry } from '@cobbet/core/day/dayNeeds';
import { dayTasks } from '@cobbet/core/day/dayTasks';
import type { Task } from '@cobbet/core/day/task';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { hurryDay } from '@/store/dayCommands';
import { editPlan } from '@/store/planCommands';
import { useKitchen } from '@/store/useKitchen';
import { cautionBox } from '@/theme/cautionBox';
import { planInWorker } from '@/workers/planningClient';
import { lengthText } from '@/components/lengthText';
import { problemOf } from './useDay';
import { useMadeForDay } from './useMadeForDay';

interface Way {
  words: string;
  lateness: number;
  take: () => void;
}

/** How long each way out is looked into, ms. */
const eachMs = 300;

/** The day is late: says by how much, and on asking which change helps most. */
export function LateHelp({
  plan,
  tasks: planned,
  lateness,
}: {
  plan: Plan;
  /** The day's as they stand. */
  tasks: readonly Task[];
  lateness: number;
}) {
  const dips = useBook((state) => state.book.dips);
  const kitchen = useKitchen();
  const made = useMadeForDay();
  const [found, setFound] = useState<{ of: readonly Task[]; ways: Way[] | 'working' } | null>(null);
  // what was found of another day, or of this one before it changed, is no answer
  const ways = found?.of === planned ? found.ways : null;
  const look = async () => {
    setFound({ of: planned, ways: 'working' });
    const hurried = (hurry: Hurry) =>
      dayTasks(dayNeeds(plan, dips, kitchen, hurry, made), plan, kitchen);
    const machines = plan.resources['processor'] ?? 0;
    const more = (name: string, unsaid = 0) => {
      const resources = { ...plan.resources, [name]: (plan.resources[name] ?? unsaid) + 1 };
      return {
        plan: { ...plan, resources },
        take: () => void editPlan(plan.id, `One more ${name}`, (one) => ({ ...one, resources })),
      };
    };
    const tried = [
      { words: 'another pair of hands', tasks: planned, ...more('cook') },
      { words: 'a clean jug for the machine', tasks: planned, ...more('jug', machines) },
      { words: 'a second oven', tasks: planned, ...more('oven') },
      {
        words: 'soak hot what would soak overnight',
        tasks: hurried('hot-soak'),
        plan,
        take: () => void hurryDay(plan, 'hot-soak'),
      },
      {
        words: 'cans where there are any, not dried (they bring salt of their own)',
        tasks: hurried('cans'),
        plan,
        take: () => void hurryDay(plan, 'cans'),
      },
    ];
    const tries: Way[] = [];
    try {
      for (const { words, tasks, plan: other, take } of tried) {
        const { plan: day } = await planInWorker(
          problemOf(other, tasks),
          eachMs,
          () => undefined,
          new AbortController().signal,
        );
        tries.push({ words, lateness: day.latenessMin, take });
      }
      tries.sort((a, b) => a.lateness - b.lateness);
      setFound((now) => (now?.of === planned ? { of: planned, ways: tries } : now));
    } catch {
      setFound((now) => (now?.of === planned ? null : now));
    }
  };
  return (
    <Box role="alert" sx={{ ...cautionBox, my: 1 }}>
      <strong>{lengthText(lateness)} late</strong> if you begin no earlier.
      {ways === null && (
        <Button size="small" onClick={() => void look()} sx={{ ml: 1 }}>
          What would help?
        </Button>
      )}
      {ways === 'working' && <span> Trying what would help…</span>}
      {Array.isArray(ways) &&
        ways.map(({ words, lateness: then, take }) => (
          <Box key={words} sx={{ mt: 0.5 }}>
            {words}: {then === 0 ? 'in time' : `${lengthText(then)} late`}
            {then < lateness && (
              <Button size="small" onClick={take} sx={{ ml: 1, py: 0 }}>
                Take it
              </Button>
            )}
          </Box>
        ))}
    </Box>
  );
}
