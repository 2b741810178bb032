import type { MeasureSystem } from '../amounts/measureSystem';
import { readGrams } from '../amounts/toGrams';
import type { Ingredient } from '../larder/ingredient';

const mostWords = 7;
const sameWithin = 1e-3;

/**
 * An amount in the cook's own writing, where a row reads that as the same grams: `1/4 cup` and not `¼ cup`.
 *
 * @param line clean, of one food
 * @param amount as it was understood
 */
export function asWritten(
  line: string,
  amount: string,
  ingredient: Ingredient,
  massG: number,
  system: MeasureSystem,
): string {
  const words = line
    .replace(/[,;:]/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '' && word !== '-');
  const says = (text: string) => {
    const read = readGrams(text, ingredient, system);
    return read.ok && Math.abs(read.value.massG - massG) <= sameWithin * massG;
  };
  for (let count = Math.min(words.length, mostWords); count > 0; count -= 1) {
    for (const text of [words.slice(0, count).join(' '), words.slice(-count).join(' ')]) {
      // a bare figure says less than what was understood
      if (/[a-z]/i.test(text) && !/[()]/.test(text) && says(text)) return text;
    }
  }
  return amount;
}
