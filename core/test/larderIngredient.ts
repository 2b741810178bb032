import type { Ingredient } from '../src/larder/ingredient';
import { shippedLarder } from '../src/larder/larder';

/** An ingredient of the shipped larder; tests that name one that isn't there fail at once. */
export function ingredient(id: string): Ingredient {
  const found = shippedLarder.get(id);
  if (!found) throw new Error(`no ingredient ${id}`);
  return found;
}
