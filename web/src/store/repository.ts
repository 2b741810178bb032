import { tableNames } from '@cobbet/core/book/book';
import {
  type Change,
  type ReversibleChange,
  undoing,
  doing,
  mergeChanges,
} from '@cobbet/core/book/change';
import { mergeRecords } from '@cobbet/core/book/mergeRecords';
import type { LineageFile } from '@cobbet/core/book/stamp';
import {
  type AsideRecord,
  type Database,
  type KeptFolder,
  openDatabase,
  putAside,
  readBookWithoutTrials,
  readTrials,
} from './database';
import type { AheadCommand } from './journal';
import { PictureShelf } from './pictureShelf';
import type { ReadBook } from './savedBook';
import { type CopyLineage, putLineage, readLineage, stampChanges } from './stamping';

/** Steps of undo that are kept. */
const historyLimit = 300;
/** Commands with the same merge key this close together are one step. */
const mergeWithinMs = 8000;

/** Ids of saved commands that are remembered: more than can wait in a journal. */
const rememberedIds = 400;

/** With more trials than this a book is shown before they are all read. */
const longBook = 500;

/** What undo and redo would do. */
export interface HistoryState {
  undoLabel: string | null;
  redoLabel: string | null;
  /** When what undo would take back was done, ISO 8601. */
  undoAt: string | null;
  redoAt: string | null;
}

/** A repository's word that records changed, from this tab or another. */
export interface Saved {
  changes: Change[];
  history: HistoryState;
  /** The how-manieth save of this database it was, 1 and up. */
  order: number;
  /** True when another tab did it. */
  elsewhere: boolean;
}

/** A book that has been opened. */
interface Opened {
  repository: Repository;
  /** What has been read of the book. */
  read: ReadBook;
  history: HistoryState;
  /** Records that could not be read and were put aside. */
  aside: AsideRecord[];
  /** Reads the trials of a long book; null where they have been read already. */
  trials: (() => Promise<ReadBook>) | null;
}

