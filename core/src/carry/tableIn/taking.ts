import type { Book, BookTables, TableName } from '../../book/book';
import { bookKitchen } from '../../book/bookKitchen';
import { type Change, put, withChanges } from '../../book/change';
import type { KeptPrice } from '../../book/price';
import { isReal } from '../../book/realTimes';
import { recordFault } from '../../book/recordFault';
import type { Trial } from '../../book/trial';
import type { Kitchen } from '../../kitchen/kitchen';
import type { Ingredient } from '../../larder/ingredient';

/** A line of a table by its fields; empty where nothing was said. */
export type Line = Readonly<Record<string, string>>;

/** What came of a line: taken, nothing new in it, or why it can't be taken. */
export type Outcome = 'taken' | 'same' | { says: string };

/** A line that can't be taken. */
export const cannot = (says: string): Outcome => ({ says });

/** What tells two prices apart: all but their ids, and what the amount came to when it was read. */
const priceKey = ({ ingredientId, price, forAmount, shop, on }: Omit<KeptPrice, 'id'>) =>
  JSON.stringify([ingredientId, price, forAmount, shop, on]);

/** A book being filled line by line. */
export class Taking {
  private readonly put = new Map<string, Change>();
  /** Tables of the book that are its own by now, and nobody else's. */
  private readonly own = new Set<TableName>();
  private kitchen: Kitchen | null = null;
  private prices: Set<string> | null = null;
  private byName: Map<string, Ingredient[]> | null = null;
  private byEnd: { end: string; one: Ingredient }[] | null = null;
  private trials: Map<string, Map<number, Trial>> | null = null;

  /**
   * @param book as it is
   * @param newId gives ids of records that are new
   * @param today local date
   */
  constructor(
    public book: Book,
    readonly newId: () => string,
    readonly today: string,
  ) {}

  /** What is to be put into the book. */
  get changes(): Change[] {
    return [...this.put.values()];
  }

  /** The kitchen of the book as it is by now. */
  get now(): Kitchen {
    this.kitchen ??= bookKitchen(this.book);
    return this.kitchen;
  }

  /** Whether such a price is kept already. */
  hasPrice(price: Omit<KeptPrice, 'id'>): boolean {
    this.prices ??= new Set([...this.book.prices.values()].map(priceKey));
    return this.prices.has(priceKey(price));
  }

  /** Trials of a dip by their numbers. */
  trialsOf(dipId: string): ReadonlyMap<number, Trial> {
    if (!this.trials) {
      this.trials = new Map();
      for (const trial of this.book.trials.values()) numbered(this.trials, trial);
    }
    return this.trials.get(dipId) ?? new Map<number, Trial>();
  }

  /** Puts a record, if it is one there can be. */
  take<T extends TableName>(table: T, record: BookTables[T]): Outcome {
    const fault = recordFault(table, record);
    if (fault !== null) return cannot(fault);
    const change = put(table, record);
    this.put.set(`${table}/${record.id}`, change);
    if (this.own.has(table)) (this.book[table] as Map<string, unknown>).set(record.id, record);
    else this.book = withChanges(this.book, [change]);
    this.own.add(table);
    if (table === 'prices') this.prices?.add(priceKey(record as KeptPrice));
    if (table === 'larder') [this.kitchen, this.byName, this.byEnd] = [null, null, null];
    if (table === 'trials' && this.trials) numbered(this.trials, record as Trial);
    return 'taken';
  }

  /** The ingredient whose whole name a text ends in, the longest that fits. */
  endsIn(text: string): Ingredient | undefined {
    this.byEnd ??= [...this.now.larder.values()]
      .map((one) => ({ end: ` ${one.name.toLowerCase()}`, one }))
      .sort((a, b) => b.end.length - a.end.length);
    const lower = text.toLowerCase();
    return this.byEnd.find(({ end }) => lower.endsWith(end))?.one;
  }

  /** The ingredient of an id or a name; a sentence where there is none, or several. */
  ingredient(...said: readonly string[]): Ingredient | string {
    const { larder } = this.now;
    this.byName ??= namesIn(larder.values());
    for (const one of said) {
      if (one === '') continue;
      const byId = larder.get(one);
      if (byId) return byId;
      const named = this.byName.get(one.toLowerCase()) ?? [];
      const [first] = named;
      if (first && named.length === 1) return first;
      if (first) {
        return `“${one}” may be ${named.map(({ name }) => name).join(' or ')}. Write it out.`;
      }
    }
    return `“${said.find((one) => one !== '') ?? ''}” is not in the larder.`;
  }
}

/** Puts a trial among those of its dip; of two with one number the first stays. */
function numbered(trials: Map<string, Map<number, Trial>>, trial: Trial): void {
  const own = trials.get(trial.dipId) ?? new Map<number, Trial>();
  if ((own.get(trial.number) ?? trial).id === trial.id) own.set(trial.number, trial);
  trials.set(trial.dipId, own);
}

/** Ingredients by what they are called, small letters; a name of its own before what another goes by as well. */
function namesIn(ingredients: Iterable<Ingredient>): Map<string, Ingredient[]> {
  const [own, also] = [new Map<string, Ingredient[]>(), new Map<string, Ingredient[]>()];
  const add = (to: Map<string, Ingredient[]>, name: string, one: Ingredient) =>
    to.set(name.toLowerCase(), [...(to.get(name.toLowerCase()) ?? []), one]);
  for (const one of ingredients) {
    add(own, one.name, one);
    for (const alias of one.aliases ?? []) add(also, alias, one);
  }
  return new Map([...also, ...own]);
}

/**
 * A number as tables have it, with a point or a comma.
 *
 * @returns null where nothing was said; a sentence where it is none
 */
export function numberIn(line: Line, name: string): number | null | string {
  const text = line[name] ?? '';
  if (text === '') return null;
  const value = Number(text.replace(/^(-?\d+),(\d+)$/, '$1.$2'));
  return Number.isFinite(value) ? value : `${name} “${text}” is no number.`;
}

/** A day as tables have it, `2026-06-14`; a sentence where it is none, null where nothing was said. */
export function dayIn(line: Line, name: string): { day: string } | null | string {
  const text = line[name] ?? '';
  if (text === '') return null;
  const [, day] = /^(\d{4}-\d\d-\d\d)(?:[T ].*)?$/.exec(text) ?? [];
  return day !== undefined && isReal(day)
    ? { day }
    : `${name} “${text}” is no day such as 2026-06-14.`;
}

/** Whether a cell says yes; a sentence where it says neither. */
export function yesIn(line: Line, name: string): boolean | string {
  const text = (line[name] ?? '').toLowerCase();
  if (['', 'no', 'n', '0', 'false'].includes(text)) return false;
  return ['yes', 'y', '1', 'true', 'x'].includes(text)
    ? true
    : `${name} “${line[name] ?? ''}” is neither yes nor no.`;
}
