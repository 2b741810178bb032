import type { BaseDifference } from '@cobbet/core/book/fromBase';
import { bandWords } from './bandWords';
import { targetWords } from '@cobbet/core/mix/targets';

/** What is made otherwise, in words. */
export const makingWords = {
  method: 'another grind or method',
  machineId: 'another machine',
  tasting: 'tasted otherwise',
  keepDays: 'kept for another time',
  rules: 'other rules',
} as const;

function targetDifference({ name, base, own }: BaseDifference & { kind: 'target' }): string {
  const words = targetWords[name].name;
  if (!own) return `no target for ${words}`;
  return `${words} to be ${bandWords(own)}${base ? `, not ${bandWords(base)}` : ''}`;
}

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
      return targetDifference(difference);
  }
}
