import { type Book, type BookTables, type TableName, tableNames } from './book';

/** A record put (or, with null, taken away). */
export type Change = {
  [T in TableName]: { table: T; id: string; after: BookTables[T] | null };
}[TableName];

/** A change with what stood there before, so that it can be taken back. */
export type ReversibleChange = {
  [T in TableName]: {
    table: T;
    id: string;
    before: BookTables[T] | null;
    after: BookTables[T] | null;
  };
}[TableName];

/** Something a cook did, as one step of undo. */
export interface Command {
  /** What was done, in words: `Salt to 1 tsp`. */
  label: string;
  changes: ReversibleChange[];
  /** Commands with the same key, close together, are one step (typing). */
  mergeKey?: string;
  /** ISO 8601 */
  at: string;
}

/** Puts a record, typed by its table. */
export function put<T extends TableName>(table: T, record: BookTables[T]): Change {
  return { table, id: record.id, after: record } as Change;
}

/** Takes a record away. */
export function remove(table: TableName, id: string): Change {
  return { table, id, after: null } as Change;
}

/**
 * The book after changes; tables that don't change keep their identity.
 *
 * @param book stays as it was
 * @param changes in order; a later one to the same record wins
 */
export function withChanges(book: Book, changes: readonly Change[]): Book {
  const next: Record<TableName, ReadonlyMap<string, unknown>> = { ...book };
  const copied = new Set<TableName>();
  for (const { table, id, after } of changes) {
    if (!copied.has(table)) {
      next[table] = new Map(next[table]);
      copied.add(table);
    }
    const records = next[table] as Map<string, unknown>;
    if (after === null) records.delete(id);
    else records.set(id, after);
  }
  return next as Book;
}

/** What changes do, without what stood there before. */
export function doing(changes: readonly ReversibleChange[]): Change[] {
  return changes.map(({ table, id, after }) => ({ table, id, after }) as Change);
}

/** The changes that take a command back. */
export function undoing(command: Command): Change[] {
  return command.changes
    .map(({ table, id, before }) => ({ table, id, after: before }) as Change)
    .reverse();
}

/** The changes that turn one book into another: records that go, records that come or differ. */
export function replacing(from: Book, to: Book): Change[] {
  return tableNames.flatMap((table) => {
    const before: ReadonlyMap<string, unknown> = from[table];
    const after: ReadonlyMap<string, unknown> = to[table];
    const gone = [...before.keys()].filter((id) => !after.has(id)).map((id) => remove(table, id));
    const come = [...after]
      .filter(([id, record]) => before.get(id) !== record)
      .map(([id, record]) => ({ table, id, after: record }) as Change);
    return [...gone, ...come];
  });
}

/** The earlier state of the first, the later state of the second. */
export function mergeChanges(
  first: readonly ReversibleChange[],
  second: readonly ReversibleChange[],
): ReversibleChange[] {
  const merged = new Map<string, ReversibleChange>();
  for (const change of [...first, ...second]) {
    const key = `${change.table}/${change.id}`;
    const before = merged.get(key)?.before;
    merged.set(key, before === undefined ? change : ({ ...change, before } as ReversibleChange));
  }
  return [...merged.values()];
}
