import { alwaysAtHand } from '../larder/everyday';
import type { Ingredient, Role } from '../larder/ingredient';
import type { Larder } from '../larder/larder';

/** What changes the taste of a bowl, and neither its body nor what is asked for. */
const besides: ReadonlySet<Role> = new Set(['aromatic', 'spice', 'herb', 'green'] as const);

/** What is at hand at a practice bowl: what is in it that gives it body, salt or sourness, and what is always there where nothing of its kind is in it. */
export function shelfFor(inIt: readonly Ingredient[], larder: Larder): string[] {
  const own = inIt.filter(({ role }) => !besides.has(role));
  const kinds = new Set(own.map(({ role }) => role));
  const always = alwaysAtHand.filter((id) => {
    const role = larder.get(id)?.role;
    return role !== undefined && !kinds.has(role);
  });
  return [...new Set([...own.map(({ id }) => id), ...always])];
}
