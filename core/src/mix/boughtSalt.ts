import type { Ingredient } from '../larder/ingredient';
import type { Place } from './part';

/** What the spread of salt needs of an addition. */
export interface Salted {
  ingredient: Pick<Ingredient, 'saltG' | 'saltCv'>;
  place: Place;
}

/**
 * Spread of a dip's salt that comes from how bought things differ: a can, a jar, a cheese of another make. Independent
 * from one ingredient to the next.
 *
 * @param massOf g of the addition at a place in the list
 * @param massG of the dip, g
 * @returns one standard deviation, g per 100 g; 0 of an empty dip
 */
export function boughtSaltSd(
  rows: readonly Salted[],
  massOf: (index: number) => number,
  massG: number,
): number {
  if (!(massG > 0)) return 0;
  let squares = 0;
  rows.forEach(({ ingredient, place }, index) => {
    if (place !== 'top') squares += (massOf(index) * ingredient.saltG * ingredient.saltCv) ** 2;
  });
  return Math.sqrt(squares) / massG;
}
