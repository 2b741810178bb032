import { type Book, tableNames } from '@cobbet/core/book/book';
import { type Change, type ReversibleChange, undoing } from '@cobbet/core/book/change';
import { type Database, openDatabase, readBookWithoutTrials, readTrials } from './database';

/** Steps of undo that are kept. */
const historyLimit = 300;
/** Commands with the same merge key this close together are one step. */
const mergeWithinMs = 8000;

/** With more trials than this a book is shown before they are all read. */
const longBook = 500;

/** What undo and redo would do. */
export interface HistoryState {
  undoLabel: string | null;
  redoLabel: string | null;
}

/** A repository's word that records changed, from this tab or another. */
export interface Saved {
  changes: Change[];
  history: HistoryState;
  /** True when another tab did it. */
  elsewhere: boolean;
}

/** A book that has been opened. */
interface Opened {
  repository: Repository;
  book: Book;
  history: HistoryState;
  /** Reads the trials of a long book; null where they are in the book already. */
  trials: (() => Promise<Book['trials']>) | null;
}

interface RepositoryEvents {
  onSaved(saved: Saved): void;
  /** The database can't be used any more, and why. */
  onLost(reason: 'blocked' | 'superseded' | 'closed'): void;
}

/**
 * The book's only way to the disk. Every change is a command; a command, its records and the place in the history
 * are written in one transaction, or none of them.
 */
export class Repository {
  private readonly channel: BroadcastChannel | null;

  private constructor(
    private readonly database: Database,
    private readonly events: RepositoryEvents,
    name: string,
  ) {
    this.channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
    if (this.channel) {
      this.channel.onmessage = ({ data }: MessageEvent<Omit<Saved, 'elsewhere'>>) =>
        this.events.onSaved({ ...data, elsewhere: true });
    }
  }

  /**
   * Opens a book and reads it. The trials of a long book follow, so that its dips are there sooner.
   *
   * @throws DOMException when the browser keeps no data here
   */
  static async open(name: string, events: RepositoryEvents): Promise<Opened> {
    const database = await openDatabase(name, {
      onBlocked: () => events.onLost('blocked'),
      onSuperseded: () => events.onLost('superseded'),
      onClosed: () => events.onLost('closed'),
    });
    const repository = new Repository(database, events, name);
    const [book, history, count] = await Promise.all([
      readBookWithoutTrials(database),
      repository.historyState(),
      database.count('trials'),
    ]);
    if (count > longBook) return { repository, book, history, trials: () => readTrials(database) };
    return {
      repository,
      book: { ...book, trials: await readTrials(database) },
      history,
      trials: null,
    };
  }

  /**
   * Saves changes as one command.
   *
   * @param label what was done, in words
   * @param mergeKey commands with the same key close together become one step of undo
   * @throws DOMException (QuotaExceededError and others); then nothing was written
   */
  async commit(label: string, changes: readonly Change[], mergeKey?: string): Promise<void> {
    if (changes.length === 0) return;
    const transaction = this.transaction();
    try {
      const at = new Date().toISOString();
      const reversible = await Promise.all(
        changes.map(async (change): Promise<ReversibleChange> => {
          const before = (await transaction.objectStore(change.table).get(change.id)) ?? null;
          return { ...change, before } as ReversibleChange;
        }),
      );
      await this.write(transaction, changes);
      const history = transaction.objectStore('history');
      const cursor = await this.cursor(transaction);
      // what was undone can't be redone once something else was done
      await history.delete(IDBKeyRange.lowerBound(cursor, true));
      await transaction.objectStore('labels').delete(IDBKeyRange.lowerBound(cursor, true));
      const last = cursor > 0 ? await transaction.objectStore('labels').get(cursor) : undefined;
      const merges =
        last !== undefined &&
        mergeKey !== undefined &&
        last.mergeKey === mergeKey &&
        Date.parse(at) - Date.parse(last.at) < mergeWithinMs;
      const next = merges ? cursor : cursor + 1;
      const earlier = merges ? ((await history.get(cursor))?.changes ?? []) : [];
      const named = { label, at, ...(mergeKey === undefined ? {} : { mergeKey }) };
      await history.put({ ...named, changes: mergeChanges(earlier, reversible) }, next);
      await transaction.objectStore('labels').put(named, next);
      if (next > historyLimit) {
        const old = IDBKeyRange.upperBound(next - historyLimit);
        await history.delete(old);
        await transaction.objectStore('labels').delete(old);
      }
      await transaction.objectStore('place').put({ id: 'place', cursor: next });
      await transaction.done;
    } catch (error) {
      abort(transaction);
      throw error;
    }
    await this.tell([...changes]);
  }

  /** Takes the last command back; nothing happens when there is none. */
  async undo(): Promise<void> {
    await this.step(-1);
  }

  /** Does the last undone command again; nothing happens when there is none. */
  async redo(): Promise<void> {
    await this.step(1);
  }

  close(): void {
    this.channel?.close();
    this.database.close();
  }

  private transaction() {
    return this.database.transaction([...tableNames, 'history', 'labels', 'place'], 'readwrite');
  }

  private async cursor(transaction: ReturnType<Repository['transaction']>): Promise<number> {
    return (await transaction.objectStore('place').get('place'))?.cursor ?? 0;
  }

  private async write(
    transaction: ReturnType<Repository['transaction']>,
    changes: readonly Change[],
  ): Promise<void> {
    await Promise.all(
      changes.map(async ({ table, id, after }) => {
        const store = transaction.objectStore(table) as unknown as {
          put(record: unknown): Promise<unknown>;
          delete(id: string): Promise<void>;
        };
        if (after === null) await store.delete(id);
        else await store.put(after);
      }),
    );
  }

  private async step(by: 1 | -1): Promise<void> {
    const transaction = this.transaction();
    let changes: Change[] = [];
    try {
      const history = transaction.objectStore('history');
      const cursor = await this.cursor(transaction);
      const command = await history.get(by < 0 ? cursor : cursor + 1);
      if (command) {
        changes =
          by < 0
            ? undoing(command)
            : command.changes.map(({ table, id, after }) => ({ table, id, after }) as Change);
        await this.write(transaction, changes);
        await transaction.objectStore('place').put({ id: 'place', cursor: cursor + by });
      }
      await transaction.done;
    } catch (error) {
      abort(transaction);
      throw error;
    }
    if (changes.length > 0) await this.tell(changes);
  }

  private async historyState(): Promise<HistoryState> {
    const transaction = this.database.transaction(['labels', 'place'], 'readonly');
    const cursor = (await transaction.objectStore('place').get('place'))?.cursor ?? 0;
    const labels = transaction.objectStore('labels');
    const [undo, redo] = await Promise.all([
      cursor > 0 ? labels.get(cursor) : undefined,
      labels.get(cursor + 1),
    ]);
    return { undoLabel: undo?.label ?? null, redoLabel: redo?.label ?? null };
  }

  private async tell(changes: Change[]): Promise<void> {
    const saved = { changes, history: await this.historyState() };
    this.events.onSaved({ ...saved, elsewhere: false });
    this.channel?.postMessage(saved);
  }
}

/** The earlier state of the first, the later state of the second. */
function mergeChanges(
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

function abort(transaction: { abort(): void; done: Promise<void> }): void {
  transaction.done.catch(() => undefined);
  try {
    transaction.abort();
  } catch {
    // it had ended by itself already
  }
}
