import { addTo, type BowlSums, emptyBowl } from '../src/mix/bowlSums';
import { type Part, partSumsPerGram } from '../src/mix/part';
import { ingredient } from './larderIngredient';

/** A part of so many grams, weighed. */
export function part(id: string, massG: number, place: Part['place'] = 'bowl'): Part {
  return { ingredient: ingredient(id), massG, cv: 0.01, place };
}

/** The sums of a bowl given as ingredient and grams. */
export function bowlOf(...parts: [id: string, massG: number][]): BowlSums {
  const sums = emptyBowl();
  for (const [id, massG] of parts) addTo(sums, partSumsPerGram(part(id, massG)), massG);
  return sums;
}

/** An everyday hummus, ingredient and grams. */
export const everydayHummus: [id: string, massG: number][] = [
  ['chickpeas-cooked', 300],
  ['tahini-hulled', 75],
  ['lemon-juice', 45],
  ['water', 60],
  ['olive-oil-extra-virgin', 15],
  ['garlic-raw', 5],
  ['sea-salt-fine', 5],
];
