import { plainId } from '../larder/plainId';
import type { Larder } from '../larder/larder';
import type { LineQuestion } from './lineReading';

/** A food the larder does not have yet, to be kept as like one it has. */
export interface NewFood {
  id: string;
  like: string;
  name: string;
}

/**
 * What a question is about as a food of the cook's own, like the likeliest candidate; its name is the cook's words, so that they
 * find it the next time.
 *
 * @returns null where the larder has it, or nothing is near enough to begin from
 */
export function newFood({ kind, food, candidates }: LineQuestion, larder: Larder): NewFood | null {
  const [like] = candidates;
  if (kind !== 'food' || food.trim() === '' || like === undefined) return null;
  const slug = plainId(food);
  if (slug === '') return null;
  let id = slug;
  for (let count = 2; larder.has(id); count += 1) id = `${slug}-${count}`;
  return { id, like, name: food.charAt(0).toUpperCase() + food.slice(1) };
}
