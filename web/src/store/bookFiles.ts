import { bookFilePieces } from '@cobbet/core/book/bookFilePieces';
import { settingsOf } from '@cobbet/core/book/book';
import { useBook } from './bookStore';
import { download } from './download';
import type { FileBook } from './readBookHere';

/** The whole book as a file: JSON, or an archive with its pictures where it has some. */
export async function bookFile(): Promise<{ name: string; content: Blob }> {
  const at = new Date().toISOString();
  const book = await useBook.getState().whole();
  const lineage = (await useBook.getState().lineage()) ?? undefined;
  const pieces = bookFilePieces(book, at, lineage);
  const name = `cobbet-book-${at.slice(0, 10)}`;
  const shelf = useBook.getState().pictures();
  if (book.photos.size === 0 || !shelf) {
    return { name: `${name}.json`, content: new Blob([...pieces], { type: 'application/json' }) };
  }
  const { writeArchive } = await import('./bookArchive');
  // a picture that can't be read must not keep the book from going out
  const bytesOf = (id: string) =>
    shelf.get(id).then(
      (kept) => kept?.bytes,
      () => undefined,
    );
  const content = await writeArchive(pieces, book.photos.keys(), bytesOf);
  return { name: `${name}.zip`, content };
}

/** Saves the whole book as one file. */
export async function exportBook(): Promise<void> {
  const { name, content } = await bookFile();
  download(name, content, content.type);
  // the file is out; that it is need not be remembered where nothing can be
  await wroteFile().catch(() => undefined);
}

/** Remembers that the book was written to a file, so that nobody is reminded of it. */
export async function wroteFile(): Promise<void> {
  const keeper = useBook.getState().folder();
  const kept = await keeper?.folder();
  if (kept) await keeper?.putFolder({ ...kept, writtenAt: new Date().toISOString() });
}

/** How a reading is followed, and taken back. */
export interface Reading {
  signal?: AbortSignal;
  /** Told the share of the file that has been read, 0–1. */
  onProgress?: (share: number) => void;
}

/**
 * Takes a book file in place of the present book, as one step that can be undone.
 *
 * @param file JSON, or an archive with pictures
 * @throws Error with a sentence naming the place in the file; then nothing has changed
 */
export async function importBook(
  file: Blob | string,
  label: string,
  reading: Reading = {},
): Promise<void> {
  const next = await readBook(file, reading);
  const own = settingsOf(next.book);
  const settings = { ...own, began: own.began ?? ('file' as const) };
  const book = { ...next.book, settings: new Map([[settings.id, settings]]) };
  await keepPictures(next);
  const saved = await useBook
    .getState()
    .replaceBook(label, { book, lineage: next.lineage, isOther: true });
  if (!saved) throw new Error('The book could not be saved in this browser. Nothing has changed.');
}

/**
 * Keeps the pictures of a file, before the records that are of them are put; those there are stay as they are.
 *
 * @throws Error with a sentence where there is no room
 */
export async function keepPictures({ book, pictures }: FileBook): Promise<void> {
  const shelf = useBook.getState().pictures();
  try {
    for (const [id, bytes] of pictures) {
      if (book.photos.has(id) && !(await shelf?.get(id))) await shelf?.put(id, bytes.buffer);
    }
  } catch (error) {
    throw new Error('There is no room for its pictures in this browser. Nothing has changed.', {
      cause: error,
    });
  }
}

/**
 * Reads a book file and takes nothing of it.
 *
 * @throws Error with a sentence naming the place in the file; AbortError when taken back
 */
export async function readBook(
  file: Blob | string,
  { signal, onProgress }: Reading = {},
): Promise<FileBook> {
  // the checks weigh more than the rest of the room, and only files need them
  if (typeof file === 'string') return (await import('./readBookHere')).readBookHere(file);
  const { readBookInWorker } = await import('@/workers/bookFileClient');
  return readBookInWorker(
    file,
    signal ?? new AbortController().signal,
    onProgress ?? (() => undefined),
  );
}

/** Takes the sample book that ships with the application. */
export async function loadSampleBook(): Promise<void> {
  const response = await fetch('/sample-book.json');
  if (!response.ok) {
    throw new Error('The sample book could not be loaded. Reload the page and try again.');
  }
  await importBook(await response.text(), 'Open the sample book');
}
