import {
  type Book,
  type BookTables,
  type ListedTable,
  listedTables,
  type Settings,
  settingsOf,
} from './book';
import { bookVersion } from './bookVersion';
import { type Lineage, type LineageFile, lineageFile } from './stamp';

type Lists = { [T in ListedTable]: BookTables[T][] };

/** A whole book as one JSON file; docs/format.md describes it. */
export interface BookFile extends Lists {
  format: 'cobbet-book';
  version: number;
  exportedAt: string;
  settings: Settings;
  /** Left out where nobody knows it; then what differs is asked when it is joined. */
  lineage?: LineageFile;
}

/**
 * A book as its file.
 *
 * @param exportedAt ISO 8601
 * @param lineage where it comes from and who changed what
 */
export function toBookFile(book: Book, exportedAt: string, lineage?: Lineage): BookFile {
  return {
    format: 'cobbet-book',
    version: bookVersion,
    exportedAt,
    settings: settingsOf(book),
    ...(lineage ? { lineage: lineageFile(lineage) } : {}),
    ...(Object.fromEntries(
      listedTables.map((table) => [table, [...book[table].values()]]),
    ) as unknown as Lists),
  };
}
