import type { OwnIngredient } from '../larder/ingredient';
import type { MeasureSystem } from '../amounts/measureSystem';
import type { Byproduct } from './byproduct';
import type { Dip } from '../dip/dip';
import { defaultKit, type Kit } from '../kitchen/kit';
import type { Plan } from '../day/plan';
import type { Run } from './run';
import type { StockItem } from './stock';
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
  dips: Dip;
  trials: Trial;
  runs: Run;
  plans: Plan;
  stock: StockItem;
  yields: YieldResult;
  byproducts: Byproduct;
  timers: Timer;
  larder: OwnIngredient;
  settings: Settings;
}

export const tableNames = [
  'dips',
  'trials',
  'runs',
  'plans',
  'stock',
  'yields',
  'byproducts',
  'timers',
  'larder',
  'settings',
] as const;
export type TableName = (typeof tableNames)[number];

/** A whole book in memory, records by id. */
export type Book = { [T in TableName]: ReadonlyMap<string, BookTables[T]> };

/** A book with nothing in it. */
export function emptyBook(): Book {
  return {
    dips: new Map(),
    trials: new Map(),
    runs: new Map(),
    plans: new Map(),
    stock: new Map(),
    yields: new Map(),
    byproducts: new Map(),
    timers: new Map(),
    larder: new Map(),
    settings: new Map([[defaultSettings.id, defaultSettings]]),
  };
}

/** The book's settings; the defaults while none are stored. */
export function settingsOf(book: Pick<Book, 'settings'>): Settings {
  return book.settings.get('settings') ?? defaultSettings;
}
