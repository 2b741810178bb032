import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import type { SpoonProof } from '@cobbet/core/landing/spoonProof';
import type { StallQuestion, ThroughStall } from '@cobbet/core/dip/throughStall';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { FreeOf } from '@cobbet/core/advise/plausible';
import type { FreeQuestion, MadeFree } from '@cobbet/core/swap/freeOf';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import type { EstimatesWorker } from './estimates.worker';
import { WorkerClient } from './workerClient';

const estimates = new WorkerClient<EstimatesWorker>(
  () => new Worker(new URL('./estimates.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'The estimate stopped. Try again.',
    tooLong: 'The estimate took too long and was stopped. Try again.',
  },
);

/**
 * Odds that amounts land, and steadier ones near by, drawn in a worker.
 *
 * @param onProgress told the share of the work done, 0–1
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function spoonProofInWorker(
  request: LandPartsRequest,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<SpoonProof> {
  return estimates.ask((api, tell) => api.spoonProof(request, tell), signal, onProgress);
}

/**
 * The way through a machine that stalls, searched in a worker.
 *
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function throughStallInWorker(
  question: StallQuestion,
  signal: AbortSignal,
): Promise<ThroughStall> {
  return estimates.ask((api) => api.throughStall(question), signal);
}

/**
 * What could go in instead of a part of a dip, ranked, worked out in a worker.
 *
 * @param among what could stand in
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function swapsInWorker(
  question: SwapQuestion,
  among: readonly Ingredient[],
  signal: AbortSignal,
): Promise<Candidate[]> {
  return estimates.ask(async (api): Promise<Candidate[]> => api.swaps(question, among), signal);
}

/**
 * A whole dip made free of something, worked out in a worker.
 *
 * @param larder what may go in
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function madeFreeInWorker(
  question: FreeQuestion,
  larder: readonly Ingredient[],
  free: FreeOf,
  signal: AbortSignal,
): Promise<MadeFree> {
  return estimates.ask(
    async (api): Promise<MadeFree> => api.madeFree(question, larder, free),
    signal,
  );
}
