import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { dip, trial } from '../../../core/test/bookOf';
import { settingsOf } from '@cobbet/core/book/book';
import { put, type ReversibleChange } from '@cobbet/core/book/change';
import { startRun } from '@cobbet/core/book/run';
import { withLogged } from '@cobbet/core/book/runEdits';
import type { Trial } from '@cobbet/core/book/trial';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { bookLarder } from '@cobbet/core/book/bookKitchen';
import { closeBook, useBook } from './bookStore';
import { addDip, addVariant, editDip } from './dipCommands';
import { beginRun, dropRun, editRun } from './runCommands';
import { changeSettings } from './settingsCommands';
import { deleteDip } from './variantCommands';
import { completeRun } from './trialCommands';
import { bookVersion } from '@cobbet/core/book/bookVersion';
import { type AheadCommand, Journal } from './journal';
import { Repository } from './repository';

/** The tab dies, as far as the store goes; what it wrote down stays. */
function reopen() {
  closeBook();
  useBook.setState(useBook.getInitialState());
}

let names = 0;
const state = () => useBook.getState();
const book = () => state().book;

beforeEach(async () => {
  await state().open(`store-${(names += 1)}`);
});

afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
  jest.restoreAllMocks();
});

describe('a long book', () => {
  const many = Array.from({ length: 501 }, (_, i) => trial(`t${i}`, 'a', { number: i + 1 }));

  test('shows its dips before its trials are read; what is done meanwhile waits for them', async () => {
    await state().act('Many', () => [
      put('dips', dip('a')),
      put('runs', startRun('r', dip('a'), [], '2026-05-06T10:00:00.000Z')),
      ...many.map((one) => put('trials', one)),
    ]);
    reopen();
    await state().open(`store-${names}`);
    expect(book().dips.size).toBe(1);
    expect([book().trials.size, state().trialsComing]).toEqual([0, true]);
    const made = completeRun('r');
    expect((await state().whole()).trials.size).toBe(502);
    expect(state().trialsComing).toBe(false);
    // numbered after all the others, so it saw them
    expect(book().trials.get(await made)?.number).toBe(502);
  });

  test('keeps what another tab changed while it was being read', async () => {
    const changes = [put('dips', dip('a')), ...many.map((one) => put('trials', one))];
    await state().act('Many', () => changes);
    reopen();
    await state().open(`store-${names}`);
    const channel = new BroadcastChannel(`store-${names}`);
    channel.postMessage({
      changes: [put('trials', { ...(many[3] as Trial), notes: 'from over there' })],
      order: 2,
      history: { undoLabel: null, redoLabel: null },
    });
    await state().whole();
    await new Promise((resolve) => setTimeout(resolve, 30));
    channel.close();
    expect(book().trials.size).toBe(501);
    expect(book().trials.get('t3')?.notes).toBe('from over there');
  });
});

describe('dips', () => {
  test('are added, changed and undone', async () => {
    const id = await addDip('Green dip');
    expect(book().dips.get(id)).toMatchObject({ name: 'Green dip', parentId: null, rows: [] });
    await editDip(id, 'Note', (one) => ({ ...one, note: 'cold' }));
    expect(book().dips.get(id)?.note).toBe('cold');
    await state().undo();
    expect(book().dips.get(id)?.note).toBe('');
    await state().redo();
    expect(book().dips.get(id)?.note).toBe('cold');
    expect(state().history.undoLabel).toBe('Note');
  });

  test('a change that changes nothing is no step of undo', async () => {
    const id = await addDip('Green dip');
    await editDip(id, 'Nothing', (one) => one);
    await editDip('gone', 'Nobody', (one) => ({ ...one, note: 'x' }));
    expect(state().history.undoLabel).toBe('New dip Green dip');
  });

  test('changes made at once all count, each from what the last one left', async () => {
    const id = await addDip('Green dip');
    await Promise.all(
      ['a', 'b', 'c'].map((letter) =>
        editDip(id, letter, (one) => ({ ...one, note: one.note + letter })),
      ),
    );
    expect(book().dips.get(id)?.note).toBe('abc');
  });

  test('deleted, they take their trials along and hand their variants up', async () => {
    const base = await addDip('Base');
    const middle = await addVariant(book().dips.get(base) ?? dip('x'), 'Middle');
    const leaf = await addVariant(book().dips.get(middle) ?? dip('x'), 'Leaf');
    await state().act('Trial', () => [put('trials', trial('t', middle))]);
    await deleteDip(book().dips.get(middle) ?? dip('x'));
    expect(book().dips.get(leaf)?.parentId).toBe(base);
    expect(book().trials.size).toBe(0);
    await state().undo();
    expect(book().trials.size).toBe(1);
    expect(book().dips.get(leaf)?.parentId).toBe(middle);
  });
});

