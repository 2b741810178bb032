/** Where the book stands: being read, usable, or why not. */
export type BookStatus = 'opening' | 'ready' | 'blocked' | 'newer' | 'absent' | 'broken';

const nameOf = (error: unknown) => (error instanceof DOMException ? error.name : '');

/** What went wrong with saving, in words that help. What was done is still there and can be saved later. */
export function savingFailed(error: unknown): string {
  switch (nameOf(error)) {
    case 'QuotaExceededError':
      return 'The browser has no room left, so the last changes are not saved yet. Export the book to a file, free some space, then try again.';
    case 'InvalidStateError':
      return 'The browser closed the book, so the last changes are not saved yet. Export the book to a file, then reload.';
    default:
      return 'The browser would not save the last changes. Export the book to a file, then try again.';
  }
}

/** What is said when the database is lost to another tab or to the browser. */
export const lostWords = {
  blocked: 'Another tab holds an older Cobbet open. Close it, and this one goes on by itself.',
  superseded:
    'A newer Cobbet was opened in another tab. Reload this one; what was done here is kept.',
  closed: 'The browser closed the book. Reload to go on; what was done here is kept.',
} as const;

/** Why the book could not be opened. */
export function openingFailed(error: unknown): { status: BookStatus; problem: string } {
  if (!(error instanceof DOMException)) {
    const problem =
      'A part of Cobbet that opens the book could not be fetched. Try again once the connection is back.';
    return { status: 'broken', problem };
  }
  switch (error.name) {
    case 'VersionError':
      return {
        status: 'newer',
        problem:
          'This book was last opened with a newer Cobbet, which this one can’t read. Reload to get the newer one; nothing was changed.',
      };
    case 'SecurityError':
    case 'InvalidStateError':
      return {
        status: 'absent',
        problem:
          'This browser keeps no data for Cobbet here. Private windows and blocked site data do that; allow it, then try again.',
      };
    case 'QuotaExceededError':
      return {
        status: 'broken',
        problem: 'The browser has no room left to open the book. Free some space, then try again.',
      };
    default:
      return {
        status: 'broken',
        problem:
          'The book could not be opened: the browser says its data can’t be read. Try again; if that fails, what can be read can still be saved to a file.',
      };
  }
}
