import { asks, beginsWithVerb, isSentence } from './lineKind';
import type { SkipReason } from './lineReading';
import type { Mentions } from './mentions';

/** Words that say what kind of dish a line names, where the line is its title. */
const dishes =
  /\b(?:hummus|houmous|hommus|dip|dips|spread|pesto|pâté|pate|salsa|sauce|relish|chutney|purée|cream)\b/i;

/** Why nothing comes of a line that names foods and no amount of them. */
export function toldOnly(clean: string, { amounts, foods, words }: Mentions): SkipReason | null {
  const measured = amounts.filter(({ kind }) => kind !== 'open' && kind !== 'little');
  if (asks(clean)) return 'step';
  if (measured.length === 0) {
    if (/^(?:no|not|without|omit|skip|hold the|leave out|never)\b/i.test(clean)) return 'note';
    if (beginsWithVerb(clean) && !/^(?:drizzle|squeeze|top|finish|garnish|toast)\b/i.test(clean))
      return 'step';
    if (beginsWithVerb(clean) && isSentence(clean)) return 'step';
    if (isSentence(clean) && amounts.length === 0) return 'note';
    if (foods.length > 0 && amounts.length === 0 && dishes.test(clean)) return 'note';
    return null;
  }
  const [first] = foods;
  const sentences = clean.split(/[.!?](?:\s|$)/).filter((part) => part.trim() !== '').length;
  if (first && beginsWithVerb(clean)) {
    const before = measured.some(({ from }) => from < first.from);
    const soon = measured.some(({ from }) => from <= first.next + 1);
    if (!before && !soon) return 'step';
    if (sentences > 1 && words.lower.length > 14) return 'step';
  }
  return null;
}
