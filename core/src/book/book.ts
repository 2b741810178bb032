import type { OwnIngredient } from '../larder/ingredient';
import type { MeasureSystem } from '../amounts/measureSystem';
import type { Rates } from '../batch/cost';
import type { LabelSheet } from '../batch/labelSheets';
import type { Batch } from './batch';
import type { Byproduct } from './byproduct';
import type { KeptContainer } from './container';
import type { KeptPrice } from './price';
import type { Ladder } from '../design/ladder';
import type { MixtureDesign } from '../design/mixtureDesign';
import type { Dip } from '../dip/dip';
import { defaultKit, type Kit } from '../kitchen/kit';
import type { KeptSwap } from './keptSwap';
import type { Photo } from './photo';
import type { Plan } from '../day/plan';
import type { Practice } from '../practice/practice';
import type { Run } from './run';
import type { StockItem } from './stock';
import type { Tasting } from '../taste/tasting';
import type { Thing } from './thing';
import type { Timer } from './timer';
import type { Trial } from './trial';
import type { YieldResult } from '../prepare/yieldResult';

/** How the Bench writes amounts. */
export const amountViews = ['typed', 'grams', 'spoons'] as const;
export type AmountView = (typeof amountViews)[number];

/** One record: what holds for the whole book. */
export interface Settings {
  id: 'settings';
  measures: MeasureSystem;
  amountView: AmountView;
  kit: Kit;
  /** How the book began; null until the cook has chosen. */
  began: 'sample' | 'blank' | 'file' | null;
  /** What the cook meant by words that could be several foods: an ingredient's id, by the words. */
  picked?: Readonly<Record<string, string>>;
  /** What prices are in, as it is written before a figure; € where nobody has said. */
  currency?: string;
  /** What an hour of work costs, and what heat and power of one making cost, where the cook counts them. */
  rates?: Rates;
  /** What was said of seasoning before this does not count for what is usual here; ISO 8601. */
  tasteSince?: string;
  /** Whether what was said long ago counts less. */
  tasteFades?: boolean;
  /** A sheet of labels of the kitchen's own. */
  ownSheet?: LabelSheet;
}

export const defaultSettings: Settings = {
  id: 'settings',
  measures: 'us',
  amountView: 'typed',
  kit: defaultKit,
  began: null,
};

/** The records of a book by table. */
export interface BookTables {
  settings: Settings;
  larder: OwnIngredient;
  dips: Dip;
  trials: Trial;
  runs: Run;
  plans: Plan;
  stock: StockItem;
  yields: YieldResult;
  byproducts: Byproduct;
  timers: Timer;
  swaps: KeptSwap;
  batches: Batch;
  containers: KeptContainer;
  prices: KeptPrice;
  things: Thing;
  tastings: Tasting;
  designs: MixtureDesign;
  ladders: Ladder;
  practices: Practice;
  photos: Photo;
}
export type TableName = keyof BookTables;

/** All tables, in the order a book file has them. `tables.ts` says more of each. */
export const tableNames = [
  'settings',
  'larder',
  'dips',
  'trials',
  'runs',
  'plans',
  'stock',
  'yields',
  'byproducts',
  'timers',
  'swaps',
  'batches',
  'containers',
  'prices',
  'things',
  'tastings',
  'designs',
  'ladders',
  'practices',
  'photos',
] as const satisfies readonly TableName[];

/** Tables that a file holds as lists of records; there is one record of settings. */
export type ListedTable = Exclude<TableName, 'settings'>;

export const listedTables = tableNames.filter((name): name is ListedTable => name !== 'settings');

/** A whole book in memory, records by id. */
export type Book = { [T in TableName]: ReadonlyMap<string, BookTables[T]> };

/** A book of what a function gives for each table. */
export function bookFrom(records: (table: TableName) => ReadonlyMap<string, unknown>): Book {
  return Object.fromEntries(tableNames.map((table) => [table, records(table)])) as unknown as Book;
}

/** A book with nothing in it. */
export function emptyBook(): Book {
  const empty = bookFrom(() => new Map());
  return { ...empty, settings: new Map([[defaultSettings.id, defaultSettings]]) };
}

/** The book's settings; the defaults while none are stored. */
export function settingsOf(book: Pick<Book, 'settings'>): Settings {
  return book.settings.get('settings') ?? defaultSettings;
}
