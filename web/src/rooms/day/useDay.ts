'use client';

import type { Plan } from '@cobbet/core/day/plan';
import { dayNeeds, type DayNeeds } from '@cobbet/core/day/dayNeeds';
import { dayTasks } from '@cobbet/core/day/dayTasks';
import type { DayProblem, Task } from '@cobbet/core/day/task';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { type PlannedDay, planInWorker } from '@/workers/planningClient';
import { minuteOf } from './clock';
import { useMadeForDay } from './useMadeForDay';

/** Where planning stands. */
export type Planning =
  | { state: 'idle' }
  | { state: 'working'; share: number }
  | { state: 'planned'; day: PlannedDay }
  | { state: 'stopped' }
  | { state: 'failed'; message: string };

const waitMs = 250;
/** How long a better order is looked for, ms: less when a task was only moved. */
const searchMs = { first: 1400, moved: 280 };

/** The problem a plan poses. */
export function problemOf(plan: Plan, tasks: readonly Task[]): DayProblem {
  const serve = minuteOf(plan.serveAt, plan.zone);
  return {
    tasks,
    resources: plan.resources,
    ...(plan.notBefore === null ? {} : { notBefore: minuteOf(plan.notBefore, plan.zone) - serve }),
  };
}

/** A day's needs and tasks, planned in a worker whenever something of them changes. */
export function useDay(plan: Plan) {
  const dips = useBook((state) => state.book.dips);
  const kitchen = useKitchen();
  const made = useMadeForDay();
  const { larder } = kitchen;
  const { dips: chosen, pins, resources, serveAt, zone, notBefore } = plan;
  const needs: DayNeeds = useMemo(
    () => dayNeeds({ dips: chosen }, dips, kitchen, null, made),
    [chosen, dips, kitchen, made],
  );
  const tasks = useMemo(() => dayTasks(needs, { pins }, kitchen), [needs, pins, kitchen]);
  const problem = useMemo(
    () => problemOf({ ...plan, resources, serveAt, notBefore }, tasks),
    // what else a plan says changes nothing of the problem
    [tasks, resources, serveAt, zone, notBefore], // eslint-disable-line react-hooks/exhaustive-deps
  );
  const [planning, setPlanning] = useState<Planning>({ state: 'idle' });
  const [last, setLast] = useState<{ of: DayProblem; day: PlannedDay } | null>(null);
  const running = useRef<AbortController | null>(null);
  const moved = useRef<readonly string[]>([]);

  const start = useCallback(async () => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    const ids = problem.tasks.map(({ id }) => id);
    const same = ids.length > 0 && ids.join() === moved.current.join();
    moved.current = ids;
    setPlanning({ state: 'working', share: 0 });
    try {
      const day = await planInWorker(
        problem,
        same ? searchMs.moved : searchMs.first,
        (share) => running.current === controller && setPlanning({ state: 'working', share }),
        controller.signal,
      );
      if (running.current !== controller) return;
      setLast({ of: problem, day });
      setPlanning({ state: 'planned', day });
    } catch (error) {
      if (running.current !== controller) return;
      const stopped = controller.signal.aborted;
      const message = error instanceof Error ? error.message : 'The planning stopped.';
      setPlanning(stopped ? { state: 'stopped' } : { state: 'failed', message });
    }
  }, [problem]);

  useEffect(() => {
    if (problem.tasks.length === 0) return;
    const timer = setTimeout(() => void start(), waitMs);
    return () => clearTimeout(timer);
  }, [problem, start]);

  useEffect(() => () => running.current?.abort(), []);

  const stop = useCallback(() => running.current?.abort(), []);
  return { needs, tasks, problem, planning, day: last?.day ?? null, start, stop, larder };
}

export type Day = ReturnType<typeof useDay>;
