import { type Book, emptyBook } from '@cobbet/core/book/book';
import {
  type Change,
  mergeChanges,
  type ReversibleChange,
  replacing,
  withChanges,
} from '@cobbet/core/book/change';
import { mergeRecords } from '@cobbet/core/book/mergeRecords';
import { bookVersion } from '@cobbet/core/book/bookVersion';
import { withPhotos } from '@cobbet/core/book/withPhotos';
import { lineageFile, type StampedBook } from '@cobbet/core/book/stamp';
import { withVariants } from '@cobbet/core/book/variants';
import { create } from 'zustand';
import type { AsideRecord } from './database';
import { type AheadCommand, type AheadStep, Journal } from './journal';
import { askToLast } from './lastingStorage';
import { type HistoryState, Repository } from './repository';
import { type BookStatus, lostWords, openingFailed, savingFailed } from './storeWords';
import type { PictureShelf } from './pictureShelf';
import { type ReadBook, SavedBook } from './savedBook';
import { type CopyLineage, withUnsaved } from './stamping';
import { holdTab } from './tabs';

/** Where saving stands. */
type Saving = 'saved' | 'saving' | 'failed';

/** How something is done to the book. */
interface ActOptions {
  /** Commands of one key, close together, are one step of undo. */
  mergeKey?: string;
  /** It needs every trial, so it waits while those of a long book are being read. */
  whole?: boolean;
}

interface BookState {
  /** `opening` until the book is read, then `ready`, or why it can't be used. */
  status: BookStatus;
  /** Why the book can't be used or a change is not saved, in words; null when all is well. */
  problem: string | null;
  saving: Saving;
  /** The trials of a long book are still being read; what needs them waits. */
  trialsComing: boolean;
  /** How many changes that a closed tab could not save any more were taken up at opening. */
  takenUp: number;
  /** Records that could not be read and stand apart. */
  aside: AsideRecord[];
  book: Book;
  history: HistoryState;
  open(name?: string): Promise<void>;
  /**
   * Does something to the book: written ahead and shown at once, then saved.
   *
   * @param label what is done, in words
   * @param change the changes, from the book as it is
   * @returns true once it is saved
   */
  act(label: string, change: (book: Book) => Change[], options?: ActOptions): Promise<boolean>;
  /**
   * Puts another book in place of this one, as one step that can be undone.
   *
   * @param next.isOther it is another book, not this one with more in it
   */
  replaceBook(label: string, next: StampedBook & { isOther: boolean }): Promise<boolean>;
  /** Where the book comes from and who changed what; null where the browser can't tell. */
  lineage(): Promise<CopyLineage | null>;
  /** Pictures, kept beside the book; null while it is not open. */
  pictures(): PictureShelf | null;
  /** Where the book is kept on the disk as well; null while it is not open. */
  folder(): Pick<Repository, 'folder' | 'putFolder'> | null;
  /** Saves what could not be saved. */
  tryAgain(): Promise<boolean>;
  /** The book once everything of it is there. */
  whole(): Promise<Book>;
  undo(): Promise<void>;
  redo(): Promise<void>;
  dismissProblem(): void;
  /** Throws away the records that stand apart. */
  clearAside(): Promise<void>;
}

let repository: Repository | null = null;
let journal: Journal | null = null;
let onDisk = new SavedBook();
/** What has been done and is not saved yet, in order. */
let waiting: AheadCommand[] = [];
let queue: Promise<unknown> = Promise.resolve();
/** Once what is there has been painted: reading thousands of records holds a page up. */
const afterPaint = () => new Promise<void>((resolve) => setTimeout(resolve, 60));

/** When pictures nobody needs are thrown away, after opening. */
const sweepAfterMs = 15_000;

/** Typing rests this long before it is saved; it has been written ahead meanwhile. */
const typingRestMs = 300;
/** Why the database is lost, once it is. */
let lost: keyof typeof lostWords | null = null;

const noHistory: HistoryState = {
  undoLabel: null,
  undoAt: null,
  redoLabel: null,
  redoAt: null,
};

const newCommandId = () => crypto.randomUUID();

/** The book on the disk with what waits on top of it, each change made anew on what is there now. */
function shown(): Book {
  return waiting.reduce(
    (book, { changes }) =>
      withChanges(
        book,
        changes.map(({ table, id, before, after }) => {
          const present = book[table].get(id) ?? null;
          return { table, id, after: mergeRecords<object>(before, after, present) } as Change;
        }),
      ),
    onDisk.book,
  );
}

