import { afterEach, expect, test } from '@jest/globals';
import { joinBooks } from '@cobbet/core/book/joinBooks';
import { lineageFile, type StampedBook } from '@cobbet/core/book/stamp';
import { toBookFile } from '@cobbet/core/book/toBookFile';
import { importBook, readBook } from './bookFiles';
import { closeBook, useBook } from './bookStore';
import { addDip, editDip } from './dipCommands';
import { deleteDip } from './variantCommands';

let names = 0;
const state = () => useBook.getState();
const noteOf = (id: string) => state().book.dips.get(id)?.note;
const note = (id: string, text: string) => editDip(id, 'Note', (dip) => ({ ...dip, note: text }));

/** Another browser, with a book of its own or this file's. */
async function browser(file?: string): Promise<void> {
  closeBook();
  useBook.setState(useBook.getInitialState());
  await state().open(`joining-${(names += 1)}`);
  if (file !== undefined) await importBook(file, 'Open');
}

async function exported(): Promise<string> {
  const lineage = await state().lineage();
  return JSON.stringify(
    toBookFile(await state().whole(), '2026-06-10T09:00:00.000Z', lineage ?? undefined),
  );
}

async function joinedWith(text: string) {
  const lineage = await state().lineage();
  if (!lineage) throw new Error('no lineage');
  const own: StampedBook = { book: await state().whole(), lineage };
  const joined = joinBooks(own, await readBook(text), () => null, {
    copy: lineage.copy,
    nowMs: Date.now(),
  });
  await state().replaceBook('Join', { ...joined, isOther: false });
  return joined;
}

afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
});

/** A book of two dips, on two browsers. */
async function onTwo(): Promise<{ first: string; second: string; file: string }> {
  await browser();
  const [first, second] = [await addDip('Hummus'), await addDip('Pesto')];
  return { first, second, file: await exported() };
}

test('what two browsers did to one book comes together, deletions too, and nothing is asked', async () => {
  const { first, second, file } = await onTwo();
  await browser(file);
  await note(first, 'more lemon');
  const other = await exported();
  await browser(file);
  const gone = state().book.dips.get(second);
  if (gone) await deleteDip(gone);
  const third = await addDip('Muhammara');
  const joined = await joinedWith(other);
  expect(joined.conflicts).toEqual([]);
  expect([...state().book.dips.keys()].sort()).toEqual([first, third].sort());
  expect(noteOf(first)).toBe('more lemon');
  // once more: nothing comes and nothing goes
  expect(await joinedWith(other)).toMatchObject({ added: 0, taken: 0, gone: [], conflicts: [] });
});

test('a file that was opened and gone on from is another copy, so that both sides’ changes are asked about', async () => {
  const { first, file } = await onTwo();
  await note(first, 'on the phone');
  const later = await exported();
  await importBook(file, 'Open the older file');
  await note(first, 'after going back');
  const joined = await joinedWith(later);
  expect(joined.conflicts).toMatchObject([
    { field: 'note', first: 'after going back', second: 'on the phone' },
  ]);
});

test('a joining taken back can be joined again, and done again it stands', async () => {
  const { first, file } = await onTwo();
  await browser(file);
  await note(first, 'more lemon');
  const other = await exported();
  await browser(file);
  const before = lineageFile((await state().lineage()) ?? { identity: '', stamps: new Map() });
  await joinedWith(other);
  await state().undo();
  expect(noteOf(first)).toBe('');
  expect(lineageFile((await state().lineage()) ?? { identity: '', stamps: new Map() })).toEqual(
    before,
  );
  expect((await joinedWith(other)).taken).toBe(1);
  await state().undo();
  await state().redo();
  expect(noteOf(first)).toBe('more lemon');
  expect((await joinedWith(other)).taken).toBe(0);
});

test('what is undone is a change too: the file with what was undone does not bring it back', async () => {
  const { first, file } = await onTwo();
  await browser(file);
  await note(first, 'too much');
  const with_ = await exported();
  await state().undo();
  expect(await joinedWith(with_)).toMatchObject({ taken: 0, conflicts: [] });
  expect(noteOf(first)).toBe('');
});
