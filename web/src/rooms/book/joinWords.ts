import type { Book, TableName } from '@cobbet/core/book/book';
import type { Larder } from '@cobbet/core/larder/larder';

const kinds: Readonly<Record<TableName, string>> = {
  settings: 'the settings',
  larder: 'an ingredient',
  dips: 'a dip',
  trials: 'a trial',
  runs: 'a bowl that is being made',
  plans: 'a day',
  stock: 'in the house',
  yields: 'a yield',
  byproducts: 'left over',
  timers: 'a timer',
  swaps: 'a swap',
  batches: 'a batch',
  containers: 'a container',
  prices: 'a price',
  things: 'made here',
  tastings: 'a tasting',
  designs: 'trials on purpose',
  ladders: 'a ladder',
  practices: 'a practice bowl',
  photos: 'a picture',
};

const fields: Readonly<Record<string, string>> = {
  rows: 'what goes in',
  note: 'note',
  notes: 'notes',
  nextThing: 'the next thing to do',
  changeNext: 'what to change next',
  targets: 'targets',
  tastes: 'marks of taste',
  readings: 'readings',
  gates: 'tastes with bread and cold',
  yieldG: 'what it weighed',
  madeBy: 'who made it',
  amount: 'how much',
  useBy: 'use by',
  gone: 'thrown away',
  made: 'how it was made',
  pots: 'its pots',
  marks: 'what was marked',
  measures: 'cups and spoons',
  currency: 'what prices are in',
};

/** A record as a cook calls it. */
export function recordWords(table: TableName, id: string, book: Book, larder: Larder): string {
  const trial = table === 'trials' ? book.trials.get(id) : undefined;
  if (trial) return `${book.dips.get(trial.dipId)?.name ?? 'a dip'}, trial ${trial.number}`;
  const swap = table === 'swaps' ? book.swaps.get(id) : undefined;
  const nameOf = (one: string) => larder.get(one)?.name ?? one;
  if (swap) return `${nameOf(swap.to.ingredientId)} for ${nameOf(swap.from.ingredientId)}`;
  const price = table === 'prices' ? book.prices.get(id) : undefined;
  if (price) return `the price of ${nameOf(price.ingredientId)}, ${price.on}`;
  const run = table === 'runs' ? book.runs.get(id) : undefined;
  if (run) return `a bowl of ${book.dips.get(run.dipId)?.name ?? 'a dip'}`;
  if (table === 'stock') return nameOf(id);
  const record = (book[table] as ReadonlyMap<string, { name?: string; what?: string }>).get(id);
  return record?.name ?? record?.what ?? kinds[table];
}

/** A field as a cook calls it: `nextThing` is the next thing to do. */
export const fieldWords = (field: string): string =>
  fields[field] ?? field.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

const longest = 90;
const short = (text: string) => (text.length > longest ? `${text.slice(0, longest)}…` : text);

/**
 * What stands in a field, short.
 *
 * @param nameOf what an ingredient is called, by its id
 */
export function valueWords(value: unknown, nameOf: (id: string) => string): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'string') return `“${short(value)}”`;
  if (Array.isArray(value)) {
    const inside = value.flatMap((one: unknown) => {
      const { amount, ingredientId } = (one ?? {}) as { amount?: string; ingredientId?: string };
      return amount !== undefined && ingredientId !== undefined
        ? [`${amount} ${nameOf(ingredientId)}`]
        : [];
    });
    const many = `${value.length} ${value.length === 1 ? 'entry' : 'entries'}`;
    return inside.length > 0 ? short(inside.join(', ')) : many;
  }
  return typeof value === 'object'
    ? short(JSON.stringify(value).replace(/["{}]/g, ''))
    : String(value as number);
}
