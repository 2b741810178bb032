import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import type { SpoonProof } from '@cobbet/core/landing/spoonProof';
import type { StallQuestion, ThroughStall } from '@cobbet/core/dip/throughStall';
import type { ReckoningWorker } from './reckoning.worker';
import { WorkerClient } from './workerClient';

const reckoning = new WorkerClient<ReckoningWorker>(
  () => new Worker(new URL('./reckoning.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'The reckoning stopped. Try once more.',
    tooLong: 'The reckoning took too long and was stopped. Try once more.',
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
  return reckoning.ask((api, tell) => api.spoonProof(request, tell), signal, onProgress);
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
  return reckoning.ask((api) => api.throughStall(question), signal);
}
