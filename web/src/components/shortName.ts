import type { Larder } from '@cobbet/core/larder/larder';
import { capital } from '@/components/bodyText';

/** What an ingredient is called in a row: its first words; the rest is in the details. */
export function shortName(name: string): string {
  const plain = capital(name.replace(/ \([^)]*\)/g, '').replace(/^Aquafaba: /, ''));
  const [first = plain, second] = plain.split(', ');
  return second && first.length + second.length < 20 ? `${first}, ${second}` : first;
}

/** The same by id, as it stands within a sentence. */
export const namesIn = (larder: Larder) => (id: string) =>
  shortName(larder.get(id)?.name ?? id).toLowerCase();

/** The first words of it alone, where a sentence has more than one of them. */
export const firstNamesIn = (larder: Larder) => (id: string) =>
  namesIn(larder)(id).split(',')[0] ?? id;
