import type { BaseDifference } from '@cobbet/core/book/fromBase';
import { targetWords } from '@cobbet/core/mix/targets';

const makingWords = {
  method: 'another grind or method',
  machineId: 'another machine',
  tasting: 'tasted otherwise',
  keepDays: 'kept for another time',
} as const;

/**
 * One thing a variant does otherwise, in words: `sunflower butter for tahini`, `3 tbsp lemon juice, not 2 tbsp`, `+ paprika`.
 *
 * @param nameOf an ingredient within a sentence, by id
 */
export function differenceWords(
  difference: BaseDifference,
  nameOf: (id: string) => string,
): string {
  switch (difference.kind) {
    case 'swapped':
      return `${nameOf(difference.own.ingredientId)} for ${nameOf(difference.base.ingredientId)}`;
    case 'amount': {
      const { own, base } = difference;
      return `${own.amount} ${nameOf(own.ingredientId)}, not ${base.amount}`;
    }
    case 'added':
      return `+ ${nameOf(difference.own.ingredientId)}`;
    case 'left out':
      return `no ${nameOf(difference.base.ingredientId)}`;
    case 'making':
      return makingWords[difference.what];
    case 'target':
      return `another target for ${targetWords[difference.name].name}`;
  }
}