/** Where a book comes from that is put in place of another. */
export interface NewLineage {
  of: LineageFile;
  /** It is another book, not this one with more in it, so that this copy goes by a new name from then on. */
  isOther: boolean;
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
    const { database, upgraded } = await openDatabase(name, {
      onBlocked: () => events.onLost('blocked'),
      onSuperseded: () => events.onLost('superseded'),
      onClosed: () => events.onLost('closed'),
    });
    if (upgraded) await putAside(database);
    const repository = new Repository(database, events, name);
    const [read, history, count, aside] = await Promise.all([
      readBookWithoutTrials(database),
      repository.historyState(),
      database.count('trials'),
      database.getAll('aside'),
    ]);
    if (count > longBook) {
      return { repository, read, history, aside, trials: () => readTrials(database) };
    }
    const trials = await readTrials(database);
    return { repository, read: bothRead(read, trials), history, aside, trials: null };
  }

  /**
   * Saves a command, each change made anew on the record as it stands in the database by then, so that what another tab did
   * meanwhile stays. One that was saved before is not done twice.
   *
   * @param command what was done
   * @param late it was done before what stands in the database now, by a tab that died: where both changed the same field,
   *   what stands there stays
   * @param lineage where the book comes from that the command puts in place of this one; its stamps stand as they are
   * @returns the changes as they were saved; null where it was saved before
   * @throws DOMException (QuotaExceededError and others); then nothing was written
   */
  async commit(
    command: AheadCommand,
    late = false,
    lineage?: NewLineage,
  ): Promise<Change[] | null> {
    const { id, label, at, mergeKey } = command;
    if (command.changes.length === 0 && !lineage) return [];
    const transaction = this.transaction();
    try {
      const [place, ...present] = await Promise.all([
        transaction.objectStore('place').get('place'),
        ...command.changes.map((change) => transaction.objectStore(change.table).get(change.id)),
      ]);
      if (place?.saved?.includes(id)) {
        await transaction.done;
        return null;
      }
      const cursor = place?.cursor ?? 0;
      const changes = command.changes.map(({ before, after, ...change }, i) => {
        const there: object | null = present[i] ?? null;
        const merged = late
          ? mergeRecords<object>(before, there, after)
          : mergeRecords<object>(before, after, there);
        return { ...change, before: there, after: merged } as ReversibleChange;
      });
      const last =
        place?.last ??
        (cursor > 0 ? await transaction.objectStore('labels').get(cursor) : undefined);
      const merges =
        last !== undefined &&
        mergeKey !== undefined &&
        last.mergeKey === mergeKey &&
        Date.parse(at) - Date.parse(last.at) < mergeWithinMs;
      const earlier = merges ? await transaction.objectStore('history').get(cursor) : undefined;
      const next = merges ? cursor : cursor + 1;
      const named = { label, at, ...(mergeKey === undefined ? {} : { mergeKey }) };
      const history = transaction.objectStore('history');
      const labels = transaction.objectStore('labels');
      const undone = IDBKeyRange.lowerBound(cursor, true);
      const old = IDBKeyRange.upperBound(next - historyLimit);
      // everything is asked for at once: each answer waited for would be a journey of its own
      const writes: Promise<unknown>[] = [];
      // one that throws must not leave the others' ends unheard
      const ask = (write: Promise<unknown>) => {
        write.catch(() => undefined);
        writes.push(write);
      };
      // what was undone can't be redone once something else was done
      ask(history.delete(undone));
      ask(labels.delete(undone));
      this.write(transaction, changes, ask);
      const kept = { ...named, changes: mergeChanges(earlier?.changes ?? [], changes) };
      if (lineage) {
        const { of: after, isOther } = lineage;
        const before = await putLineage(transaction, after, isOther, ask);
        ask(history.put({ ...kept, lineage: { before, after } }, next));
      } else {
        await stampChanges(transaction, changes, Date.parse(at), ask);
        ask(history.put(kept, next));
      }
      ask(labels.put(named, next));
      if (next > historyLimit) {
        ask(history.delete(old));
        ask(labels.delete(old));
      }
      const saved = [...(place?.saved ?? []), id].slice(-rememberedIds);
      const order = (place?.order ?? 0) + 1;
      ask(
        transaction
          .objectStore('place')
          .put({ id: 'place', cursor: next, last: named, saved, order }),
      );
      transaction.commit();
      await Promise.all([...writes, transaction.done]);
      const done = doing(changes);
      this.tell(done, order, { undoLabel: label, undoAt: at, redoLabel: null, redoAt: null });
      return done;
    } catch (error) {
      abort(transaction);
      throw error;
    }
  }

  /**
   * Takes the last command back (−1), or does the last undone one again (1); nothing happens when there is none, nor for a
   * step that was saved before.
   *
   * @param id by which the step is known to have been saved
   * @param only where it is about the command done then (`of`, ISO 8601), or right after the thing saved by that id (`after`)
   * @returns whether anything was changed
   */
  async step(by: 1 | -1, id: string, only: { of?: string; after?: string } = {}): Promise<boolean> {
    const transaction = this.transaction();
    let changes: Change[] = [];
    let order = 0;
    try {
      const history = transaction.objectStore('history');
      const place = await transaction.objectStore('place').get('place');
      const cursor = place?.cursor ?? 0;
      const command = await history.get(by < 0 ? cursor : cursor + 1);
      const meant =
        command &&
        (only.of === undefined || command.at === only.of) &&
        (only.after === undefined || place?.saved?.at(-1) === only.after);
      if (meant && !place?.saved?.includes(id)) {
        changes = by < 0 ? undoing(command) : doing(command.changes);
        const writes: Promise<unknown>[] = [];
        const ask = (write: Promise<unknown>) => {
          write.catch(() => undefined);
          writes.push(write);
        };
        this.write(transaction, changes, ask);
        const { lineage } = command;
        if (lineage) {
          await putLineage(transaction, by < 0 ? lineage.before : lineage.after, false, ask);
        } else await stampChanges(transaction, changes, Date.now(), ask);
        await Promise.all(writes);
        const { last: _last, ...rest } = place ?? { id: 'place' as const };
        const saved = [...(place?.saved ?? []), id].slice(-rememberedIds);
        order = (place?.order ?? 0) + 1;
        await transaction.objectStore('place').put({ ...rest, saved, order, cursor: cursor + by });
      }
      await transaction.done;
    } catch (error) {
      abort(transaction);
      throw error;
    }
    if (changes.length > 0) this.tell(changes, order, await this.historyState());
    return changes.length > 0;
  }

  /**
   * Reads the book as it stands now.
   *
   * @param withTrials else without them, which may be many
   */
  async read(withTrials: boolean): Promise<ReadBook> {
    const read = await readBookWithoutTrials(this.database);
    return withTrials ? bothRead(read, await readTrials(this.database)) : read;
  }

  /** Where the book comes from and who changed what, with the name of this copy. */
  lineage(): Promise<CopyLineage> {
    return readLineage(this.database);
  }

  /** Pictures, kept beside the book. */
  get pictures(): PictureShelf {
    return new PictureShelf(this.database);
  }

  /** Where the book is kept on the disk as well. */
  async folder(): Promise<KeptFolder> {
    const kept = await this.database.get('folder', 'folder');
    return kept ?? { id: 'folder', handle: null, writtenAt: null };
  }

  async putFolder(folder: KeptFolder): Promise<void> {
    await this.database.put('folder', folder);
  }

  /** Throws away what was put aside. */
  async clearAside(): Promise<void> {
    await this.database.clear('aside');
  }

  close(): void {
    this.channel?.close();
    this.database.close();
  }

  private transaction() {
    return this.database.transaction(
      [...tableNames, 'history', 'labels', 'place', 'copy', 'stamps'],
      'readwrite',
    );
  }

  private write(
    transaction: ReturnType<Repository['transaction']>,
    changes: readonly Change[],
    ask: (write: Promise<unknown>) => void,
  ): void {
    for (const { table, id, after } of changes) {
      const store = transaction.objectStore(table) as unknown as {
        put(record: unknown): Promise<unknown>;
        delete(id: string): Promise<void>;
      };
      ask(after === null ? store.delete(id) : store.put(after));
    }
  }

  /** What undo and redo would do now. */
  async historyState(): Promise<HistoryState> {
    const transaction = this.database.transaction(['labels', 'place'], 'readonly');
    const cursor = (await transaction.objectStore('place').get('place'))?.cursor ?? 0;
    const labels = transaction.objectStore('labels');
    const [undo, redo] = await Promise.all([
      cursor > 0 ? labels.get(cursor) : undefined,
      labels.get(cursor + 1),
    ]);
    return {
      undoLabel: undo?.label ?? null,
      undoAt: undo?.at ?? null,
      redoLabel: redo?.label ?? null,
      redoAt: redo?.at ?? null,
    };
  }

  private tell(changes: Change[], order: number, history: HistoryState): void {
    this.events.onSaved({ changes, order, history, elsewhere: false });
    this.channel?.postMessage({ changes, order, history });
  }
}

/** Two readings as one; of the earlier, since what was saved in between is told as well. */
function bothRead(first: ReadBook, then: ReadBook): ReadBook {
  return { book: { ...first.book, ...then.book }, order: first.order };
}

function abort(transaction: { abort(): void; done: Promise<void> }): void {
  transaction.done.catch(() => undefined);
  try {
    transaction.abort();
  } catch {
    // it had ended by itself already
  }
}
