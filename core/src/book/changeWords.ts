import type { Taste, TasteMarks } from '../readings/tastes';

const wanted = {
  salt: { short: 'more salt', over: 'less salt' },
  sour: { short: 'more lemon', over: 'less lemon' },
  garlic: { short: 'more garlic', over: 'less garlic' },
  bitter: { short: 'a little more bitter', over: 'less bitter' },
  lean: { short: 'less fat', over: 'more fat' },
  flat: { short: 'less sharp', over: 'more life: salt and lemon' },
  sweet: { short: 'a little sweeter', over: 'less sweet' },
  heat: { short: 'hotter', over: 'milder' },
  smoke: { short: 'more smoke', over: 'less smoke' },
  herb: { short: 'more herb', over: 'less herb' },
  nut: { short: 'more nut', over: 'less nut' },
  colour: { short: 'more colour', over: 'paler' },
} as const satisfies Record<Taste, Record<'short' | 'over', string>>;

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