describe('a run', () => {
  test('goes from start over logging to a trial that carries what to change next', async () => {
    await state().act('Dip', () => [put('dips', dip('a'))]);
    const runId = await beginRun(dip('a'));
    expect(book().runs.get(runId)?.plan.length).toBe(2);
    const at = '2026-05-06T09:01:00.000Z';
    await editRun(runId, 'Log', (run) => ({
      ...withLogged(run, run.plan[0]?.rowId ?? '', { amount: '1 cup', massG: 156, cv: 0.1, at }),
      changeNext: ' more lemon ',
    }));
    const trialId = await completeRun(runId);
    expect(book().runs.size).toBe(0);
    expect(book().trials.get(trialId)).toMatchObject({ dipId: 'a', number: 1 });
    expect(
      book()
        .trials.get(trialId)
        ?.rows.map(({ amount }) => amount),
    ).toEqual(['1 cup']);
    expect(book().dips.get('a')?.nextThing).toBe('more lemon');
    await state().undo();
    expect(book().runs.has(runId)).toBe(true);
    expect(book().trials.size).toBe(0);
  });

  test('can be dropped, and taken up again with undo', async () => {
    await state().act('Dip', () => [put('dips', dip('a'))]);
    const runId = await beginRun(dip('a'));
    await dropRun(runId);
    expect(book().runs.size).toBe(0);
    await state().undo();
    expect(book().runs.has(runId)).toBe(true);
  });
});

test('settings are one record with defaults', async () => {
  await changeSettings('Metric', { measures: 'metric' });
  expect(settingsOf(book())).toMatchObject({ measures: 'metric', amountView: 'typed' });
});

describe('when saving fails', () => {
  test.each([
    ['QuotaExceededError', /no room left.*not saved yet.*Export/],
    ['InvalidStateError', /closed the book.*Export/],
    ['UnknownError', /would not save.*Export/],
  ])('%s is said; what was done stays, and is saved once it can be', async (name, words) => {
    const id = await addDip('Green dip');
    jest
      .spyOn(Repository.prototype, 'commit')
      .mockRejectedValue(new DOMException('no', name) as never);
    const done = await editDip(id, 'Note', (one) => ({ ...one, note: 'kept' }));
    expect(done).toBe(false);
    expect(state().saving).toBe('failed');
    expect(state().problem).toMatch(words);
    expect(book().dips.get(id)?.note).toBe('kept');
    jest.restoreAllMocks();
    expect(await state().tryAgain()).toBe(true);
    expect([state().saving, state().problem]).toEqual(['saved', null]);
    reopen();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)?.note).toBe('kept');
  });

  test('a book of a newer program, and one nobody can read, say what they are', async () => {
    for (const [name, status, words] of [
      ['VersionError', 'newer', 'newer Cobbet'],
      ['UnknownError', 'broken', 'saved to a file'],
    ] as const) {
      reopen();
      jest.spyOn(Repository, 'open').mockRejectedValue(new DOMException('no', name) as never);
      await state().open('nowhere');
      expect(state().status).toBe(status);
      expect(state().problem).toContain(words);
    }
  });

  test('the next change is tried again', async () => {
    const id = await addDip('Green dip');
    jest.spyOn(Repository.prototype, 'commit').mockRejectedValueOnce(new Error('once') as never);
    expect(await editDip(id, 'Note', (one) => ({ ...one, note: 'a' }))).toBe(false);
    expect(await editDip(id, 'Note', (one) => ({ ...one, note: 'b' }))).toBe(true);
    expect(state().saving).toBe('saved');
  });

  test('a browser that keeps no data says what to do', async () => {
    reopen();
    jest
      .spyOn(Repository, 'open')
      .mockRejectedValue(new DOMException('no', 'SecurityError') as never);
    await state().open('nowhere');
    expect(state().status).toBe('absent');
    expect(state().problem).toContain('keeps no data');
  });
});

