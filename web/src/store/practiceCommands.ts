import { put, remove } from '@cobbet/core/book/change';
import { shippedLarder } from '@cobbet/core/larder/larder';
import type { Addition, HiddenBowl } from '@cobbet/core/practice/hiddenBowl';
import { type BowlRef, type Guess, withAddition } from '@cobbet/core/practice/practice';
import { useBook } from './bookStore';
import { newId } from './newId';

/** Takes up a practice bowl. */
export async function beginPractice(bowl: BowlRef, name: string): Promise<string> {
  const id = newId();
  await useBook.getState().act(`Practice: ${name}`.slice(0, 120), () => [
    put('practices', {
      ...{ id, bowl, name, steps: [], endedAt: null },
      startedAt: new Date().toISOString(),
    }),
  ]);
  return id;
}

/** Something goes into a practice bowl; no more than there are additions. */
export function addToPractice(
  id: string,
  bowl: HiddenBowl,
  addition: Addition,
  guess: Guess,
): Promise<boolean> {
  return useBook.getState().act(`Practice: ${addition.amount}`, (book) => {
    const practice = book.practices.get(id);
    if (!practice || practice.endedAt !== null || practice.steps.length >= bowl.most) return [];
    const at = new Date().toISOString();
    return [put('practices', withAddition(practice, bowl, addition, guess, shippedLarder, at))];
  });
}

/** Lays the spoon down: what was hidden may be seen. */
export function endPractice(id: string): Promise<boolean> {
  return useBook.getState().act('Practice: see what it was', (book) => {
    const practice = book.practices.get(id);
    return practice && practice.endedAt === null
      ? [put('practices', { ...practice, endedAt: new Date().toISOString() })]
      : [];
  });
}

/** Throws a practice bowl away, with its guesses; undo brings it back. */
export function dropPractice(id: string): Promise<boolean> {
  return useBook.getState().act('Throw the practice bowl away', () => [remove('practices', id)]);
}
