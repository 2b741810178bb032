import { type Book, type BookTables, type TableName, tableNames } from '@cobbet/core/book/book';
import type { Command } from '@cobbet/core/book/change';
import { bookVersion } from '@cobbet/core/book/bookVersion';
import type { ClockTime } from '@cobbet/core/book/hybridClock';
import type { LineageFile, Stamp } from '@cobbet/core/book/stamp';
import type { migrateRecord } from '@cobbet/core/book/migrations';
import {
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  openDB,
  type StoreNames,
} from 'idb';
import type { ReadBook } from './savedBook';

/** Of the stores themselves, counted within a version of the records. */
const layout = 1;
/** The browser's own number for it: before there was a layout it was the version of the records alone. */
export const databaseVersion = bookVersion * 10 + layout;

/** Version of the records in a database of such a number. */
export const bookVersionOf = (version: number): number =>
  version < 10 ? version : Math.floor(version / 10);

/** A record that could not be read, kept where it does no harm. */
export interface AsideRecord {
  /** `table/id` */
  key: string;
  table: TableName;
  record: { id: string };
  /** What is wrong with it, in words. */
  why: string;
}

/** Where the history stands: commands up to `cursor` are done, those after it undone. */
export interface Place {
  id: 'place';
  cursor: number;
  /** The command at the cursor, where that was the last thing done; else the labels know. */
  last?: CommandLabel;
  /** Ids of the last commands that were written ahead and are saved, so that none is done twice. */
  saved?: string[];
  /** How many saves there have been: what came after what, whatever order tabs hear of them in. */
  order?: number;
}

/** Where the book comes from, and this copy of it. */
export interface Copy {
  id: 'copy';
  /** The same in all copies of the book. */
  identity: string;
  /** By which this copy's changes are known; another one for every file that is opened. */
  copy: string;
  /** The latest moment it has told or heard of. */
  clock: ClockTime;
}

/** A folder on the disk the book is kept in as well, and when it was last written to a file. */
export interface KeptFolder {
  id: 'folder';
  /** Null where none was chosen. */
  handle: FileSystemDirectoryHandle | null;
  /** ISO 8601; null where it never was. */
  writtenAt: string | null;
}

/** A picture as it is kept. */
export interface PictureBytes {
  /** A JPEG. */
  bytes: ArrayBuffer;
  /** When it was put here, ISO 8601. */
  at: string;
}

/** A command as the history keeps it. */
export interface KeptCommand extends Command {
  /** Where it put another book: where that came from, and where the one before it did. */
  lineage?: { before: LineageFile; after: LineageFile };
}

/** A command without its changes. */
export type CommandLabel = Omit<Command, 'changes'>;

export interface CobbetSchema extends DBSchema {
  dips: { key: string; value: BookTables['dips'] };
  trials: { key: string; value: BookTables['trials'] };
  runs: { key: string; value: BookTables['runs'] };
  plans: { key: string; value: BookTables['plans'] };
  stock: { key: string; value: BookTables['stock'] };
  yields: { key: string; value: BookTables['yields'] };
  byproducts: { key: string; value: BookTables['byproducts'] };
  timers: { key: string; value: BookTables['timers'] };
  swaps: { key: string; value: BookTables['swaps'] };
  batches: { key: string; value: BookTables['batches'] };
  containers: { key: string; value: BookTables['containers'] };
  prices: { key: string; value: BookTables['prices'] };
  things: { key: string; value: BookTables['things'] };
  tastings: { key: string; value: BookTables['tastings'] };
  designs: { key: string; value: BookTables['designs'] };
  ladders: { key: string; value: BookTables['ladders'] };
  practices: { key: string; value: BookTables['practices'] };
  photos: { key: string; value: BookTables['photos'] };
  larder: { key: string; value: BookTables['larder'] };
  settings: { key: string; value: BookTables['settings'] };
  history: { key: number; value: KeptCommand };
  /** What each command is called, apart from what it holds: a command may hold a whole book. */
  labels: { key: number; value: CommandLabel };
  place: { key: string; value: Place };
  aside: { key: string; value: AsideRecord };
  copy: { key: string; value: Copy };
  stamps: { key: string; value: Stamp };
  folder: { key: string; value: KeptFolder };
  /** Pictures by the ids of their records. */
  pictures: { key: string; value: PictureBytes };
}

export type Database = IDBPDatabase<CobbetSchema>;
export type StoreName = StoreNames<CobbetSchema>;

/** What else may happen to an open database. */
interface DatabaseEvents {
  /** Another tab holds an older version open. */
  onBlocked(): void;
  /** Another tab wants a newer version; this one has let go. */
  onSuperseded(): void;
  /** The browser closed it. */
  onClosed(): void;
}

type UpgradeTransaction = IDBPTransaction<CobbetSchema, StoreName[], 'versionchange'>;

