type Loose = Record<string, unknown>;

const words: Record<string, string> = {
  larder: 'the ingredient',
  dips: 'the dip',
  plans: 'the day',
  timers: 'the timer',
  swaps: 'a swap',
  byproducts: 'what is kept',
  stock: 'what is in the house',
  yields: 'a yield',
  trials: 'trial',
  runs: 'what is being made of',
  tastings: 'the tasting',
  designs: 'the trials on purpose',
  ladders: 'the ladder',
  practices: 'the practice bowl',
  photos: 'a picture',
};

const textOf = (value: unknown): string =>
  typeof value === 'string' && value !== '' ? value.slice(0, 80) : '';

/**
 * A record as a cook calls it: “the dip Edamame and mint”, “trial 4 of Weir House hummus”.
 *
 * @param book a book file, whole or broken, checked or not
 * @param path to the fault: table, place in it, and on
 * @returns empty where the path leads to no record
 */
export function recordName(book: unknown, path: readonly (string | number)[]): string {
  const [table, index] = path;
  if (table === 'settings') return 'the settings';
  const word = words[String(table)];
  const records = (book as Loose | null | undefined)?.[String(table)];
  if (word === undefined || typeof index !== 'number' || !Array.isArray(records)) return '';
  const record = (records as unknown[])[index];
  const fields: Loose = typeof record === 'object' && record !== null ? (record as Loose) : {};
  const dipName = () => {
    const dips = (book as Loose)['dips'];
    const dip = Array.isArray(dips)
      ? (dips as Loose[]).find((one) => one?.['id'] === fields['dipId'])
      : undefined;
    return textOf(dip?.['name']) || textOf(fields['dipId']) || 'a dip';
  };
  if (table === 'trials') {
    const number = fields['number'];
    return `trial ${typeof number === 'number' ? number : index + 1} of ${dipName()}`;
  }
  if (table === 'runs') return `${word} ${dipName()}`;
  const name = ['name', 'what', 'label', 'id'].map((key) => textOf(fields[key])).find(Boolean);
  return `${word} ${name ?? `number ${index + 1}`}`;
}
