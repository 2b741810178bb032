import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookOf, dip, trial } from '../../test/bookOf';
import { type Book, defaultSettings, listedTables, tableNames } from './book';
import { joinBooks, renumbered } from './joinBooks';
import type { Choose } from './joinTables';
import { readBookFile } from './readBookFile';
import { unstampedLineage } from './unstampedLineage';
import { toBookFile } from './toBookFile';

const at = '2026-06-10T09:00:00.000Z';
/** What a book says, whatever the order of its records. */
const told = (book: Book) =>
  Object.fromEntries(
    tableNames.map((table) => [
      table,
      [...(book[table] as ReadonlyMap<string, { id: string }>).values()].sort((a, b) =>
        a.id.localeCompare(b.id),
      ),
    ]),
  );

const some = (ids: readonly string[]) => fc.subarray([...ids]);
/** A book of some of the same few dips and trials: what has the same id is the same, its number aside. */
const alike = fc
  .record({ dips: some(['a', 'b', 'c']), trials: some(['t1', 't2', 't3', 't4', 't5', 't6']) })
  .map(({ dips, trials }) => {
    const made = trials.map((id) => {
      const n = Number(id.slice(1));
      const dipId = ['a', 'b', 'c'][n % 3] ?? 'a';
      return trial(id, dipId, { madeAt: `2026-05-0${n}T10:00:00.000Z`, notes: id, number: 1 });
    });
    const all = [...new Set([...dips, ...made.map(({ dipId }) => dipId)])];
    return bookOf(
      all.map((id) => dip(id)),
      renumbered(made),
    );
  });

const unstamped = (book: Book) => ({ book, lineage: unstampedLineage(book) });
/** Two books that say nothing of where they come from. */
const joined = (first: Book, second: Book, choose?: Choose) =>
  joinBooks(unstamped(first), unstamped(second), choose);

describe('two books as one that say nothing of where they come from', () => {
  test('nothing is lost and nothing doubled: every record of either, trials with a number each', () => {
    fc.assert(
      fc.property(alike, alike, (one, other) => {
        const { book, conflicts } = joined(one, other);
        expect(conflicts).toEqual([]);
        for (const table of listedTables) {
          expect(new Set(book[table].keys())).toEqual(
            new Set([...one[table].keys(), ...other[table].keys()]),
          );
        }
        const numbers = [...book.trials.values()].map(({ dipId, number }) => `${dipId} ${number}`);
        expect(new Set(numbers).size).toBe(numbers.length);
      }),
    );
  });

  test('joined twice changes nothing, and a book joined with itself is itself', () => {
    fc.assert(
      fc.property(alike, alike, (one, other) => {
        const once = joined(one, other);
        const twice = joinBooks(once, unstamped(other));
        expect(told(twice.book)).toEqual(told(once.book));
        expect([twice.added, twice.taken]).toEqual([0, 0]);
        expect(told(joined(one, one).book)).toEqual(told(one));
      }),
    );
  });

  test('it does not matter who joins whom where nothing differs', () => {
    fc.assert(
      fc.property(alike, alike, (one, other) => {
        expect(told(joined(one, other).book)).toEqual(told(joined(other, one).book));
      }),
    );
  });

  const [mine, theirs] = [
    bookOf([dip('a', { name: 'Hummus', note: 'mine' })], [trial('t', 'a', { notes: 'bland' })]),
    bookOf([dip('a', { name: 'Hummus', note: 'theirs' })], [trial('t', 'a', { notes: 'salty' })]),
  ];

  test('what both have otherwise is said field by field, and is the first’s unless it is chosen', () => {
    const kept = joined(mine, theirs);
    expect(kept.conflicts).toEqual([
      { table: 'dips', id: 'a', field: 'note', first: 'mine', second: 'theirs' },
      { table: 'trials', id: 't', field: 'notes', first: 'bland', second: 'salty' },
    ]);
    expect(kept.book.dips.get('a')?.note).toBe('mine');
    const chosen = joined(mine, theirs, (table) => (table === 'dips' ? 'second' : null));
    expect(chosen.taken).toBe(1);
    expect(chosen.book.dips.get('a')?.note).toBe('theirs');
    expect(chosen.book.trials.get('t')?.notes).toBe('bland');
  });

  test('both may be kept, the other under a name of its own; what has no name is not', () => {
    const { book, added } = joined(mine, theirs, () => 'both');
    expect(added).toBe(1);
    expect([...book.dips.values()].map(({ name, note }) => [name, note])).toEqual([
      ['Hummus', 'mine'],
      ['Hummus, of the other book', 'theirs'],
    ]);
    expect(book.trials.size).toBe(1);
  });

  test('trials both kitchens called their third are the third and the next', () => {
    const one = bookOf(
      [dip('a')],
      [trial('x', 'a', { number: 3, madeAt: '2026-05-02T10:00:00.000Z' })],
    );
    const other = bookOf(
      [dip('a')],
      [trial('y', 'a', { number: 3, madeAt: '2026-05-01T10:00:00.000Z' })],
    );
    const { book } = joined(one, other);
    expect([book.trials.get('y')?.number, book.trials.get('x')?.number]).toEqual([3, 4]);
  });

  test('settings are the first’s, with machines and words only the other has', () => {
    const machine = {
      ...{ id: 'own', name: 'Old jug', stallBody: null, leastMl: 100, mostMl: 900 },
      ...{ streams: false, worksCrumbs: false },
    };
    const with_ = (book: Book, change: Partial<typeof defaultSettings>): Book => ({
      ...book,
      settings: new Map([['settings', { ...defaultSettings, ...change }]]),
    });
    const { book, conflicts } = joined(
      with_(mine, { measures: 'metric', picked: { beans: 'a' } }),
      with_(mine, {
        kit: { ...defaultSettings.kit, machines: [machine] },
        picked: { beans: 'b', oil: 'c' },
      }),
    );
    const settings = book.settings.get('settings');
    expect(settings?.kit.machines.map(({ id }) => id)).toEqual(['own']);
    expect(settings?.picked).toEqual({ beans: 'a', oil: 'c' });
    expect(conflicts.map(({ field }) => field)).toEqual(['measures']);
  });

  test('the sample book joined with a part of itself is a book that is read again', () => {
    const text = readFileSync(join(__dirname, '../../../web/public/sample-book.json'), 'utf8');
    const whole = readBookFile(text);
    const part = { ...whole, trials: new Map([...whole.trials].slice(0, 11)), batches: new Map() };
    const { book, added, same } = joined(part, whole);
    expect(added).toBe(whole.trials.size - 11 + whole.batches.size);
    expect(same).toBeGreaterThan(50);
    const again = readBookFile(JSON.stringify(toBookFile(book, at)));
    expect(told(again)).toEqual(told(whole));
  });
});
