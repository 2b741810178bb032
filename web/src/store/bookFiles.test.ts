import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { bookOf, dip } from '../../../core/test/bookOf';
import { settingsOf } from '@cobbet/core/book/book';
import { toBookFile } from '@cobbet/core/book/toBookFile';
import { exportBook, importBook, loadSampleBook } from './bookFiles';
import { closeBook, useBook } from './bookStore';
import { addDip } from './dipCommands';

let names = 0;
const book = () => useBook.getState().book;
const file = JSON.stringify(toBookFile(bookOf([dip('a'), dip('b')]), '2026-06-07T10:30:00.000Z'));

beforeEach(async () => {
  await useBook.getState().open(`files-${(names += 1)}`);
});
afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
  jest.restoreAllMocks();
});

describe('a file taken in', () => {
  test('stands in place of the book, and undo brings the other back', async () => {
    const own = await addDip('Mine');
    await importBook(file, 'Open book.json');
    expect([...book().dips.keys()].sort()).toEqual(['a', 'b']);
    await useBook.getState().undo();
    expect([...book().dips.keys()]).toEqual([own]);
  });

  test('a bad one changes nothing and names the place', async () => {
    const own = await addDip('Mine');
    const bad = file.replace('"amount":"1/4 cup"', '"amount":4');
    await expect(importBook(bad, 'Open')).rejects.toThrow(
      /not taken. At dips\[0\].rows\[1\].amount/,
    );
    await expect(importBook('{', 'Open')).rejects.toThrow(/not taken. This is not JSON/);
    expect([...book().dips.keys()]).toEqual([own]);
  });
});

describe('a file handed out', () => {
  test('is the whole book, named by its day', async () => {
    await importBook(file, 'Open');
    const blobs: Blob[] = [];
    const names: string[] = [];
    Object.assign(URL, {
      createObjectURL: (blob: Blob) => {
        blobs.push(blob);
        return 'blob:book';
      },
      revokeObjectURL: () => undefined,
    });
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(
      this: HTMLAnchorElement,
    ) {
      names.push(this.download);
    });
    await exportBook();
    expect(names[0]).toMatch(/^cobbet-book-\d{4}-\d\d-\d\d\.json$/);
    const reader = new FileReader();
    const text = await new Promise<string>((resolve) => {
      reader.onload = () => resolve(String(reader.result));
      reader.readAsText(blobs[0] as Blob);
    });
    const written = JSON.parse(text) as { dips: { id: string }[]; format: string };
    expect(written.format).toBe('cobbet-book');
    expect(written.dips.map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('the sample book', () => {
  test('is fetched from here and opened', async () => {
    const asked: string[] = [];
    globalThis.fetch = ((url: string) => {
      asked.push(url);
      return Promise.resolve({ ok: true, text: () => Promise.resolve(file) });
    }) as unknown as typeof fetch;
    await loadSampleBook();
    expect(asked).toEqual(['/sample-book.json']);
    expect(book().dips.size).toBe(2);
    expect(settingsOf(book()).began).toBe('blank');
  });

  test('that can’t be loaded says so', async () => {
    globalThis.fetch = (() => Promise.resolve({ ok: false })) as unknown as typeof fetch;
    await expect(loadSampleBook()).rejects.toThrow(/could not be loaded/);
    expect(book().dips.size).toBe(0);
  });
});
