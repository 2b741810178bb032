import type { Filter } from '@cobbet/core/find/readQuery';
import type { SearchDocument } from '@cobbet/core/find/searchDocument';
import type { Found } from '@cobbet/core/find/searchIndex';
import type { FindWorker } from './find.worker';
import { WorkerClient } from './workerClient';

const finder = new WorkerClient<FindWorker>(
  () => new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'Looking through the book stopped. Try once more.',
    tooLong: 'Looking through the book took too long and was stopped. Try once more.',
  },
);

/** What the worker has learned, by key; a new worker has learned nothing. */
let learned = new Map<string, SearchDocument>();

/**
 * Looks through the book in a worker, which learns first what has changed since it was last asked.
 *
 * @param documents all of the book
 * @param signal ends the work when something else is asked
 * @throws Error with a sentence for the cook; AbortError when cancelled
 */
export function findInWorker(
  documents: readonly SearchDocument[],
  words: string,
  filters: readonly Filter[],
  signal: AbortSignal,
): Promise<Found[]> {
  return finder.ask(async (api): Promise<Found[]> => {
    if ((await api.size()) !== learned.size) {
      await api.learn([], [...learned.keys()]);
      learned = new Map();
    }
    const now = new Map(documents.map((one) => [one.key, one]));
    const fresh = documents.filter((one) => learned.get(one.key) !== one);
    const gone = [...learned.keys()].filter((key) => !now.has(key));
    if (fresh.length > 0 || gone.length > 0) await api.learn(fresh, gone);
    learned = now;
    return api.search(words, filters);
  }, signal);
}
