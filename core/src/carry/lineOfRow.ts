import { isWeighed } from '../amounts/isWeighed';
import { printGrams } from '../amounts/printAmount';
import { aliases } from '../larder/aliases';
import type { ReadRow } from '../dip/readRow';
import { type LineContext, readLine } from '../lines/readLine';

/** A row as a line, and whether how it is prepared stands in it. */
export interface RowLine {
  line: string;
  prepSaid: boolean;
}

const placed = { bowl: '', fold: ', folded in', top: ', on top' } as const;

/** Lower case, as it stands within a line. */
const within = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);

/** What a thing may be called, the whole of it first. */
function namesOf(name: string): string[] {
  const plain = name
    .replace(/ \([^)]*\)/g, '')
    .replace(/^[^:]*: /, '')
    .trim();
  const parts = plain.split(', ');
  const all = [
    name,
    plain,
    parts.slice(0, 2).join(', '),
    [...parts].reverse().join(' '),
    parts[0] ?? name,
  ];
  return [...new Set(all.map(within))];
}

/**
 * A row as a line that reads back as that row and nothing else: of the ways to write it the first that does, the most said first.
 *
 * @param kitchen whose larder and measures a reader of it is taken to have
 */
export function lineOfRow(
  { row, ingredient, massG, error, toTaste }: ReadRow,
  kitchen: LineContext,
): RowLine {
  const amount = row.amount.trim();
  const open = toTaste || amount === '';
  const names = ingredient
    ? [...namesOf(ingredient.name), ...(aliases[ingredient.id] ?? [])]
    : [row.ingredientId];
  const counts = error === null && !open && massG > 0;
  const weights = counts && !isWeighed(amount) ? [` (${printGrams(massG)})`, ''] : [''];
  const amounts = open ? [''] : counts ? [amount, printGrams(massG)] : [amount];
  const preps = row.prep.trim() === '' ? [''] : [`, ${row.prep.trim()}`, ''];
  const lineOf = (much: string, name: string, weight: string, prep: string) =>
    `${much === '' ? `${name}, to taste` : `${much} ${name}`}${weight}${prep}${placed[row.place]}`;
  const readsBack = (line: string) => {
    const { parts, ask } = readLine(line, kitchen);
    const [part] = parts;
    return (
      ask.length === 0 &&
      parts.length === 1 &&
      part?.ingredient === row.ingredientId &&
      part.place === row.place &&
      Math.abs(part.massG - (counts ? massG : 0)) <= 0.02 * massG + 0.3
    );
  };
  for (const much of amounts) {
    for (const prep of preps) {
      for (const name of names) {
        for (const weight of weights) {
          const line = lineOf(much, name, much === amount ? weight : '', prep);
          if (readsBack(line)) return { line, prepSaid: prep === preps[0] };
        }
      }
    }
  }
  // nothing reads back whole: it is written as the cook wrote it
  return { line: lineOf(amount, names[0] ?? '', '', preps[0] ?? ''), prepSaid: true };
}
