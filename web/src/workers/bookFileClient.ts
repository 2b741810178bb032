import type { FileBook } from '@/store/readBookHere';
import type { BookFileWorker } from './bookFile.worker';
import { WorkerClient } from './workerClient';

/** A book of a hundred thousand trials takes its time to check. */
const timeLimitMs = 300_000;

const reader = new WorkerClient<BookFileWorker>(
  () => new Worker(new URL('./bookFile.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'Reading the file stopped: it may be too large for this device. Nothing has changed.',
    tooLong: 'Reading the file took too long and was stopped. Nothing has changed.',
  },
  timeLimitMs,
);

/**
 * Reads a book file in a worker, so that a large one holds nothing up.
 *
 * @param signal takes it back
 * @param onProgress told the share of the file that has been read, 0–1
 * @throws Error with a sentence naming the place in the file; AbortError when taken back
 */
export async function readBookInWorker(
  file: Blob,
  signal: AbortSignal,
  onProgress: (share: number) => void,
): Promise<FileBook> {
  const answer = await reader.ask((api, tell) => api.read(file, tell), signal, onProgress);
  if (!answer.read) throw new Error(answer.says);
  return answer.read;
}
