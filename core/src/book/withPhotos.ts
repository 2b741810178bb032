import type { Book } from './book';
import { type Change, remove } from './change';

/**
 * Changes with what they do to pictures: those of what is thrown away go with it, but for those the changes give another place.
 *
 * @param book before the changes
 */
export function withPhotos(book: Pick<Book, 'photos'>, changes: readonly Change[]): Change[] {
  const gone = new Set(
    changes.flatMap(({ table, id, after }) => (after === null ? [`${table}/${id}`] : [])),
  );
  if (gone.size === 0 || book.photos.size === 0) return [...changes];
  const told = new Set(changes.flatMap(({ table, id }) => (table === 'photos' ? [id] : [])));
  const loose = [...book.photos.values()].filter(
    ({ id, of, ofId }) => gone.has(`${of}/${ofId}`) && !told.has(id),
  );
  return [...changes, ...loose.map(({ id }) => remove('photos', id))];
}
