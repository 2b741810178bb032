import { type Book, emptyBook } from '@cobbet/core/book/book';
import { type Change, replacing, withChanges } from '@cobbet/core/book/change';
import { create } from 'zustand';
import { type HistoryState, Repository } from './repository';

/** Where saving stands. */
type Saving = 'saved' | 'saving' | 'failed';

interface BookState {
  /** `opening` until the book is read; `unavailable` when this browser keeps no data here. */
  status: 'opening' | 'ready' | 'unavailable';
  /** Why the book can't be used or a change was not saved, in words; null when all is well. */
  problem: string | null;
  saving: Saving;
  /** The trials of a long book are still being read; what is done meanwhile waits for them. */
  trialsComing: boolean;
  book: Book;
  history: HistoryState;
  open(name?: string): Promise<void>;
  /**
   * Does something to the book: saved first, shown then. Commands wait for one another, so that each sees what the
   * last one left.
   *
   * @param label what is done, in words
   * @param change the changes, from the book as it is when the command's turn comes
   * @returns true when it was saved
   */
  act(label: string, change: (book: Book) => Change[], mergeKey?: string): Promise<boolean>;
  replaceBook(label: string, next: Book): Promise<boolean>;
  /** The book once everything of it is there. */
  whole(): Promise<Book>;
  undo(): Promise<void>;
  redo(): Promise<void>;
  dismissProblem(): void;
}

/** What went wrong with saving, in words that help. */
function explain(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'QuotaExceededError') {
    return 'The browser has no room left, so this change was not saved. Export the book to a file, then free some space.';
  }
  if (name === 'InvalidStateError') {
    return 'The browser closed the book, so this change was not saved. Export the book to a file, then reload.';
  }
  return 'The browser would not save this change. Export the book to a file, then reload.';
}

const lostWords = {
  blocked: 'Another tab holds an older Cobbet open. Close it, then reload this one.',
  superseded: 'A newer Cobbet was opened in another tab. Reload this one.',
  closed: 'The browser closed the book. Reload to go on; what was saved is still there.',
} as const;

let repository: Repository | null = null;
let queue: Promise<unknown> = Promise.resolve();
/** Once what is there has been painted: reading thousands of records holds a page up. */
const afterPaint = () => new Promise<void>((resolve) => setTimeout(resolve, 60));
/** What other tabs changed while the trials were being read. */
const meanwhile: Change[] = [];

/** The book in memory, kept in step with the disk and with other tabs. */
export const useBook = create<BookState>()((set, get) => {
  const save = (work: (open: Repository) => Promise<void>): Promise<boolean> => {
    const turn = queue.then(async () => {
      if (!repository) return false;
      set({ saving: 'saving' });
      try {
        await work(repository);
        set({ saving: 'saved' });
        return true;
      } catch (error) {
        set({ saving: 'failed', problem: explain(error) });
        return false;
      }
    });
    queue = turn;
    return turn;
  };
  return {
    status: 'opening',
    problem: null,
    saving: 'saved',
    trialsComing: false,
    book: emptyBook(),
    history: { undoLabel: null, redoLabel: null },
    async open(name = 'cobbet') {
      if (repository) return;
      try {
        const opened = await Repository.open(name, {
          onSaved: ({ changes, history }) => {
            if (get().trialsComing) meanwhile.push(...changes);
            set((state) => ({ book: withChanges(state.book, changes), history }));
          },
          onLost: (reason) => set({ problem: lostWords[reason], saving: 'failed' }),
        });
        repository = opened.repository;
        const { book, history, trials } = opened;
        if (trials) {
          queue = afterPaint()
            .then(trials)
            .then(
              // another tab may have changed some of them since they were read
              (read) =>
                set((state) => ({
                  book: withChanges({ ...state.book, trials: read }, meanwhile.splice(0)),
                  trialsComing: false,
                })),
              (error: unknown) => set({ problem: explain(error), trialsComing: false }),
            );
        }
        set({ status: 'ready', problem: null, book, history, trialsComing: trials !== null });
      } catch {
        set({
          status: 'unavailable',
          problem:
            'This browser keeps no data for Cobbet here. Private windows and blocked site data do that; allow it, then try again.',
        });
      }
    },
    act: (label, change, mergeKey) =>
      save((open) => open.commit(label, change(get().book), mergeKey)),
    replaceBook: (label, next) => save((open) => open.commit(label, replacing(get().book, next))),
    whole: () => queue.then(() => get().book),
    undo: async () => {
      await save((open) => open.undo());
    },
    redo: async () => {
      await save((open) => open.redo());
    },
    dismissProblem: () => set({ problem: null }),
  };
});

/** Closes the book; for tests, and before a page goes away for good. */
export function closeBook(): void {
  repository?.close();
  repository = null;
}