/** Brings records of an older version to the present one, all within the upgrade's own transaction. */
async function migrateRecords(
  transaction: UpgradeTransaction,
  from: number,
  migrate: typeof migrateRecord | null,
): Promise<void> {
  if (from === bookVersion) return;
  if (!migrate) throw new Error(`no way from version ${from}`);
  for (const name of tableNames) {
    const store = transaction.objectStore(name);
    for (const record of await store.getAll()) {
      await store.put(migrate(name, { ...record }, from) as unknown as typeof record);
    }
  }
  // steps of undo hold records of the older version and can't be replayed, so none may be offered by name either
  await transaction.objectStore('history').clear();
  await transaction.objectStore('labels').clear();
  await transaction.objectStore('place').clear();
}

/** What brings older records along, where there may be some: it weighs too much to be fetched at every visit. */
async function migrationFor(name: string): Promise<typeof migrateRecord | null> {
  // a browser that won't tell which databases there are may have an older one
  const there = await indexedDB.databases?.().catch(() => null);
  const old = there?.find((one) => one.name === name);
  if (there && bookVersionOf(old?.version ?? databaseVersion) >= bookVersion) return null;
  return (await import('@cobbet/core/book/migrations')).migrateRecord;
}

/**
 * Opens the book's database at the present version, bringing older records along.
 *
 * @param name one database a book; tests use their own
 * @throws DOMException when the browser keeps no data here, or when older records can't be brought along
 * @returns the database, and whether records came from an older version and are still to be checked
 */
export async function openDatabase(
  name: string,
  events: DatabaseEvents,
): Promise<{ database: Database; upgraded: boolean }> {
  let upgraded = false;
  // fetched before the upgrade: its transaction waits for nothing else
  const migrate = await migrationFor(name);
  const database = await openDB<CobbetSchema>(name, databaseVersion, {
    upgrade(db, fromNumber, _to, transaction) {
      const from = bookVersionOf(fromNumber);
      for (const table of tableNames) {
        if (!db.objectStoreNames.contains(table)) db.createObjectStore(table, { keyPath: 'id' });
      }
      if (from < 3) db.createObjectStore('labels');
      if (!db.objectStoreNames.contains('aside')) db.createObjectStore('aside', { keyPath: 'key' });
      if (!db.objectStoreNames.contains('stamps')) {
        db.createObjectStore('stamps', { keyPath: 'id' });
        db.createObjectStore('copy', { keyPath: 'id' });
        db.createObjectStore('pictures');
        db.createObjectStore('folder', { keyPath: 'id' });
      }
      if (from > 0) {
        upgraded = from < bookVersion;
        // half a migration is worse than none
        migrateRecords(transaction, from, migrate).catch(() => transaction.abort());
        return;
      }
      db.createObjectStore('history');
      db.createObjectStore('place', { keyPath: 'id' });
    },
    blocked: () => events.onBlocked(),
    blocking: () => {
      database.close();
      events.onSuperseded();
    },
    terminated: () => events.onClosed(),
  });
  return { database, upgraded };
}

function byId<T extends { id: string }>(records: readonly T[]): ReadonlyMap<string, T> {
  return new Map(records.map((record) => [record.id, record]));
}

/** Reads the book but for its trials, which may be many. */
export async function readBookWithoutTrials(database: Database): Promise<ReadBook> {
  const transaction = database.transaction([...tableNames, 'place'], 'readonly');
  const place = transaction.objectStore('place').get('place');
  const lists = await Promise.all(
    tableNames
      .filter((table) => table !== 'trials')
      .map(async (table) => [table, byId(await transaction.objectStore(table).getAll())] as const),
  );
  return { book: Object.fromEntries(lists) as Partial<Book>, order: (await place)?.order ?? 0 };
}

/** Reads all trials. */
export async function readTrials(database: Database): Promise<ReadBook> {
  const transaction = database.transaction(['trials', 'place'], 'readonly');
  const place = transaction.objectStore('place').get('place');
  const trials = byId(await transaction.objectStore('trials').getAll());
  return { book: { trials }, order: (await place)?.order ?? 0 };
}

/**
 * Puts records aside that are not as they should be, so that no room falls over them: those an older program wrote, once they
 * have been brought along.
 */
export async function putAside(database: Database): Promise<void> {
  // the checks weigh more than a room, and only an upgrade needs them
  const { recordFault } = await import('@cobbet/core/book/recordFault');
  const transaction = database.transaction([...tableNames, 'aside'], 'readwrite');
  for (const table of tableNames) {
    const store = transaction.objectStore(table);
    for (const record of await store.getAll()) {
      const why = recordFault(table, record);
      if (why === null) continue;
      const key = `${table}/${record.id}`;
      await transaction.objectStore('aside').put({ key, table, record, why });
      await store.delete(record.id);
    }
  }
  await transaction.done;
}
