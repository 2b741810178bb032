import type { Ingredient, Role } from '../larder/ingredient';

/** How warm words say a thing goes in, °C, the surest word first (engineering judgement). */
const warmths: readonly (readonly [word: string, atC: number])[] = [
  ['boiling', 100],
  ['iced', 2],
  ['chilled', 5],
  ['lukewarm', 35],
  ['tepid', 35],
  ['hot', 80],
  ['warm', 45],
  ['cold', 8],
];

const iceColdC = 2;
/** Just off the boil, by the time it is measured. */
const justBoiledC = 95;

/** What there is enough of to warm or cool a bowl; a hot sauce and a hot pepper are hot otherwise. */
const counts: readonly Role[] = ['liquid', 'legume', 'dairy', 'vegetable', 'oil'];

/**
 * How warm a line says its food goes in.
 *
 * @param said words of the line about that food
 * @returns °C; null where nothing is said of it
 */
export function warmthOf(
  said: ReadonlySet<string>,
  { role }: Pick<Ingredient, 'role'>,
): number | null {
  if (!counts.includes(role) || said.has('pressed')) return null;
  // boiled alone is how a thing was cooked
  if (said.has('boiled') && (said.has('just') || said.has('freshly'))) return justBoiledC;
  if (said.has('ice') && said.has('cold')) return iceColdC;
  return warmths.find(([word]) => said.has(word))?.[1] ?? null;
}
