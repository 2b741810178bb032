import type { SearchDocument } from './searchDocument';

/** Letters either side of what was matched. */
const around = 48;

/**
 * The words of a document around what was matched in it.
 *
 * @param matched words as they stand in the index
 * @returns the part before, what was matched, and the part after; null where only its title was matched, or nothing
 */
export function excerptOf(
  { notes, things, people }: SearchDocument,
  matched: readonly string[],
): readonly [before: string, hit: string, after: string] | null {
  for (const text of [notes, people, things]) {
    const plain = text
      .normalize('NFD')
      .replace(/\p{Diacritic}/gu, '')
      .toLowerCase();
    // letters that lost a mark keep their places only where nothing else changed
    const same = plain.length === text.length;
    for (const term of matched) {
      const at = same ? plain.indexOf(term) : -1;
      if (at < 0) continue;
      const from = Math.max(0, at - around);
      const to = Math.min(text.length, at + term.length + around);
      return [
        `${from > 0 ? '…' : ''}${text.slice(from, at)}`,
        text.slice(at, at + term.length),
        `${text.slice(at + term.length, to)}${to < text.length ? '…' : ''}`,
      ];
    }
  }
  return null;
}
