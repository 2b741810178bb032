import { put, remove } from '@cobbet/core/book/change';
import type { Photo } from '@cobbet/core/book/photo';
import { smallPicture } from '@/workers/pictureClient';
import { useBook } from './bookStore';
import { newId } from './newId';

/**
 * Keeps a picture: upright, small, without the place and the device it was taken with.
 *
 * @throws Error with a sentence for the cook; then nothing was kept
 */
export async function addPhoto(
  of: Pick<Photo, 'of' | 'ofId' | 'step'>,
  file: Blob,
  signal: AbortSignal,
): Promise<void> {
  const { bytes, widthPx, heightPx } = await smallPicture(file, signal);
  const id = newId();
  const shelf = useBook.getState().pictures();
  if (!shelf) throw new Error('The book is not open, so the picture was not kept.');
  const length = bytes.byteLength;
  try {
    await shelf.put(id, bytes);
  } catch (error) {
    throw new Error('There is no room for the picture in this browser. It was not kept.', {
      cause: error,
    });
  }
  const takenAt = new Date().toISOString();
  const photo: Photo = { id, ...of, note: '', widthPx, heightPx, bytes: length, takenAt };
  await useBook.getState().act('Keep a picture', () => [put('photos', photo)]);
}

/** Changes what is said of a picture, or what was measured on it. */
export function editPhoto(
  label: string,
  id: string,
  change: (photo: Photo) => Photo,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    ({ photos }) => {
      const photo = photos.get(id);
      return photo ? [put('photos', change(photo))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Throws a picture away; undo brings it back. */
export function deletePhoto(id: string): Promise<boolean> {
  return useBook
    .getState()
    .act('Throw a picture away', ({ photos }) => (photos.has(id) ? [remove('photos', id)] : []));
}
