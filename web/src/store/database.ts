import { type Book, type BookTables, tableNames } from '@cobbet/core/book/book';
import type { Command } from '@cobbet/core/book/change';
import { bookVersion, migrateRecord } from '@cobbet/core/book/migrations';
import {
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  openDB,
  type StoreNames,
} from 'idb';

/** Where the history stands: commands up to `cursor` are done, those after it undone. */
export interface Place {
  id: 'place';
  cursor: number;
}

/** A command without its changes. */
export type CommandLabel = Omit<Command, 'changes'>;

interface CobbetSchema extends DBSchema {
  dips: { key: string; value: BookTables['dips'] };
  trials: { key: string; value: BookTables['trials'] };
  runs: { key: string; value: BookTables['runs'] };
  plans: { key: string; value: BookTables['plans'] };
  stock: { key: string; value: BookTables['stock'] };
  yields: { key: string; value: BookTables['yields'] };
  byproducts: { key: string; value: BookTables['byproducts'] };
  timers: { key: string; value: BookTables['timers'] };
  larder: { key: string; value: BookTables['larder'] };
  settings: { key: string; value: BookTables['settings'] };
  history: { key: number; value: Command };
  /** What each command is called, apart from what it holds: a command may hold a whole book. */
  labels: { key: number; value: CommandLabel };
  place: { key: string; value: Place };
}

export type Database = IDBPDatabase<CobbetSchema>;

/** What else may happen to an open database. */
interface DatabaseEvents {
  /** Another tab holds an older version open. */
  onBlocked(): void;
  /** Another tab wants a newer version; this one has let go. */
  onSuperseded(): void;
  /** The browser closed it. */
  onClosed(): void;
}

type UpgradeTransaction = IDBPTransaction<
  CobbetSchema,
  StoreNames<CobbetSchema>[],
  'versionchange'
>;

/** Brings records of an older version to the present one, all within the upgrade's own transaction. */
async function migrateRecords(transaction: UpgradeTransaction, from: number): Promise<void> {
  for (const name of tableNames) {
    const store = transaction.objectStore(name);
    for (const record of await store.getAll()) {
      await store.put(migrateRecord(name, { ...record }, from) as unknown as typeof record);
    }
  }
  // steps of undo hold records of the older version and can't be replayed, so none may be offered by name either
  await transaction.objectStore('history').clear();
  await transaction.objectStore('labels').clear();
  await transaction.objectStore('place').clear();
}

/**
 * Opens the book's database at the present version, bringing older records along.
 *
 * @param name one database a book; tests use their own
 * @throws DOMException when the browser keeps no data here, or when older records can't be brought along
 */
export async function openDatabase(name: string, events: DatabaseEvents): Promise<Database> {
  const database = await openDB<CobbetSchema>(name, bookVersion, {
    upgrade(db, from, _to, transaction) {
      for (const table of tableNames) {
        if (!db.objectStoreNames.contains(table)) db.createObjectStore(table, { keyPath: 'id' });
      }
      if (from < 3) db.createObjectStore('labels');
      if (from > 0) {
        // half a migration is worse than none
        migrateRecords(transaction, from).catch(() => transaction.abort());
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
  return database;
}

function byId<T extends { id: string }>(records: readonly T[]): ReadonlyMap<string, T> {
  return new Map(records.map((record) => [record.id, record]));
}

/** Reads the book but for its trials, which may be many. */
export async function readBookWithoutTrials(database: Database): Promise<Book> {
  const transaction = database.transaction(tableNames, 'readonly');
  const lists = await Promise.all(
    tableNames.map(async (table) => {
      if (table === 'trials') return [table, new Map()] as const;
      return [table, byId(await transaction.objectStore(table).getAll())] as const;
    }),
  );
  return Object.fromEntries(lists) as unknown as Book;
}

/** Reads all trials. */
export async function readTrials(database: Database): Promise<Book['trials']> {
  return byId(await database.getAll('trials'));
}
