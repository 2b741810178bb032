import type { Kitchen } from '../kitchen/kitchen';
import { type Larder, larderWith, shippedLarder } from '../larder/larder';
import type { Calibration } from '../readings/calibrate';
import type { MeasureSystem } from '../amounts/measureSystem';
import { type Book, settingsOf } from './book';
import { type MadeHere, larderWithMade, madeHere } from './madeHere';
import { latestPrices } from './price';
import { bookCalibration } from './bookCalibration';

/** The tables a kitchen is made of. */
type KitchenTables = Pick<
  Book,
  'larder' | 'settings' | 'yields' | 'trials' | 'runs' | 'prices' | 'dips' | 'things'
>;

const larders = new WeakMap<object, WeakMap<object, Larder>>();
const noPrices: Book['prices'] = new Map();

/**
 * The book's larder: the shipped one under the cook's own, at the prices the cook paid last; the same object while nothing of it
 * changes. An own ingredient that is like one no longer there is left out rather than taking the larder with it.
 */
export function bookLarder(own: Book['larder'], prices: Book['prices'] = noPrices): Larder {
  const byPrices = larders.get(own) ?? new WeakMap<object, Larder>();
  larders.set(own, byPrices);
  const known = byPrices.get(prices);
  if (known) return known;
  const usable = [...own.values()].filter(
    (one) => !('like' in one) || shippedLarder.has(one.like) || own.has(one.like),
  );
  const larder = pricedLarder(larderWith(usable), prices);
  byPrices.set(prices, larder);
  return larder;
}

/** A larder at the prices that were paid last, so that a swap, a landing and a batch cost the same. */
function pricedLarder(larder: Larder, prices: Book['prices']): Larder {
  if (prices.size === 0) return larder;
  const priced = new Map(larder);
  for (const [id, { price, forG }] of latestPrices(prices.values())) {
    const one = larder.get(id);
    if (one) priced.set(id, { ...one, costHintEurPerKg: (1000 * price) / forG });
  }
  return priced;
}

const yieldLists = new WeakMap<object, Kitchen['yields']>();

function yieldsOf(yields: Book['yields']): Kitchen['yields'] {
  const known = yieldLists.get(yields) ?? [...yields.values()];
  yieldLists.set(yields, known);
  return known;
}

/** Calibrations by machine, worked out when they are first asked for. */
function calibrations({ trials, runs }: Pick<Book, 'trials' | 'runs'>, larder: Larder) {
  const byMachine = new Map<string, Calibration>();
  return (machineId: string): Calibration => {
    const known = byMachine.get(machineId);
    if (known) return known;
    const calibration = bookCalibration({ trials, runs }, larder, machineId);
    byMachine.set(machineId, calibration);
    return calibration;
  };
}

let lastMade: { here: MadeHere; under: Larder; measures: MeasureSystem; larder: Larder } | null =
  null;

const same = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, i) => one === b[i]);

/**
 * Everything that goes into a book's dips: its larder, and what is made here. The same object while nothing of it changes.
 */
export function wholeLarder(
  book: Pick<Book, 'larder' | 'prices' | 'dips' | 'things' | 'settings'>,
): Larder {
  const under = bookLarder(book.larder, book.prices);
  const here = madeHere(book);
  if (here.things.length + here.dips.length === 0) return under;
  const { measures } = settingsOf(book);
  if (
    lastMade?.under === under &&
    lastMade.measures === measures &&
    same(lastMade.here.things, here.things) &&
    same(lastMade.here.dips, here.dips)
  ) {
    return lastMade.larder;
  }
  const larder = larderWithMade(under, here, measures);
  lastMade = { here, under, measures, larder };
  return larder;
}

let last: { tables: KitchenTables; kitchen: Kitchen } | null = null;
const tables = ['larder', 'settings', 'yields', 'trials', 'runs', 'prices'] as const;

/**
 * The kitchen of a book: its larder, measures, kit, yields and what its readings have taught. The same object while
 * none of these tables changes, so that what hangs on it is worked out once.
 */
export function bookKitchen(book: KitchenTables): Kitchen {
  const before = last;
  const larder = wholeLarder(book);
  if (
    before?.kitchen.larder === larder &&
    tables.every((table) => before.tables[table] === book[table])
  ) {
    return before.kitchen;
  }
  const { measures, kit } = settingsOf(book);
  const sameReadings =
    before?.tables.trials === book.trials &&
    before.tables.runs === book.runs &&
    before.tables.larder === book.larder;
  const kitchen: Kitchen = {
    larder,
    measures,
    kit,
    yields: yieldsOf(book.yields),
    calibrationOf:
      before && sameReadings ? before.kitchen.calibrationOf : calibrations(book, larder),
  };
  last = { tables: book, kitchen };
  return kitchen;
}
