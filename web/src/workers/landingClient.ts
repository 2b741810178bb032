import type { Advice } from '@cobbet/core/advise/advise';
import type { AdviseInput } from '@cobbet/core/advise/adviseInput';
import type { DesignChosen, DesignQuestion, NoDesign } from '@cobbet/core/book/newDesign';
import type { MixturePoint } from '@cobbet/core/design/mixturePoint';
import type { VariedFigure } from '@cobbet/core/design/variedFigure';
import type { LandAnswer, LandedPart, LandPartsRequest } from '@cobbet/core/landing/landParts';
import type { LandingWorker } from './landing.worker';
import { WorkerClient } from './workerClient';

const solver = new WorkerClient<LandingWorker>(
  () => new Worker(new URL('./landing.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'The solver stopped. Try once more.',
    tooLong: 'The solver took too long and was stopped. Try once more.',
  },
);

/**
 * Lands a dip in a worker.
 *
 * @param signal ends the work when the cook cancels
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function landInWorker(request: LandPartsRequest, signal: AbortSignal): Promise<LandAnswer> {
  return solver.ask(async (api): Promise<LandAnswer> => api.land(request), signal);
}

/**
 * What to add next to a bowl, worked out in a worker.
 *
 * @param signal ends the work when the bowl changes meanwhile
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function adviseInWorker(input: AdviseInput, signal: AbortSignal): Promise<Advice> {
  return solver.ask(async (api): Promise<Advice> => api.advise(input), signal);
}

/**
 * Trials of a dip chosen on purpose, worked out in a worker.
 *
 * @param signal ends the work when the cook cancels
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function designInWorker(
  question: DesignQuestion,
  signal: AbortSignal,
): Promise<DesignChosen | NoDesign> {
  return solver.ask(async (api): Promise<DesignChosen | NoDesign> => api.design(question), signal);
}

/**
 * One mixture of a dip, landed in a worker.
 *
 * @param places of the components among its parts
 * @param varies figures that are set at its levels
 * @param signal ends the work when the cook cancels
 * @returns null where it can't be made to land
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function mixtureInWorker(
  request: LandPartsRequest,
  places: readonly number[],
  point: MixturePoint,
  varies: readonly VariedFigure[],
  signal: AbortSignal,
): Promise<LandedPart[] | null> {
  return solver.ask(
    async (api): Promise<LandedPart[] | null> => api.mixture(request, places, point, varies),
    signal,
  );
}
