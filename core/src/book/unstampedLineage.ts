import { type Book, tableNames } from './book';
import type { Lineage } from './stamp';

/** A short mark of a text, the same for the same text (FNV-1a, 32 bits, twice from different starts). */
function markOf(texts: Iterable<string>): string {
  let [one, two] = [0x811c9dc5, 0x01000193];
  for (const text of texts) {
    for (let i = 0; i < text.length; i += 1) {
      one = Math.imul(one ^ text.charCodeAt(i), 0x01000193);
      two = Math.imul(two ^ text.charCodeAt(i), 0x85ebca6b) ^ (two >>> 13);
    }
  }
  return [one, two].map((half) => (half >>> 0).toString(16).padStart(8, '0')).join('');
}

/**
 * Where a book comes from that does not say it: a file older than stamps. The same book begins the same wherever it is opened, and nothing is
 * taken for a later state of another that was only once alike.
 */
export function unstampedLineage(book: Book): Lineage {
  const texts = tableNames.flatMap((table) =>
    [...book[table].values()].map((record) => `${table} ${JSON.stringify(record)}`).sort(),
  );
  return { identity: `as-read-${markOf(texts)}`, stamps: new Map() };
}
