import type { SpreadOnPicture } from '@cobbet/core/picture/measureSpread';
import type { PictureSize, Rims } from '@cobbet/core/picture/picturePoint';
import type { PictureWorker } from './picture.worker';
import { WorkerClient } from './workerClient';

const pictures = new WorkerClient<PictureWorker>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }),
  {
    died: 'The picture could not be worked on. Try once more.',
    tooLong: 'The picture took too long and was left. Try a smaller one.',
  },
);

/**
 * A picture turned upright, made small, and nothing else in it.
 *
 * @throws Error with a sentence for the cook where it is no picture this browser can read
 */
export async function smallPicture(
  file: Blob,
  signal: AbortSignal,
): Promise<PictureSize & { bytes: ArrayBuffer }> {
  const small = await pictures.ask((api) => api.small(file), signal);
  if (!small) throw new Error('That is no picture this browser can read.');
  return small;
}

/** A spread by the places tapped on a picture; null while they make no rims. */
export function measureTapped(
  size: PictureSize,
  rims: Rims,
  knownMm: number,
  signal: AbortSignal,
): Promise<SpreadOnPicture | null> {
  return pictures.ask((api) => api.measure(size, rims, knownMm), signal);
}

/** A spread by the edges near where both rims were laid; null where they can't be told from what is beside them. */
export function measureEdges(
  picture: Blob,
  size: PictureSize,
  laid: Rims,
  knownMm: number,
  signal: AbortSignal,
): Promise<SpreadOnPicture | null> {
  return pictures.ask((api) => api.find(picture, size, laid, knownMm), signal);
}
