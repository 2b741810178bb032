import { put, remove } from '@cobbet/core/book/change';
import type { StockItem } from '@cobbet/core/book/stock';
import type { OwnIngredient } from '@cobbet/core/larder/ingredient';
import type { NewFood } from '@cobbet/core/lines/newFood';
import type { YieldResult } from '@cobbet/core/prepare/yieldResult';
import { useBook } from './bookStore';
import { newId } from './newId';

/** Keeps an ingredient of the cook's own, or a correction of a shipped one. */
export function keepIngredient(own: OwnIngredient, name: string): Promise<boolean> {
  return useBook.getState().act(`Larder: ${name}`, () => [put('larder', own)]);
}

/** Takes an own ingredient out, or a shipped one back to how it shipped. */
export function takeBackIngredient(id: string, name: string): Promise<boolean> {
  return useBook.getState().act(`Larder: ${name} as before`, () => [remove('larder', id)]);
}

/** Keeps a food the larder has not, like one it has; with a merge key one step with what follows. */
export function keepNewFood(food: NewFood, mergeKey?: string): Promise<boolean> {
  return useBook
    .getState()
    .act(
      `New in the larder: ${food.name}`,
      () => [put('larder', food)],
      mergeKey === undefined ? {} : { mergeKey },
    );
}

/** Says how much of a thing there is in the house. */
export function keepStock(item: StockItem, name: string): Promise<boolean> {
  return useBook.getState().act(`In the house: ${name}`, () => [put('stock', item)]);
}

/** A thing that is used up. */
export function dropStock(id: string, name: string): Promise<boolean> {
  return useBook.getState().act(`Used up: ${name}`, () => [remove('stock', id)]);
}

/** Remembers what a raw thing really gave. */
export function keepYield(result: Omit<YieldResult, 'id' | 'at'>, name: string): Promise<boolean> {
  return useBook
    .getState()
    .act(`Yield of ${name}`, () => [
      put('yields', { ...result, id: newId(), at: new Date().toISOString() }),
    ]);
}

/** Forgets what a raw thing has given, so that the table counts again. */
export function forgetYields(ingredientId: string, from: string, name: string): Promise<boolean> {
  return useBook
    .getState()
    .act(`Forget the yields of ${name}`, (book) =>
      [...book.yields.values()]
        .filter((one) => one.ingredientId === ingredientId && one.from === from)
        .map((one) => remove('yields', one.id)),
    );
}
