import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { dip } from '../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { entriesOf, reasonOf } from '@cobbet/core/book/runEvents';
import { plainRow } from '@cobbet/core/dip/dip';
import { closeBook, useBook } from './bookStore';
import { beginRun, dropRun } from './runCommands';
import { judgeSwap, type Swapped, takeSwap, takeSwapAtBowl } from './swapCommands';
import { completeRun } from './trialCommands';

const state = () => useBook.getState();
const book = () => state().book;
const swaps = () => [...book().swaps.values()];

const hummus = dip('a', {
  rows: [plainRow('t', 'tahini-hulled', '1/3 cup'), plainRow('c', 'chickpeas-cooked', '1 cup')],
});
const swapped: Swapped = {
  rowId: 't',
  from: { ingredientId: 'tahini-hulled', amount: '1/3 cup', massG: 81 },
  to: { ingredientId: 'sunflower-butter', amount: '1/4 cup', massG: 64 },
  said: 'no sesame',
  why: 'allergy',
};
const newcomer = {
  ...{ ingredient: 'sunflower-butter', amount: '1/4 cup', massG: 64, place: 'bowl' as const },
};
const water = {
  ...{ ingredient: 'water', amount: '1 tbsp', massG: 14.8, place: 'bowl' as const },
};

let names = 0;
beforeEach(async () => {
  await state().open(`swaps-${(names += 1)}`);
  await state().act('Dip', () => [put('dips', hummus)]);
});
afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('a swap', () => {
  test('of a dip changes it and is kept, as one step of undo', async () => {
    const row = { ...plainRow('t', 'sunflower-butter', '1/4 cup') };
    await takeSwap('a', { label: 'Swap', edits: [{ kind: 'replace', row }] }, swapped);
    expect(book().dips.get('a')?.rows[0]?.ingredientId).toBe('sunflower-butter');
    expect(swaps()).toMatchObject([{ ...swapped, dipId: 'a', runId: null, verdict: null }]);
    await state().undo();
    expect([book().dips.get('a')?.rows[0]?.ingredientId, swaps()]).toEqual(['tahini-hulled', []]);
  });

  test('at a bowl stands in the place of the step, with what makes up for it and its reason', async () => {
    const runId = await beginRun(hummus);
    await takeSwapAtBowl(runId, 'Swap', [newcomer, water], swapped);
    const run = book().runs.get(runId);
    if (!run) throw new Error('it is open');
    const entries = entriesOf(run);
    expect(entries.map(({ planned, skipped }) => [planned.ingredientId, skipped])).toEqual([
      ['sunflower-butter', false],
      ['tahini-hulled', true],
      ['water', false],
      ['chickpeas-cooked', false],
    ]);
    expect(reasonOf(run.events, entries[0]?.rowId ?? '')).toBe('allergy');
    const trialId = await completeRun(runId);
    expect(swaps()).toMatchObject([{ runId, trialId, rowId: entries[0]?.rowId }]);
  });

  test('of a bowl that is thrown away is gone with it', async () => {
    const runId = await beginRun(hummus);
    await takeSwapAtBowl(runId, 'Swap', [newcomer], swapped);
    await dropRun(runId);
    expect(swaps()).toEqual([]);
    await state().undo();
    expect(swaps().length).toBe(1);
  });

  test('is judged by a tap, and the same tap takes it back', async () => {
    await takeSwap('a', { label: 'Swap', edits: [] }, swapped);
    const verdict = () => swaps()[0]?.verdict;
    const judge = (how: 'again' | 'not again') => {
      const [swap] = swaps();
      return swap && judgeSwap(swap, how);
    };
    await judge('again');
    expect(verdict()).toBe('again');
    await judge('not again');
    expect(verdict()).toBe('not again');
    await judge('not again');
    expect(verdict()).toBeNull();
  });
});
