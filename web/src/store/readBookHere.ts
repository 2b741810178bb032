import { BadInput } from '@cobbet/core/book/fieldError';
import { readStampedBook } from '@cobbet/core/book/readBookFile';
import type { StampedBook } from '@cobbet/core/book/stamp';
import { isArchive, readArchive } from './bookArchive';

/** A book out of a file, with the pictures that came with it. */
export interface FileBook extends StampedBook {
  pictures: ReadonlyMap<string, Uint8Array<ArrayBuffer>>;
}

/** A file's text, read piece by piece. */
async function textOf(file: Blob, tell: (share: number) => void): Promise<string> {
  const reader = file.stream().getReader();
  const decoder = new TextDecoder();
  const pieces: string[] = [];
  let read = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    pieces.push(decoder.decode(value, { stream: true }));
    read += value.length;
    tell(read / Math.max(file.size, 1));
  }
  return pieces.join('') + decoder.decode();
}

/**
 * Reads a book file where it is called: in a worker, but for small ones.
 *
 * @param file JSON as text or as a file, or an archive with pictures
 * @param tell told how much of the file has been read, 0–1; checking it comes after
 * @throws Error with a sentence naming the place in the file; nothing is taken of it
 */
export async function readBookHere(
  file: Blob | string,
  tell: (share: number) => void = () => undefined,
): Promise<FileBook> {
  const opened =
    typeof file === 'string'
      ? { text: file, pictures: new Map() }
      : (await isArchive(file))
        ? await readArchive(file)
        : { text: await textOf(file, tell), pictures: new Map() };
  try {
    return { ...readStampedBook(opened.text), pictures: opened.pictures };
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    const where = error.field === '' ? '' : `At ${error.field}: `;
    throw new Error(`The file was not taken. ${where}${error.message}`, { cause: error });
  }
}
