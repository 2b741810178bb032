import { toBookFile } from '@cobbet/core/book/toBookFile';
import { settingsOf } from '@cobbet/core/book/book';
import { useBook } from './bookStore';
import { download } from './download';

/** Saves the whole book as one file. */
export async function exportBook(): Promise<void> {
  const at = new Date().toISOString();
  const file = toBookFile(await useBook.getState().whole(), at);
  const text = `${JSON.stringify(file, null, 1)}\n`;
  download(`cobbet-book-${at.slice(0, 10)}.json`, text, 'application/json');
}

/**
 * Takes a book file in place of the present book, as one step that can be undone.
 *
 * @throws Error with a sentence naming the place in the file; then nothing has changed
 */
export async function importBook(text: string, label: string): Promise<void> {
  // the checks weigh more than the rest of the room, and only files need them
  const [{ readBookFile }, { BadInput }] = await Promise.all([
    import('@cobbet/core/book/readBookFile'),
    import('@cobbet/core/book/fieldError'),
  ]);
  let next;
  try {
    next = readBookFile(text);
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    const where = error.field === '' ? '' : `At ${error.field}: `;
    throw new Error(`The file was not taken. ${where}${error.message}`, { cause: error });
  }
  const settings = { ...settingsOf(next), began: settingsOf(next).began ?? ('file' as const) };
  const saved = await useBook
    .getState()
    .replaceBook(label, { ...next, settings: new Map([[settings.id, settings]]) });
  if (!saved) throw new Error('The book could not be saved in this browser. Nothing has changed.');
}

/** Takes the sample book that ships with the application. */
export async function loadSampleBook(): Promise<void> {
  const response = await fetch('/sample-book.json');
  if (!response.ok) {
    throw new Error('The sample book could not be loaded. Reload the page and try again.');
  }
  await importBook(await response.text(), 'Open the sample book');
}
