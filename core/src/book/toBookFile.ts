import type { OwnIngredient } from '../larder/ingredient';
import { type Book, type Settings, settingsOf } from './book';
import type { Dip } from './dip';
import { bookVersion } from './migrations';
import type { Plan } from './plan';
import type { Run } from './run';
import type { StockItem } from './stock';
import type { Trial } from './trial';
import type { YieldResult } from './yieldResult';

/** A whole book as one JSON file; docs/format.md describes it. */
export interface BookFile {
  format: 'cobbet-book';
  version: number;
  exportedAt: string;
  settings: Settings;
  larder: OwnIngredient[];
  dips: Dip[];
  trials: Trial[];
  runs: Run[];
  plans: Plan[];
  stock: StockItem[];
  yields: YieldResult[];
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
  };
}
