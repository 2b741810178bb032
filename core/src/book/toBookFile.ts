import { type Book, type BookTables, type Settings, settingsOf, type TableName } from './book';
import { bookVersion } from './migrations';

/** Tables that a file holds as lists of records; there is one record of settings. */
export type ListedTable = Exclude<TableName, 'settings'>;

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
    larder: [...book.larder.values()],
    dips: [...book.dips.values()],
    trials: [...book.trials.values()],
    runs: [...book.runs.values()],
    plans: [...book.plans.values()],
    stock: [...book.stock.values()],
    yields: [...book.yields.values()],
    byproducts: [...book.byproducts.values()],
    timers: [...book.timers.values()],
  };
}
