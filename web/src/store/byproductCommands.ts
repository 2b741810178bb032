import { type Byproduct, byproductOf } from '@cobbet/core/book/byproduct';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { put } from '@cobbet/core/book/change';
import type { Leftover } from '@cobbet/core/prepare/prepare';
import { useBook } from './bookStore';
import { newId } from './commands';
import { today } from './today';

/** Keeps what is left over, with its date, for a next use. */
export function keepByproducts(leftovers: readonly Leftover[], from: string): Promise<boolean> {
  const names = leftovers.map(({ what }) => what).join(', ');
  return useBook
    .getState()
    .act(`Keep ${names}`, () =>
      leftovers.map((one) => put('byproducts', byproductOf(one, newId(), from, today()))),
    );
}

/** Days the rest of something opened is kept where the larder does not say (judgement). */
const openedDays = 3;

/** Keeps what did not go into a bowl, with its date, for a next use. */
export function keepRest(ingredientId: string, massG: number, from: string): Promise<boolean> {
  return useBook.getState().act('Keep the rest', (book) => {
    const ingredient = bookKitchen(book).larder.get(ingredientId);
    if (!ingredient) return [];
    const rest: Leftover = {
      what: ingredient.name,
      ingredient: ingredientId,
      low: massG,
      typical: massG,
      high: massG,
      unit: 'g',
      keepDays: ingredient.keepsDays ?? openedDays,
      nextUse: '',
    };
    return [put('byproducts', byproductOf(rest, newId(), from, today()))];
  });
}

/** Says what became of something kept. */
export function byproductGone(kept: Byproduct, how: 'used' | 'thrown'): Promise<boolean> {
  const label = how === 'used' ? `Used: ${kept.what}` : `Thrown away: ${kept.what}`;
  return useBook
    .getState()
    .act(label, () => [put('byproducts', { ...kept, gone: { how, on: today() } })]);
}