function reversible(book: Book, changes: readonly Change[]): ReversibleChange[] {
  const last = new Map(changes.map((change) => [`${change.table}/${change.id}`, change]));
  return [...last.values()].map(
    (change) =>
      ({ ...change, before: book[change.table].get(change.id) ?? null }) as ReversibleChange,
  );
}

/** Two commands of one key as one: what the first started from, what the second comes to. */
function joined(first: AheadCommand, second: AheadCommand): AheadCommand {
  return { ...second, id: first.id, changes: mergeChanges(first.changes, second.changes) };
}

/** The book in memory, ahead of the disk by what waits, and in step with other tabs. */
export const useBook = create<BookState>()((set, get) => {
  /** The command being saved just now can't take up more. */
  let inHand: string | null = null;
  /** The last step of undo or redo that is not saved yet. */
  let stepInHand: string | null = null;

  /** Saves everything that waits, in order; stops at what can't be saved. */
  const flush = async (): Promise<boolean> => {
    const open = repository;
    while (open && open === repository && waiting[0]) {
      const [command] = waiting;
      inHand = command.id;
      try {
        const saved = (await open.commit(command)) ?? [];
        if (open !== repository) return false;
        waiting = waiting.slice(1);
        journal?.clear(command.id);
        void askToLast();
        const { book } = onDisk;
        const moved = command.changes.some(
          ({ table, id, after }) => (book[table].get(id) ?? null) !== after,
        );
        const gone = saved.some(
          ({ after }, i) => after === null && command.changes[i]?.after !== null,
        );
        if (moved) set({ book: shown() });
        if (gone)
          set({ problem: 'What you changed was deleted in another tab. Undo brings it back.' });
      } catch (error) {
        // what happened first is what it comes of
        set({ saving: 'failed', problem: lost ? lostWords[lost] : savingFailed(error) });
        return false;
      } finally {
        inHand = null;
      }
    }
    if (repository)
      set((state) => ({
        saving: 'saved',
        problem: state.saving === 'failed' ? null : state.problem,
      }));
    return repository !== null;
  };

  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const turn = queue.then(work);
    queue = turn.catch(() => undefined);
    return turn;
  };

  let resting: ReturnType<typeof setTimeout> | undefined;
  const told: ((saved: boolean) => void)[] = [];
  /** Saves what is typed once the hands rest. */
  const rested = (): Promise<boolean> => {
    clearTimeout(resting);
    resting = setTimeout(() => {
      const tell = told.splice(0);
      void inTurn(flush).then((saved) => tell.forEach((one) => one(saved)));
    }, typingRestMs);
    return new Promise((resolve) => told.push(resolve));
  };

  /** What must be in the database before it is shown: undo, and a whole book. */
  const saveFirst = (work: (open: Repository) => Promise<unknown>): Promise<boolean> =>
    inTurn(async () => {
      if (!(await flush()) || !repository) return false;
      set({ saving: 'saving' });
      try {
        await work(repository);
        set({ saving: 'saved' });
        return true;
      } catch (error) {
        set({ saving: 'failed', problem: savingFailed(error) });
        return false;
      }
    });

  /** Undo or redo: written ahead with what it is about, since it is saved before it is shown. */
  const stepped = async (step: 1 | -1): Promise<void> => {
    const { undoAt, redoAt } = get().history;
    const ahead: AheadStep = {
      ...{ id: newCommandId(), step, of: step < 0 ? undoAt : redoAt },
      ...(stepInHand === null ? {} : { after: stepInHand }),
    };
    stepInHand = ahead.id;
    journal?.write(ahead);
    const saved = await saveFirst((open) => open.step(step, ahead.id));
    if (saved) journal?.clear(ahead.id);
    if (stepInHand === ahead.id) stepInHand = null;
  };

  /** Reads some of the book, or reads it anew, with what is changed meanwhile on top. */
  const readIn = async (reading: Promise<ReadBook>): Promise<void> => {
    await onDisk.read(reading);
    set({ book: shown() });
  };

  /** Reads the book again, where it was read before everything in it was saved. */
  const readAgain = async (open: Repository): Promise<void> => {
    await readIn(open.read(!get().trialsComing));
    const history = await open.historyState();
    if (waiting.length === 0) set({ history });
  };

  return {
    status: 'opening',
    problem: null,
    saving: 'saved',
    trialsComing: false,
    takenUp: 0,
    aside: [],
    book: emptyBook(),
    history: noHistory,
    async open(name = 'cobbet') {
      if (repository) return;
      try {
        journal = new Journal(name, crypto.randomUUID().slice(0, 8));
        const dying = journal.otherTabs();
        const saved = new SavedBook();
        onDisk = saved;
        const opening = Repository.open(name, {
          onSaved: ({ changes, order, history, elsewhere }) => {
            // a book that was closed meanwhile has no more to say
            if (saved !== onDisk) return;
            const isNewest = onDisk.hear(changes, order);
            // what this tab has just saved is shown already
            const own = !elsewhere && inHand !== null;
            // what waits is done on top, and is what undo takes back first
            const undoFirst = waiting.length > (own ? 1 : 0) || !isNewest ? get().history : history;
            set({ ...(own ? {} : { book: shown() }), history: undoFirst });
          },
          onLost: (reason) => {
            if (reason === 'blocked') set({ status: 'blocked', problem: lostWords.blocked });
            else {
              lost = reason;
              set({ problem: lostWords[reason], saving: 'failed' });
            }
          },
        });
        await saved.read(opening.then(({ read }) => read));
        const opened = await opening;
        repository = opened.repository;
        waiting = [];
        lost = null;
        holdTab(journal.tab);
        // what is typed need not rest any longer when the page goes
        window.addEventListener('pagehide', () => void inTurn(flush));
        const { read, aside, trials } = opened;
        const history = onDisk.newest > read.order ? get().history : opened.history;
        if (trials) {
          queue = readIn(afterPaint().then(trials)).then(
            () => set({ trialsComing: false }),
            (error: unknown) => set({ problem: savingFailed(error), trialsComing: false }),
          );
        }
        set({ book: shown(), history, aside, trialsComing: trials !== null });
        if (dying.length > 0 || journal.otherTabs().length > 0) {
          const { takeUp } = await import('./takeUp');
          await takeUp(repository, journal, dying, {
            took: () => set((state) => ({ takenUp: state.takenUp + 1 })),
            stale: () => readAgain(opened.repository),
          });
        }
        set({ status: 'ready', problem: null });
        const { pictures } = opened.repository;
        // once the rooms stand: what is left of pictures is nobody's hurry
        setTimeout(() => {
          if (repository !== opened.repository || get().trialsComing) return;
          void pictures.sweep(new Set(get().book.photos.keys())).catch(() => undefined);
        }, sweepAfterMs);
      } catch (error) {
        set({ ...openingFailed(error) });
      }
    },
    async act(label, change, { mergeKey, whole = false } = {}) {
      if (whole && get().trialsComing) await queue;
      const { book } = get();
      const changes = reversible(book, withPhotos(book, withVariants(book, change(book))));
      if (changes.length === 0) return repository !== null;
      if (!repository) return false;
      const at = new Date().toISOString();
      const command: AheadCommand = {
        ...{ id: newCommandId(), version: bookVersion, label, at, changes },
        ...(mergeKey === undefined ? {} : { mergeKey }),
      };
      const last = waiting.at(-1);
      const joins =
        last && mergeKey !== undefined && last.mergeKey === mergeKey && last.id !== inHand;
      const written = joins ? joined(last, command) : command;
      journal?.write(written);
      stepInHand = null;
      waiting = joins ? [...waiting.slice(0, -1), written] : [...waiting, written];
      set({
        book: withChanges(book, changes),
        saving: 'saving',
        history: { ...noHistory, undoLabel: label, undoAt: at },
      });
      return mergeKey === undefined ? inTurn(flush) : rested();
    },
    replaceBook: (label, { book: next, lineage, isOther }) =>
      saveFirst((open) => {
        const changes = reversible(get().book, replacing(get().book, next));
        const at = new Date().toISOString();
        const command = { id: newCommandId(), version: bookVersion, label, at, changes };
        return open.commit(command, false, { of: lineageFile(lineage), isOther });
      }),
    lineage: async () => {
      await queue;
      const saved = await repository?.lineage().catch(() => null);
      if (!saved) return null;
      return withUnsaved(
        saved,
        waiting.flatMap(({ changes }) => changes),
        Date.now(),
      );
    },
    pictures: () => repository?.pictures ?? null,
    folder: () => repository,
    tryAgain: () => inTurn(flush),
    whole: () => queue.then(() => get().book),
    undo: () => stepped(-1),
    redo: () => stepped(1),
    dismissProblem: () => set({ problem: null }),
    clearAside: async () => {
      await repository?.clearAside();
      set({ aside: [] });
    },
  };
});

/** Closes the book; for tests, and before a page goes away for good. */
export function closeBook(): void {
  repository?.close();
  repository = null;
  onDisk = new SavedBook();
  waiting = [];
  queue = Promise.resolve();
}
