import { readGrams } from '../../amounts/toGrams';
import { sameValue } from '../../book/mergeRecords';
import { cannot, dayIn, type Line, numberIn, type Outcome, type Taking } from './taking';

/** Takes a line of what is in the house: what a thing's place held before is replaced. */
export function stockLine(line: Line, taking: Taking): Outcome {
  const ingredient = taking.ingredient(line['ingredient'] ?? '', line['name'] ?? '');
  if (typeof ingredient === 'string') return cannot(ingredient);
  const useBy = dayIn(line, 'use by');
  if (typeof useBy === 'string') return cannot(useBy);
  const { id } = ingredient;
  const known = taking.book.stock.get(id);
  const item = { id, amount: line['amount'] ?? '', useBy: useBy?.day ?? null };
  return sameValue(known, item) ? 'same' : taking.take('stock', item);
}

/** Takes a line of what a pack cost. */
export function priceLine(line: Line, taking: Taking): Outcome {
  const ingredient = taking.ingredient(line['ingredient'] ?? '', line['name'] ?? '');
  if (typeof ingredient === 'string') return cannot(ingredient);
  const price = numberIn(line, 'price');
  if (typeof price === 'string') return cannot(price);
  if (price === null || price < 0) return cannot('There is no price.');
  const forAmount = line['for'] ?? '';
  const said = numberIn(line, 'g');
  if (typeof said === 'string') return cannot(said);
  const read = readGrams(forAmount, ingredient, taking.now.measures);
  const forG = said ?? (read.ok && !read.value.toTaste ? read.value.massG : 0);
  if (forG <= 0) {
    return cannot(`“${forAmount}” is no amount of ${ingredient.name} that weighs anything.`);
  }
  const on = dayIn(line, 'on');
  if (typeof on === 'string') return cannot(on);
  const kept = {
    ...{ ingredientId: ingredient.id, price, forAmount, forG },
    ...{ shop: line['shop'] ?? '', on: on?.day ?? taking.today },
  };
  if (taking.hasPrice(kept)) return 'same';
  return taking.take('prices', { id: taking.newId(), ...kept });
}
