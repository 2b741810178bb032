import { databaseVersion } from './database';
import { afterEach, describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../../core/test/bookOf';
import { type Book, emptyBook, tableNames } from '@cobbet/core/book/book';
import { bookVersion } from '@cobbet/core/book/bookVersion';
import {
  type Change,
  put,
  remove,
  type ReversibleChange,
  replacing,
  withChanges,
} from '@cobbet/core/book/change';
import fc from 'fast-check';
import { deleteDB, openDB } from 'idb';
import type { AheadCommand } from './journal';
import { Repository, type Saved } from './repository';

let names = 0;
const open: Repository[] = [];

/** A repository on a database of its own, with what it told. */
async function fresh(name = `test-${(names += 1)}`) {
  const told: Saved[] = [];
  const lost: string[] = [];
  const opened = await Repository.open(name, {
    onSaved: (saved) => told.push(saved),
    onLost: (reason) => lost.push(reason),
  });
  open.push(opened.repository);
  const book: Book = { ...emptyBook(), ...opened.read.book };
  return { name, told, lost, book, ...opened };
}

/** What a new visit to the same database finds. */
async function reload(name: string, repository: Repository) {
  repository.close();
  return fresh(name);
}

let commands = 0;
/** A command as the store makes it, from the record as it stands in `from`. */
function command(
  label: string,
  changes: readonly Change[],
  { mergeKey, from = blank }: { mergeKey?: string; from?: Book } = {},
): AheadCommand {
  const last = new Map(changes.map((change) => [`${change.table}/${change.id}`, change]));
  const made = [...last.values()].map((change) => ({
    ...change,
    before: from[change.table].get(change.id) ?? null,
  })) as ReversibleChange[];
  const at = new Date().toISOString();
  const id = `command-${(commands += 1)}`;
  return {
    ...{ id, version: bookVersion, label, at, changes: made },
    ...(mergeKey === undefined ? {} : { mergeKey }),
  };
}

let steps = 0;
const undo = (repository: Repository) => repository.step(-1, `step-${(steps += 1)}`);
const redo = (repository: Repository) => repository.step(1, `step-${(steps += 1)}`);

const contents = (book: Book) =>
  Object.fromEntries(Object.entries(book).map(([table, records]) => [table, [...records].sort()]));
const blank: Book = { ...emptyBook(), settings: new Map() };
const withA = withChanges(blank, [put('dips', dip('a'))]);

afterEach(() => {
  for (const one of open.splice(0)) one.close();
});

describe('commands', () => {
  test('are there after a reload, with what they were called', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    const again = await reload(name, repository);
    expect(again.book.dips.get('a')).toEqual(dip('a'));
    expect(again.history).toMatchObject({ undoLabel: 'Add a', redoLabel: null });
  });

  test('tell what they changed, once it is saved', async () => {
    const { repository, told } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    expect(told).toEqual([
      {
        changes: [put('dips', dip('a'))],
        order: 1,
        history: expect.objectContaining({ undoLabel: 'Add a', redoLabel: null }),
        elsewhere: false,
      },
    ]);
  });

  test('undo and redo survive a reload', async () => {
    const first = await fresh();
    await first.repository.commit(command('Add a', [put('dips', dip('a'))]));
    await first.repository.commit(
      command('Rename', [put('dips', { ...dip('a'), name: 'New' })], { from: withA }),
    );
    const second = await reload(first.name, first.repository);
    await undo(second.repository);
    const third = await reload(first.name, second.repository);
    expect(third.book.dips.get('a')?.name).toBe('Dip a');
    expect(third.history).toMatchObject({ undoLabel: 'Add a', redoLabel: 'Rename' });
    await redo(third.repository);
    const fourth = await reload(first.name, third.repository);
    expect(fourth.book.dips.get('a')?.name).toBe('New');
  });

  test('what was undone can’t be redone once something else is done', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    await undo(repository);
    await repository.commit(command('Add b', [put('dips', dip('b'))]));
    await redo(repository);
    const again = await reload(name, repository);
    expect([...again.book.dips.keys()]).toEqual(['b']);
    expect(again.history.redoLabel).toBeNull();
  });

  test('typing is one step of undo', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    for (const text of ['1', '1 c', '1 cup']) {
      const typed = [put('dips', { ...dip('a'), note: text })];
      await repository.commit(command(text, typed, { mergeKey: 'note a', from: withA }));
    }
    const other = [put('dips', { ...dip('a'), note: 'x' })];
    await repository.commit(command('other', other, { mergeKey: 'note b', from: withA }));
    await undo(repository);
    await undo(repository);
    const again = await reload(name, repository);
    expect(again.book.dips.get('a')?.note).toBe('');
    expect(again.history.undoLabel).toBe('Add a');
  });

  test('a whole book replaced comes back with one undo', async () => {
    const { name, repository } = await fresh();
    const first = bookOf([dip('a')], [trial('t', 'a')]);
    const second = bookOf([dip('b')]);
    await repository.commit(command('first', replacing(blank, first)));
    await repository.commit(command('second', replacing(first, second), { from: first }));
    await undo(repository);
    const again = await reload(name, repository);
    expect(contents(again.book)).toEqual(contents(first));
  });

  test('nothing to do and nothing to undo are no commands', async () => {
    const { repository, told } = await fresh();
    await repository.commit(command('nothing', []));
    await undo(repository);
    await redo(repository);
    expect(told).toEqual([]);
  });
});