describe('what a tab did and could not save before it died', () => {
  const ahead = () => Object.keys(localStorage).filter((key) => key.startsWith('cobbet-ahead:'));
  const neverSaved = () =>
    jest
      .spyOn(Repository.prototype, 'commit')
      .mockReturnValue(new Promise(() => undefined) as never);

  /** A dip noted cold, then warm, with both taken back and neither step saved. */
  const undoneTwiceUnsaved = async () => {
    const id = await addDip('Green dip');
    for (const note of ['cold', 'warm']) {
      await editDip(id, note, (one) => ({ ...one, note }));
    }
    jest.spyOn(Repository.prototype, 'step').mockReturnValue(new Promise(() => undefined));
    void state().undo();
    void state().undo();
    return id;
  };

  afterEach(() => localStorage.clear());

  test('is shown at once and written down before it is saved', async () => {
    const id = await addDip('Green dip');
    expect(ahead()).toEqual([]);
    neverSaved();
    void editDip(id, 'Note', (one) => ({ ...one, note: 'cold' }));
    expect(book().dips.get(id)?.note).toBe('cold');
    expect(state().saving).toBe('saving');
    expect(ahead().length).toBe(1);
  });

  test('is taken up when the book is opened next, once, and can be undone', async () => {
    const id = await addDip('Green dip');
    neverSaved();
    for (const letter of ['a', 'b', 'c']) {
      void editDip(id, letter, (one) => ({ ...one, note: one.note + letter }));
    }
    reopen();
    jest.restoreAllMocks();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)?.note).toBe('abc');
    expect([state().takenUp, ahead().length]).toEqual([3, 0]);
    await state().undo();
    expect(book().dips.get(id)?.note).toBe('ab');
    reopen();
    await state().open(`store-${names}`);
    expect([book().dips.get(id)?.note, state().takenUp]).toEqual(['ab', 0]);
  });

  test('is not done again where it was saved and the tab died before it could say so', async () => {
    const id = await addDip('Green dip');
    const clear = jest.spyOn(Journal.prototype, 'clear').mockReturnValue(undefined);
    await editDip(id, 'More', (one) => ({ ...one, nextThing: `${one.nextThing}x` }));
    await state().undo();
    clear.mockRestore();
    // the command and the step back
    expect(ahead().length).toBe(2);
    reopen();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)?.nextThing).toBe('');
    expect(state().history.redoLabel).toBe('More');
    expect(ahead().length).toBe(0);
  });

  test.each([true, false])(
    'is shown where its tab saves it after the book was read here (its own note of it gone: %s)',
    async (cleared) => {
      const id = await addDip('Green dip');
      neverSaved();
      void editDip(id, 'Note', (one) => ({ ...one, note: 'cold' }));
      const [key = ''] = ahead();
      const command = JSON.parse(localStorage.getItem(key) ?? '') as AheadCommand;
      reopen();
      jest.restoreAllMocks();
      // the tab holds its lock a moment longer, saves, and has nobody to tell any more
      const dies = async (work: () => Promise<void>) => {
        jest.spyOn(BroadcastChannel.prototype, 'postMessage').mockReturnValue(undefined);
        const quiet = { onSaved: () => undefined, onLost: () => undefined };
        const { repository } = await Repository.open(`store-${names}`, quiet);
        await repository.commit(command);
        repository.close();
        jest.restoreAllMocks();
        if (cleared) localStorage.removeItem(key);
        await work();
      };
      const request = (_lock: string, _how: unknown, work?: () => Promise<void>) =>
        work ? dies(work) : Promise.resolve();
      Object.defineProperty(navigator, 'locks', { value: { request }, configurable: true });
      await state().open(`store-${names}`);
      Reflect.deleteProperty(navigator, 'locks');
      expect(book().dips.get(id)?.note).toBe('cold');
      expect(state()).toMatchObject({ status: 'ready', takenUp: 0 });
      expect(state().history.undoLabel).toBe('Note');
      expect(ahead()).toEqual([]);
      await editDip(id, 'More', (one) => ({ ...one, nextThing: 'x' }));
      expect(book().dips.get(id)).toMatchObject({ note: 'cold', nextThing: 'x' });
    },
  );

  test('is taken back by an undo that was tapped just before, once', async () => {
    const id = await addDip('Green dip');
    await editDip(id, 'Note', (one) => ({ ...one, note: 'cold' }));
    jest.spyOn(Repository.prototype, 'step').mockReturnValue(new Promise(() => undefined));
    void state().undo();
    expect(ahead().length).toBe(1);
    reopen();
    jest.restoreAllMocks();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)?.note).toBe('');
    expect([state().takenUp, ahead().length]).toEqual([1, 0]);
    expect(state().history.redoLabel).toBe('Note');
    await state().redo();
    expect(book().dips.get(id)?.note).toBe('cold');
    expect(ahead()).toEqual([]);
  });

  test('two undos tapped before either was saved take back two things', async () => {
    const id = await undoneTwiceUnsaved();
    reopen();
    jest.restoreAllMocks();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)?.note).toBe('');
    expect([state().takenUp, ahead().length, state().history.redoLabel]).toEqual([2, 0, 'cold']);
  });

  test('a second undo is dropped where something else was done after the first', async () => {
    const id = await undoneTwiceUnsaved();
    const kept = ahead().map((key) => [key, localStorage.getItem(key) ?? ''] as const);
    reopen();
    jest.restoreAllMocks();
    // the first was saved as the tab died, and another tab went on from there
    localStorage.clear();
    await state().open(`store-${names}`);
    await state().undo();
    await editDip(id, 'Since', (one) => ({ ...one, nextThing: 'since' }));
    for (const [key, text] of kept) localStorage.setItem(key, text);
    reopen();
    await state().open(`store-${names}`);
    expect(book().dips.get(id)).toMatchObject({ note: 'cold', nextThing: 'since' });
    expect(ahead()).toEqual([]);
  });

  test('of an older program comes along; of a newer one waits for it', async () => {
    const id = await addDip('Green dip');
    neverSaved();
    void editDip(id, 'Note', (one) => ({ ...one, note: 'cold' }));
    const [key = ''] = ahead();
    const written = JSON.parse(localStorage.getItem(key) ?? '') as Record<string, unknown>;
    localStorage.setItem(key, JSON.stringify({ ...written, version: 99 }));
    localStorage.setItem(
      `${key}1`,
      JSON.stringify({ ...written, id: 'older', version: bookVersion - 1 }),
    );
    localStorage.setItem(`${key}2`, '{"half');
    reopen();
    jest.restoreAllMocks();
    await state().open(`store-${names}`);
    expect([book().dips.get(id)?.note, state().takenUp]).toEqual(['cold', 1]);
    expect(ahead()).toEqual([key]);
  });

  test('counts beside what another tab saves meanwhile', async () => {
    const id = await addDip('Green dip');
    const stuck = neverSaved();
    void editDip(id, 'Note', (one) => ({ ...one, note: 'mine' }));
    const channel = new BroadcastChannel(`store-${names}`);
    const theirs = { ...(book().dips.get(id) ?? dip('x')), note: '', nextThing: 'theirs' };
    channel.postMessage({
      changes: [put('dips', theirs)],
      order: 2,
      history: { undoLabel: 'Theirs', undoAt: null, redoLabel: null, redoAt: null },
    });
    await new Promise((resolve) => setTimeout(resolve, 60));
    channel.close();
    expect(book().dips.get(id)).toMatchObject({ note: 'mine', nextThing: 'theirs' });
    stuck.mockRestore();
  });

  test('stands beside what another tab saved before it, though word of that comes after', async () => {
    const id = await addDip('Green dip');
    const before = book().dips.get(id) ?? dip('x');
    const other = await Repository.open(`store-${names}`, { onSaved() {}, onLost() {} });
    const post = jest.spyOn(BroadcastChannel.prototype, 'postMessage').mockReturnValue(undefined);
    const theirs = { ...before, nextThing: 'theirs' };
    const changes: ReversibleChange[] = [{ table: 'dips', id, before, after: theirs }];
    const at = '2026-05-06T10:00:00.000Z';
    await other.repository.commit({ id: 'b', version: bookVersion, label: 'Theirs', at, changes });
    const [word] = post.mock.calls[0] ?? [];
    post.mockRestore();
    await editDip(id, 'Note', (one) => ({ ...one, note: 'mine' }));
    const channel = new BroadcastChannel(`store-${names}`);
    channel.postMessage(word);
    await new Promise((resolve) => setTimeout(resolve, 60));
    channel.close();
    other.repository.close();
    expect(book().dips.get(id)).toMatchObject({ note: 'mine', nextThing: 'theirs' });
    expect(state().history.undoLabel).toBe('Note');
  });
});

describe('the book’s larder', () => {
  test('is the shipped one while there is nothing of one’s own', () => {
    expect(bookLarder(new Map())).toBe(shippedLarder);
  });
  test('lays own ingredients over it, and leaves out what is like nothing', () => {
    const own = new Map([
      ['own-tahini', { id: 'own-tahini', like: 'tahini-hulled', name: 'Ours' }],
      ['own-gone', { id: 'own-gone', like: 'not-there' }],
    ]);
    const larder = bookLarder(own);
    expect(larder.get('own-tahini')?.name).toBe('Ours');
    expect(larder.has('own-gone')).toBe(false);
    expect(bookLarder(own)).toBe(larder);
  });
});
