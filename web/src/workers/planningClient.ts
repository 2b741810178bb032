import type { DayPlan, DayProblem } from '@cobbet/core/day/task';
import type { PlanningWorker } from './planning.worker';
import { WorkerClient } from './workerClient';

const planning = new WorkerClient<PlanningWorker>(
  () => new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'The planning stopped. Try once more.',
    tooLong: 'The planning took too long and was stopped. Try once more.',
  },
);

/** A planned day, and a span no plan can be shorter than. */
export interface PlannedDay {
  plan: DayPlan;
  lowerBoundMin: number;
}

/**
 * Plans a day in a worker.
 *
 * @param ms how long to look for a better order
 * @param onProgress told the share of the work done, 0–1
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function planInWorker(
  problem: DayProblem,
  ms: number,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<PlannedDay> {
  return planning.ask((api, tell) => api.plan(problem, ms, tell), signal, onProgress);
}