describe('nothing is half written', () => {
  test('a record that can’t be stored takes the whole command with it', async () => {
    const { name, repository, told } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    const unstorable = { ...dip('c'), note: (() => 'no') as unknown as string };
    await expect(
      repository.commit(command('Bad', [put('dips', dip('b')), put('dips', unstorable)])),
    ).rejects.toThrow();
    const again = await reload(name, repository);
    expect([...again.book.dips.keys()]).toEqual(['a']);
    expect(again.history.undoLabel).toBe('Add a');
    expect(told.length).toBe(1);
  });

  test('a closed database refuses, and says so', async () => {
    const { repository } = await fresh();
    repository.close();
    const late = command('late', [put('dips', dip('a'))]);
    await expect(repository.commit(late)).rejects.toThrow();
  });
});

describe('tabs', () => {
  test('a second tab hears of changes and undoes the first one’s', async () => {
    const first = await fresh();
    const second = await fresh(first.name);
    await first.repository.commit(command('Add a', [put('dips', dip('a'))]));
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(second.told).toEqual([
      {
        changes: [put('dips', dip('a'))],
        order: 1,
        history: expect.objectContaining({ undoLabel: 'Add a', redoLabel: null }),
        elsewhere: true,
      },
    ]);
    await undo(second.repository);
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(first.told.at(-1)).toMatchObject({ elsewhere: true, changes: [remove('dips', 'a')] });
  });
});

