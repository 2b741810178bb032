import { addAmountTexts } from '@cobbet/core/amounts/addAmounts';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { put } from '@cobbet/core/book/change';
import { useBook } from './bookStore';

/** What was bought goes to what is in the house, as one step of undo; amounts that don’t add up in words do in grams. */
export function stockUp(bought: readonly { id: string; amount: string }[]): Promise<boolean> {
  return useBook.getState().act(`Into the house: ${bought.length} things`, (book) => {
    const { larder, measures } = bookKitchen(book);
    const gramsOf = (id: string, amount: string) => {
      const ingredient = larder.get(id);
      const read = ingredient && readGrams(amount, ingredient, measures);
      return read?.ok ? read.value.massG : 0;
    };
    return bought.map(({ id, amount }) => {
      const there = book.stock.get(id);
      if (!there) return put('stock', { id, amount, useBy: null });
      const sum = addAmountTexts(there.amount, amount);
      const grams = gramsOf(id, there.amount) + gramsOf(id, amount);
      return put('stock', { ...there, amount: sum.ok ? sum.value : printGrams(grams) });
    });
  });
}
