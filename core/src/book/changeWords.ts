import type { TasteMarks } from '../readings/tastes';

const wanted = {
  salt: { short: 'more salt', over: 'less salt' },
  sour: { short: 'more lemon', over: 'less lemon' },
  garlic: { short: 'more garlic', over: 'less garlic' },
  bitter: { short: 'a little more bitter', over: 'less bitter' },
  lean: { short: 'less fat', over: 'more fat' },
  flat: { short: 'less sharp', over: 'more life: salt and lemon' },
} as const;

/**
 * What to change next time, from how it tasted.
 *
 * @returns empty where everything was right or nothing was marked
 */
export function changeWords(tastes: TasteMarks): string {
  const found = Object.entries(wanted).flatMap(([taste, words]) => {
    const verdict = tastes[taste as keyof TasteMarks];
    return verdict === 'short' || verdict === 'over' ? [words[verdict]] : [];
  });
  return found.join(', ');
}
