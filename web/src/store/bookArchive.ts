import { Unzip, UnzipInflate, UnzipPassThrough, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/** The book's own file in an archive, and where its pictures stand. */
const bookName = 'book.json';
const pictureName = (id: string) => `pictures/${id}.jpg`;
const pictureId = /^pictures\/([\w-]{1,80})\.jpg$/;

/** No picture is larger: one is some hundred kB. */
const mostPictureBytes = 20_000_000;
const mostBookBytes = 400_000_000;

/** Whether a file is an archive, by its first bytes. */
export async function isArchive(file: Blob): Promise<boolean> {
  const start = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  return start[0] === 0x50 && start[1] === 0x4b && start[2] === 3 && start[3] === 4;
}

/**
 * A book with its pictures as one archive, put together piece by piece: at no time is more than one picture in memory beside what is written.
 *
 * @param text the book's file in pieces
 * @param ids of the pictures
 * @param pictureOf a picture's bytes; undefined where this browser does not have it
 */
export async function writeArchive(
  text: Iterable<string>,
  ids: Iterable<string>,
  pictureOf: (id: string) => Promise<ArrayBuffer | undefined>,
): Promise<Blob> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let failed: Error | null = null;
  const zip = new Zip((error, chunk) => {
    if (error) failed = error;
    else parts.push(new Uint8Array(chunk));
  });
  const encoder = new TextEncoder();
  const book = new ZipDeflate(bookName, { level: 6 });
  zip.add(book);
  for (const piece of text) book.push(encoder.encode(piece));
  book.push(new Uint8Array(), true);
  for (const id of ids) {
    const bytes = await pictureOf(id);
    if (!bytes) continue;
    // a JPEG does not get any smaller
    const picture = new ZipPassThrough(pictureName(id));
    zip.add(picture);
    picture.push(new Uint8Array(bytes), true);
  }
  zip.end();
  if (failed) throw failed as Error;
  return new Blob(parts, { type: 'application/zip' });
}

/** A book's archive, taken apart. */
export interface OpenedArchive {
  text: string;
  pictures: ReadonlyMap<string, Uint8Array<ArrayBuffer>>;
}

function joined(chunks: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return whole;
}

/**
 * Takes an archive apart as it is read.
 *
 * @throws Error with a sentence for the cook where it is none of a book
 */
export async function readArchive(file: Blob): Promise<OpenedArchive> {
  const pictures = new Map<string, Uint8Array<ArrayBuffer>>();
  let text: string | null = null;
  let fault: string | null = null;
  const unzip = new Unzip((entry) => {
    const [, id] = pictureId.exec(entry.name) ?? [];
    if (entry.name !== bookName && id === undefined) return;
    const most = id === undefined ? mostBookBytes : mostPictureBytes;
    const chunks: Uint8Array[] = [];
    let size = 0;
    entry.ondata = (error, chunk, final) => {
      size += chunk?.length ?? 0;
      if (error) fault = `“${entry.name}” in it is spoilt.`;
      else if (size > most) fault = `“${entry.name}” in it is too large.`;
      if (fault !== null) return entry.terminate();
      chunks.push(chunk);
      if (!final) return undefined;
      if (id === undefined) text = new TextDecoder().decode(joined(chunks));
      else pictures.set(id, joined(chunks));
      return undefined;
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  const reader = file.stream().getReader();
  try {
    for (;;) {
      const { done, value } = await reader.read();
      unzip.push(value ?? new Uint8Array(), done);
      if (done || fault !== null) break;
    }
  } catch (error) {
    throw new Error('The file was not taken. It is no archive that can be read.', { cause: error });
  } finally {
    void reader.cancel().catch(() => undefined);
  }
  if (fault !== null) throw new Error(`The file was not taken. ${fault as string}`);
  if (text === null) throw new Error('The file was not taken. There is no “book.json” in it.');
  return { text, pictures };
}
