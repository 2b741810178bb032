import { lowerBoundSpan } from '@cobbet/core/day/lowerBound';
import { planDay } from '@cobbet/core/day/planDay';
import type { DayProblem } from '@cobbet/core/day/task';
import { expose } from 'comlink';
import { sparingly } from './sparingly';

const api = {
  /** Plans a day; tells the share of the work done. */
  plan(problem: DayProblem, ms: number, onProgress: (share: number) => void) {
    const plan = planDay(problem, {
      tries: 4000,
      ms,
      now: () => performance.now(),
      onProgress: sparingly(onProgress),
    });
    return { plan, lowerBoundMin: lowerBoundSpan(problem) };
  },
};

export type PlanningWorker = typeof api;

expose(api);
