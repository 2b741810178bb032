import { lowerBoundSpan, planDay } from '@cobbet/core/plan/planDay';
import type { DayProblem } from '@cobbet/core/plan/task';
import { expose } from 'comlink';

const api = {
  /** Plans a day; tells the share of the work done. */
  plan(problem: DayProblem, ms: number, onProgress: (share: number) => void) {
    let told = 0;
    const plan = planDay(problem, {
      tries: 4000,
      ms,
      now: () => performance.now(),
      onProgress: (share) => {
        if (share < 1 && share - told < 0.05) return;
        told = share;
        onProgress(share);
      },
    });
    return { plan, lowerBoundMin: lowerBoundSpan(problem) };
  },
};

export type PlanningWorker = typeof api;

expose(api);
