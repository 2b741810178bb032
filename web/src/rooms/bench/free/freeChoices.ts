import { dietFit } from '@cobbet/core/dip/diets';
import type { FreeOf } from '@cobbet/core/advise/plausible';
import type { Part } from '@cobbet/core/mix/part';
import { allergenWord } from '@cobbet/core/larder/allergenWord';

/** One thing a dip can be made free of. */
export interface FreeChoice {
  id: string;
  /** On its button. */
  word: string;
  /** In a variant's name. */
  named: string;
  free: FreeOf;
}

/** What a dip carries that somebody may leave out: its allergens, nuts as one where there are several, garlic, and diets it does not fit. */
export function freeChoices(parts: readonly Part[]): FreeChoice[] {
  const there = parts.filter(({ massG }) => massG > 0);
  const allergens = [...new Set(there.flatMap(({ ingredient }) => ingredient.allergens))].sort();
  const nuts = allergens.filter((one) => one.startsWith('tree-nut:'));
  const without = (id: string, word: string): FreeChoice => ({
    ...{ id, word, named: `no ${word}` },
    free: { allergens: [id], diets: [] },
  });
  const garlic = there.some(({ ingredient }) => ingredient.garlicUnits > 0);
  return [
    ...(nuts.length > 0 ? [without('tree-nut', 'nuts')] : []),
    ...allergens.filter((one) => !nuts.includes(one)).map((one) => without(one, allergenWord(one))),
    ...(garlic ? [without('garlic', 'garlic')] : []),
    ...(['vegan', 'vegetarian'] as const)
      .filter((diet) => !dietFit(there, diet).fits)
      .map((diet) => ({
        ...{ id: diet, word: diet, named: diet },
        free: { allergens: [], diets: [diet] },
      })),
  ];
}

/** Several choices together. */
export const freeOfAll = (choices: readonly FreeChoice[]): FreeOf => ({
  allergens: choices.flatMap(({ free }) => free.allergens),
  diets: choices.flatMap(({ free }) => free.diets),
});