describe('two that change one record from the same state', () => {
  const rowTo = (rowId: string, amount: string) => ({
    ...dip('a'),
    rows: dip('a').rows.map((row) => (row.id === rowId ? { ...row, amount } : row)),
  });
  const amounts = (book: Book) => book.dips.get('a')?.rows.map(({ amount }) => amount);
  const [first = '', second = ''] = dip('a').rows.map(({ id }) => id);

  test('both stay where they changed different rows, and each can be undone', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    const mine = command('Mine', [put('dips', rowTo(first, '9 g'))], { from: withA });
    const theirs = command('Theirs', [put('dips', rowTo(second, '8 g'))], { from: withA });
    await Promise.all([repository.commit(mine), repository.commit(theirs)]);
    const both = await reload(name, repository);
    expect(amounts(both.book)).toEqual(['9 g', '8 g']);
    await undo(both.repository);
    const one = await reload(name, both.repository);
    expect(amounts(one.book)).toEqual(['9 g', dip('a').rows[1]?.amount]);
  });

  test('the later stays of the same field, and the earlier comes back by undo', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    await repository.commit(command('Mine', [put('dips', rowTo(first, '9 g'))], { from: withA }));
    await repository.commit(command('Theirs', [put('dips', rowTo(first, '8 g'))], { from: withA }));
    const later = await reload(name, repository);
    expect(amounts(later.book)?.[0]).toBe('8 g');
    await undo(later.repository);
    expect(amounts((await reload(name, later.repository)).book)?.[0]).toBe('9 g');
  });

  test('what a dead tab left gives way where someone changed the same field since', async () => {
    const { name, repository } = await fresh();
    await repository.commit(command('Add a', [put('dips', dip('a'))]));
    const both = { ...rowTo(first, '9 g'), note: 'left behind' };
    const left = command('Left', [put('dips', both)], { from: withA });
    await repository.commit(command('Since', [put('dips', rowTo(first, '8 g'))], { from: withA }));
    await repository.commit(left, true);
    const now = await reload(name, repository);
    expect(amounts(now.book)?.[0]).toBe('8 g');
    expect(now.book.dips.get('a')?.note).toBe('left behind');
  });

  test('a step of undo is done once, and only of the command it was about', async () => {
    const { name, repository } = await fresh();
    const add = command('Add a', [put('dips', dip('a'))]);
    await repository.commit({ ...add, at: '2026-05-06T09:00:00.000Z' });
    const note = command('Note', [put('dips', { ...dip('a'), note: 'x' })], { from: withA });
    await repository.commit({ ...note, at: '2026-05-06T09:05:00.000Z' });
    expect(await repository.step(-1, 'tap', { of: '2026-05-06T09:00:00.000Z' })).toBe(false);
    expect(await repository.step(-1, 'tap', { of: '2026-05-06T09:05:00.000Z' })).toBe(true);
    expect(await repository.step(-1, 'tap')).toBe(false);
    const now = await reload(name, repository);
    expect(now.book.dips.get('a')?.note).toBe(dip('a').note);
    expect(now.history).toMatchObject({ undoLabel: 'Add a', redoLabel: 'Note' });
  });

  test('a command that is saved is not done again', async () => {
    const { name, repository } = await fresh();
    const once = command('Add a', [put('dips', dip('a'))]);
    await repository.commit(once);
    await undo(repository);
    await repository.commit(once);
    const again = await reload(name, repository);
    expect(again.book.dips.size).toBe(0);
    expect(again.history.redoLabel).toBe('Add a');
  });
});

