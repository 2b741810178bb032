import { distance } from 'fastest-levenshtein';

const sorted = (word: string) => [...word].sort().join('');

/** Whether two words have the same letters, in whatever order. */
export const sameLetters = (word: string, other: string): boolean =>
  word.length === other.length && sorted(word) === sorted(other);

/** Slips of the finger between two words: letters wrong, left out or too many; two that changed places are one slip. */
export function slipsOf(word: string, other: string): number {
  const apart = distance(word, other);
  return apart === 2 && sameLetters(word, other) ? 1 : apart;
}
