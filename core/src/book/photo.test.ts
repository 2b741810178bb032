import { expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { put, remove, withChanges } from './change';
import { type Photo, photosOf, photosOfTrial } from './photo';
import { withPhotos } from './withPhotos';

const photo = (id: string, extra: Partial<Photo> = {}): Photo => ({
  ...{ id, of: 'trials', ofId: 't', note: '', widthPx: 10, heightPx: 10, bytes: 5 },
  takenAt: `2026-05-0${id}T10:00:00.000Z`,
  ...extra,
});
const book = withChanges(bookOf([dip('a')], [trial('t', 'a'), trial('u', 'a', { number: 2 })]), [
  put('photos', photo('2')),
  put('photos', photo('1')),
  put('photos', photo('3', { ofId: 'u' })),
  put('photos', photo('4', { of: 'runs', ofId: 'r' })),
]);

test('pictures of a record stand oldest first, and no others', () => {
  expect(photosOf(book.photos.values(), 'trials', 't').map(({ id }) => id)).toEqual(['1', '2']);
});

test('what is thrown away takes its pictures with it, and no others', () => {
  const changes = withPhotos(book, [remove('trials', 't')]);
  expect(withChanges(book, changes).photos.size).toBe(2);
  expect(
    changes
      .slice(1)
      .map(({ id }) => id)
      .sort(),
  ).toEqual(['1', '2']);
  expect(withPhotos(book, [put('dips', dip('a'))])).toHaveLength(1);
});

test('a bowl that becomes a trial gives its pictures to it', () => {
  const moved = photosOfTrial(book.photos.values(), 'r', 't');
  const changes = withPhotos(book, [
    remove('runs', 'r'),
    ...moved.map((one) => put('photos', one)),
  ]);
  const after = withChanges(book, changes);
  expect(after.photos.get('4')).toMatchObject({ of: 'trials', ofId: 't' });
  expect(after.photos.size).toBe(4);
});
