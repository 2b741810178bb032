import {
  type Book,
  type BookTables,
  type ListedTable,
  listedTables,
  type Settings,
  settingsOf,
} from './book';
import { bookVersion } from './bookVersion';

type Lists = { [T in ListedTable]: BookTables[T][] };

/** A whole book as one JSON file; docs/format.md describes it. */
export interface BookFile extends Lists {
  format: 'cobbet-book';
  version: number;
  exportedAt: string;
  settings: Settings;
}

/** A book as its file. */
export function toBookFile(book: Book, exportedAt: string): BookFile {
  return {
    format: 'cobbet-book',
    version: bookVersion,
    exportedAt,
    settings: settingsOf(book),
    ...(Object.fromEntries(
      listedTables.map((table) => [table, [...book[table].values()]]),
    ) as unknown as Lists),
  };
}
