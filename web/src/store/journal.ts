import type { Command } from '@cobbet/core/book/change';

/** A command before the database has it, with an id by which it is known to have been saved. */
export interface AheadCommand extends Command {
  id: string;
  /** Of the book's records in it. */
  version: number;
}

/** A step of undo (−1) or redo (1) before the database has it. */
export interface AheadStep {
  id: string;
  step: 1 | -1;
  /** When the command was done that it takes back or does again; null where that is not known. */
  of: string | null;
  /** The step it was asked for right after, before that one was saved; then `of` is not known yet. */
  after?: string;
}

/** What a tab has done and the database has not got yet. */
export type Ahead = AheadCommand | AheadStep;

/** More than this of one command is not written ahead: a whole book waits for the database. */
const mostChars = 400_000;

/** What a journal needs of local storage. */
type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

function localStore(): Store | null {
  try {
    return globalThis.localStorage;
  } catch {
    // a browser that keeps no site data refuses even to be asked
    return null;
  }
}

/**
 * What a tab has done and the database has not got yet, kept where it can be written at once, so that a tab that dies right
 * after a tap loses nothing. Every tab writes under its own name; what a dead one left is for the next that opens the book.
 */
export class Journal {
  private readonly prefix: string;
  private count = 0;
  private readonly keys = new Map<string, string>();

  /**
   * @param book name of the book's database
   * @param tab name of this tab, another one at every visit
   */
  constructor(
    book: string,
    readonly tab: string,
    private readonly store: Store | null = localStore(),
  ) {
    this.prefix = `cobbet-ahead:${book}:`;
  }

  /**
   * Writes a command or a step down, or writes it anew.
   *
   * @returns false when there is no room for it or no place
   */
  write(ahead: Ahead): boolean {
    if (!this.store) return false;
    const text = JSON.stringify(ahead);
    if (text.length > mostChars) return false;
    const key = this.keys.get(ahead.id) ?? this.nextKey();
    try {
      this.store.setItem(key, text);
    } catch {
      return false;
    }
    this.keys.set(ahead.id, key);
    return true;
  }

  /** Forgets what the database has. */
  clear(id: string): void {
    const key = this.keys.get(id);
    if (key === undefined) return;
    this.store?.removeItem(key);
    this.keys.delete(id);
  }

  /** Other tabs that have left something, dead or alive. */
  otherTabs(): string[] {
    const tabs = this.allKeys().map((key) => key.slice(this.prefix.length).split(':')[0] ?? '');
    return [...new Set(tabs)].filter((tab) => tab !== this.tab);
  }

  /** What a tab has left, in the order it was done; what can't be read is thrown away. */
  leftBy(tab: string): Ahead[] {
    return this.keysOf(tab).flatMap((key) => {
      try {
        return [JSON.parse(this.store?.getItem(key) ?? '') as Ahead];
      } catch {
        this.store?.removeItem(key);
        return [];
      }
    });
  }

  /** Forgets one thing that another tab has left. */
  clearLeft(tab: string, id: string): void {
    for (const key of this.keysOf(tab)) {
      if (this.store?.getItem(key)?.includes(`"id":${JSON.stringify(id)}`)) {
        this.store.removeItem(key);
        return;
      }
    }
  }

  private nextKey(): string {
    this.count += 1;
    return `${this.prefix}${this.tab}:${String(this.count).padStart(8, '0')}`;
  }

  private keysOf(tab: string): string[] {
    return this.allKeys()
      .filter((key) => key.startsWith(`${this.prefix}${tab}:`))
      .sort();
  }

  private allKeys(): string[] {
    const { store } = this;
    if (!store) return [];
    return Array.from({ length: store.length }, (_, i) => store.key(i) ?? '').filter((key) =>
      key.startsWith(this.prefix),
    );
  }
}
