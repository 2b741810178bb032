import type { LandAnswer, LandPartsRequest } from '@cobbet/core/landing/landParts';
import { type Remote, wrap } from 'comlink';
import type { LandingWorker } from './landing.worker';

const timeLimitMs = 20_000;

interface Running {
  worker: Worker;
  api: Remote<LandingWorker>;
  failed: Promise<never>;
}

let running: Running | null = null;

function start(): Running {
  const worker = new Worker(new URL('./landing.worker.ts', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = () => reject(new Error('The solver stopped. Try once more.'));
  });
  failed.catch(() => undefined);
  return { worker, api: wrap<LandingWorker>(worker), failed };
}

/** Ends the worker; the next landing starts a new one. */
function stop(): void {
  running?.worker.terminate();
  running = null;
}

/**
 * Lands a dip in a worker. A worker that dies or hangs is ended and replaced.
 *
 * @param signal ends the work when the cook cancels
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export async function landInWorker(
  request: LandPartsRequest,
  signal: AbortSignal,
): Promise<LandAnswer> {
  running ??= start();
  const { api, failed } = running;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const givenUp = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () => reject(new Error('The solver took too long and was stopped. Try once more.')),
      timeLimitMs,
    );
    signal.addEventListener('abort', () =>
      reject(new DOMException('Landing was stopped.', 'AbortError')),
    );
  });
  try {
    const answered = api.land(request).catch((error: unknown) => {
      // what the solver itself says is no sentence for a cook
      throw new Error('The solver stopped. Try once more.', { cause: error });
    });
    return await Promise.race([answered, failed, givenUp]);
  } catch (error) {
    stop();
    throw error;
  } finally {
    clearTimeout(timer);
  }
}
