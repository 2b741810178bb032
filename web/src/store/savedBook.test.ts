import { describe, expect, test } from '@jest/globals';
import { emptyBook } from '@cobbet/core/book/book';
import { type Change, put, remove, withChanges } from '@cobbet/core/book/change';
import fc from 'fast-check';
import { dip, trial } from '../../../core/test/bookOf';
import { SavedBook } from './savedBook';

const anyChange = fc.oneof(
  fc
    .tuple(fc.constantFrom('a', 'b'), fc.nat(99))
    .map(([id, n]) => put('dips', dip(id, { note: `${n}` }))),
  fc.constantFrom('a', 'b').map((id) => remove('dips', id)),
  fc
    .tuple(fc.constantFrom('t', 'u'), fc.nat(99))
    .map(([id, n]) => put('trials', trial(id, 'a', { notes: `${n}` }))),
);
const anySaves = fc.array(fc.array(anyChange, { minLength: 1, maxLength: 3 }), { maxLength: 8 });
const after = (saves: readonly Change[][]) =>
  saves.reduce((book, changes) => withChanges(book, changes), emptyBook());
const order = (saves: readonly unknown[]) =>
  fc.shuffledSubarray(
    saves.map((_, i) => i + 1),
    { minLength: saves.length },
  );

describe('the book as saved', () => {
  test('is the same whatever order word of it comes in', () => {
    fc.assert(
      fc.property(
        anySaves.chain((saves) => fc.tuple(fc.constant(saves), order(saves))),
        ([saves, heard]) => {
          const saved = new SavedBook();
          for (const nth of heard) saved.hear(saves[nth - 1] ?? [], nth);
          expect(saved.book).toEqual(after(saves));
          expect(saved.newest).toBe(saves.length);
        },
      ),
    );
  });

  test('is the same when it is read anywhere between, and word comes before, during and after', async () => {
    const anyCase = anySaves.chain((saves) =>
      fc.tuple(
        fc.constant(saves),
        order(saves),
        fc.nat(saves.length),
        fc.nat(saves.length),
        fc.nat(saves.length),
      ),
    );
    await fc.assert(
      fc.asyncProperty(anyCase, async ([saves, heard, readNth, ...ends]) => {
        const [begins = 0, done = 0] = ends.sort((a, b) => a - b);
        // what was heard of before is on the disk by then
        const readAfter = Math.max(readNth, ...heard.slice(0, begins));
        const saved = new SavedBook();
        const hear = (some: readonly number[]) => {
          for (const nth of some) saved.hear(saves[nth - 1] ?? [], nth);
        };
        hear(heard.slice(0, begins));
        let finish = () => undefined as void;
        const read = saved.read(
          new Promise((resolve) => {
            const { dips, trials } = after(saves.slice(0, readAfter));
            finish = () => resolve({ book: { dips, trials }, order: readAfter });
          }),
        );
        hear(heard.slice(begins, done));
        finish();
        await read;
        hear(heard.slice(done));
        expect(saved.book).toEqual(after(saves));
      }),
    );
  });

  test('stays as it was where it can’t be read', async () => {
    const saved = new SavedBook();
    saved.hear([put('dips', dip('a'))], 1);
    await expect(saved.read(Promise.reject(new Error('gone')))).rejects.toThrow('gone');
    expect([...saved.book.dips.keys()]).toEqual(['a']);
  });
});
