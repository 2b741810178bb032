import { searchLarder } from '@cobbet/core/larder/find';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { readGrams } from '@cobbet/core/amounts/toGrams';

/** An ingredient that fits what was typed, with the amount typed before it. */
export interface Found {
  ingredient: Ingredient;
  amount: string;
}

/** What was typed may start with an amount: `2 tbsp lemon` finds lemon juice with its two spoons. */
export function findTyped(text: string, larder: Larder, measures: MeasureSystem): Found[] {
  const words = text.trim().split(/\s+/);
  for (let count = Math.min(words.length - 1, 6); count > 0; count -= 1) {
    const amount = words.slice(0, count).join(' ');
    if (!/^[\d½⅓⅔¼¾⅛]|^(a|an|half|one|two|three|juice|zest|pinch|splash|handful)\b/i.test(amount)) {
      break;
    }
    const found = searchLarder(larder, words.slice(count).join(' ').replace(/^of /, ''), 7).filter(
      (ingredient) => readGrams(amount, ingredient, measures).ok,
    );
    if (found.length > 0) return found.map((ingredient) => ({ ingredient, amount }));
  }
  return searchLarder(larder, text, 8).map((ingredient) => ({ ingredient, amount: '' }));
}
