import type { Book } from '@cobbet/core/book/book';
import { type Larder, larderWith, shippedLarder } from '@cobbet/core/larder/larder';

const known = new WeakMap<Book['larder'], Larder>();

/**
 * The shipped larder with the book's own ingredients over it. An own ingredient that is like one no longer there is
 * left out rather than taking the larder with it.
 */
export function bookLarder(own: Book['larder']): Larder {
  if (own.size === 0) return shippedLarder;
  const found = known.get(own);
  if (found) return found;
  const usable = [...own.values()].filter(
    (one) => !('like' in one) || shippedLarder.has(one.like) || own.has(one.like),
  );
  const larder = larderWith(usable);
  known.set(own, larder);
  return larder;
}
