import { tableNames } from '@cobbet/core/book/book';
import { bookVersionOf } from './database';
import { download } from './download';

/**
 * Saves the records of a book that can't be opened, as they are, in the shape of a book file of their version.
 *
 * @throws DOMException when nothing can be read
 */
export async function saveWhatIsThere(name = 'cobbet'): Promise<void> {
  const { openDB } = await import('idb');
  // without a version, whatever is there is opened as it is
  const database = await openDB(name);
  try {
    const stores = [...database.objectStoreNames];
    const lists = await Promise.all(
      stores
        .filter((store) => !['history', 'labels', 'place'].includes(store))
        .map(async (store) => [store, (await database.getAll(store)) as unknown[]] as const),
    );
    if (!lists.some(([, records]) => records.length > 0)) throw new DOMException('it is empty');
    const known = new Set<string>(tableNames);
    const file = {
      format: 'cobbet-book',
      version: bookVersionOf(database.version),
      ...Object.fromEntries(lists.filter(([store]) => store !== 'settings')),
      settings: lists.find(([store]) => store === 'settings')?.[1][0],
      ...(lists.every(([store]) => known.has(store)) ? {} : { savedFrom: 'another version' }),
    };
    const text = `${JSON.stringify(file, null, 1)}\n`;
    download('cobbet-what-was-there.json', text, 'application/json');
  } finally {
    database.close();
  }
}
