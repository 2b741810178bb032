import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookFilePieces } from '@cobbet/core/book/bookFilePieces';
import { toBookFile } from '@cobbet/core/book/toBookFile';
import { unstampedLineage } from '@cobbet/core/book/unstampedLineage';
import { bookOf, dip, trial } from '../../../core/test/bookOf';
import { isArchive, readArchive, writeArchive } from './bookArchive';

const book = bookOf([dip('a'), dip('b')], [trial('t', 'a')]);
const at = '2026-06-07T10:30:00.000Z';

/** jsdom's own files lack what browsers' have. */
function fileOf(bytes: Uint8Array): Blob {
  return {
    slice: (from: number, to: number) => fileOf(bytes.slice(from, to)),
    arrayBuffer: () => Promise.resolve(bytes.slice().buffer),
    stream: () => {
      let done = false;
      const reader = {
        read: () => {
          const answer = done ? { done: true } : { done: false, value: bytes };
          done = true;
          return Promise.resolve(answer);
        },
        cancel: () => Promise.resolve(),
      };
      return { getReader: () => reader };
    },
  } as unknown as Blob;
}

/** What a blob holds. */
const bytesOf = (blob: Blob) =>
  new Promise<Uint8Array>((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(new Uint8Array(reader.result as ArrayBuffer));
    reader.readAsArrayBuffer(blob);
  });

const picture = (seed: number) => Uint8Array.from({ length: 5000 }, (_, i) => (i * seed) % 256);

async function archived(pictures: ReadonlyMap<string, Uint8Array<ArrayBuffer>>) {
  const pieces = bookFilePieces(book, at, unstampedLineage(book));
  const blob = await writeArchive(pieces, ['gone', ...pictures.keys()], (id) =>
    Promise.resolve(pictures.get(id)?.buffer),
  );
  return bytesOf(blob);
}

describe('a book with its pictures', () => {
  test('in pieces is the file it is in one', () => {
    const lineage = unstampedLineage(book);
    const pieces = [...bookFilePieces(book, at, lineage)];
    expect(pieces.length).toBeGreaterThan(3);
    expect(JSON.parse(pieces.join(''))).toEqual(
      JSON.parse(JSON.stringify(toBookFile(book, at, lineage))),
    );
  });

  test('comes out of its archive as it went in; a picture that is not here is left out', async () => {
    const pictures = new Map([
      ['p-1', picture(7)],
      ['p-2', picture(13)],
    ]);
    const file = fileOf(await archived(pictures));
    expect(await isArchive(file)).toBe(true);
    const opened = await readArchive(file);
    expect((JSON.parse(opened.text) as { dips: unknown[] }).dips).toHaveLength(2);
    expect([...opened.pictures.keys()]).toEqual(['p-1', 'p-2']);
    expect(opened.pictures.get('p-2')).toEqual(picture(13));
  });

  test('spoilt anywhere it is a book, or a sentence of what is wrong', async () => {
    const whole = await archived(new Map([['p-1', picture(7)]]));
    await fc.assert(
      fc.asyncProperty(
        fc.nat(),
        fc.integer({ min: 0, max: 255 }),
        fc.boolean(),
        async (at, byte, cut) => {
          const spot = at % whole.length;
          const spoilt = cut ? whole.slice(0, spot) : whole.slice();
          if (!cut) spoilt[spot] = byte;
          const read = await readArchive(fileOf(spoilt)).catch((error: unknown) => error);
          if (read instanceof Error)
            expect(read.message).toMatch(/^The file was not taken\. .+\.$/);
          else expect(typeof (read as { text: string }).text).toBe('string');
        },
      ),
      { numRuns: 300 },
    );
  }, 60_000);

  test('another archive is none of a book', async () => {
    const other = await writeArchive(['x'], [], () => Promise.resolve(undefined));
    const bytes = await bytesOf(other);
    // “book.json” called otherwise, in both places
    const text = new TextDecoder('latin1').decode(bytes).replaceAll('book.json', 'nook.json');
    const renamed = Uint8Array.from(text, (one) => one.charCodeAt(0));
    await expect(readArchive(fileOf(renamed))).rejects.toThrow('There is no “book.json” in it.');
    expect(await isArchive(fileOf(new TextEncoder().encode('{"format":1}')))).toBe(false);
  });
});