describe('an older book', () => {
  test('with a record nobody can read is opened without it, and says which', async () => {
    const name = 'older-broken';
    const old = await openDB(name, databaseVersion - 10, {
      upgrade(db) {
        for (const store of tableNames) db.createObjectStore(store, { keyPath: 'id' });
        db.createObjectStore('history');
        db.createObjectStore('labels');
        db.createObjectStore('place', { keyPath: 'id' });
      },
    });
    await old.put('dips', dip('a'));
    await old.put('dips', { id: 'half', name: 'Half a dip' });
    old.close();
    const { book, aside, repository } = await fresh(name);
    expect([...book.dips.keys()]).toEqual(['a']);
    expect(aside).toMatchObject([{ key: 'dips/half', record: { name: 'Half a dip' } }]);
    expect(aside[0]?.why).toContain('missing');
    await repository.clearAside();
    expect((await reload(name, repository)).aside).toEqual([]);
  });

  test('of version 1 is brought along when it is opened', async () => {
    const name = 'older-book';
    const old = await openDB(name, 1, {
      upgrade(db) {
        for (const store of ['dips', 'trials', 'runs', 'larder', 'settings']) {
          db.createObjectStore(store, { keyPath: 'id' });
        }
        db.createObjectStore('history');
        db.createObjectStore('place', { keyPath: 'id' });
      },
    });
    const { targets: _none, ...rest } = dip('a');
    await old.put('dips', { ...rest, targetBody: [7, 7.8] });
    const looked = {
      kind: 'eye',
      word: 'packs',
      atC: null,
      when: 'machine',
      takenAt: '2026-05-04',
    };
    await old.put('trials', { ...trial('t', 'a'), readings: [looked] });
    await old.put('history', { label: 'old', at: '', changes: [] }, 1);
    await old.put('place', { id: 'place', cursor: 1 });
    old.close();
    const { book, history } = await fresh(name);
    expect(book.dips.get('a')?.targets).toEqual({ chilledBody: { low: 7, high: 7.8 } });
    expect(book.dips.get('a')?.rows).toEqual(dip('a').rows);
    expect(book.trials.get('t')?.readings[0]).toMatchObject({
      taken: { eye: 'packs' },
      leftOut: false,
    });
    expect(history).toMatchObject({ undoLabel: null, redoLabel: null });
  });

  test('an undone step of an older version is not offered again', async () => {
    const name = 'older-history';
    const old = await openDB(name, databaseVersion - 10, {
      upgrade(db) {
        for (const store of tableNames) db.createObjectStore(store, { keyPath: 'id' });
        db.createObjectStore('history');
        db.createObjectStore('labels');
        db.createObjectStore('place', { keyPath: 'id' });
      },
    });
    for (const [at, label] of ['Add a', 'Rename'].entries()) {
      await old.put('history', { label, at: '', changes: [] }, at + 1);
      await old.put('labels', { label, at: '' }, at + 1);
    }
    await old.put('place', { id: 'place', cursor: 1 });
    old.close();
    const again = await fresh(name);
    expect(again.history).toMatchObject({ undoLabel: null, redoLabel: null });
  });

  test('another tab that holds it open is told to let go', async () => {
    const name = 'held-book';
    const held = await openDB(name, 1, {
      upgrade: (db) => void db.createObjectStore('dips', { keyPath: 'id' }),
    });
    const lost: string[] = [];
    const opening = openDB(name, 2, { blocked: () => lost.push('blocked') });
    await new Promise((resolve) => setTimeout(resolve, 30));
    held.close();
    (await opening).close();
    expect(lost).toEqual(['blocked']);
    await deleteDB(name);
  });
});

describe('any sequence of commands', () => {
  type Step = { do: 'undo' } | { do: 'redo' } | { do: 'commit'; changes: Change[]; key?: string };
  const ids = fc.constantFrom('a', 'b', 'c');
  const change = fc.oneof(
    fc
      .record({ id: ids, note: fc.string({ maxLength: 6 }) })
      .map(({ id, note }) => put('dips', { ...dip(id), note })),
    ids.map((id) => remove('dips', id)),
    fc.record({ id: ids, of: ids }).map(({ id, of }) => put('trials', trial(id, of))),
    ids.map((id) => remove('trials', id)),
  );
  const step: fc.Arbitrary<Step> = fc.oneof(
    {
      weight: 5,
      arbitrary: fc.record({
        do: fc.constant('commit' as const),
        changes: fc.array(change, { minLength: 1, maxLength: 3 }),
      }),
    },
    { weight: 2, arbitrary: fc.constant<Step>({ do: 'undo' }) },
    { weight: 1, arbitrary: fc.constant<Step>({ do: 'redo' }) },
  );

  test('then a reload gives the book it should', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 14 }), async (steps) => {
        const { name, repository, told } = await fresh();
        // a plain list of books, one for each command done, is what the history must amount to
        let books: Book[] = [blank];
        let at = 0;
        for (const one of steps) {
          if (one.do === 'commit') {
            await repository.commit(command('step', one.changes, { from: books[at] ?? blank }));
            books = [...books.slice(0, at + 1), withChanges(books[at] ?? blank, one.changes)];
            at += 1;
          } else if (one.do === 'undo') {
            await undo(repository);
            at = Math.max(0, at - 1);
          } else {
            await redo(repository);
            at = Math.min(books.length - 1, at + 1);
          }
        }
        const heard = told.reduce((book, { changes }) => withChanges(book, changes), blank);
        const again = await reload(name, repository);
        expect(contents(again.book)).toEqual(contents(books[at] ?? blank));
        expect(contents(heard)).toEqual(contents(again.book));
        again.repository.close();
      }),
      { numRuns: 60 },
    );
  }, 60_000);
});
