import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { type Dip, plainRow, variantOf } from '@cobbet/core/dip/dip';
import { closeBook, useBook } from './bookStore';
import { editDip } from './dipCommands';
import { deleteDip, descend, followBase, settleBase } from './variantCommands';

let names = 0;
const state = () => useBook.getState();
const at = '2026-06-12T09:00:00.000Z';
const rows = [plainRow('w', 'water', '60 g'), plainRow('t', 'tahini-hulled', '80 g')];
const base: Dip = { ...dip('base'), rows };
const dipOf = (id: string): Dip => {
  const found = state().book.dips.get(id);
  if (!found) throw new Error(`there is no ${id}`);
  return found;
};
const waterOf = (id: string) => dipOf(id).rows.find((row) => row.id === 'w')?.amount;
const water = (id: string, amount: string) =>
  editDip(id, 'Water', (one) => ({
    ...one,
    rows: one.rows.map((row) => (row.id === 'w' ? { ...row, amount } : row)),
  }));

beforeEach(async () => {
  await state().open(`variants-${(names += 1)}`);
  const one = variantOf(base, 'one', 'One', at);
  await state().act('Begin', () => [
    put('dips', base),
    put('dips', one),
    put('dips', variantOf(base, 'two', 'Two', at)),
    put('dips', variantOf(one, 'third', 'Third', at)),
    put('trials', trial('t', 'one')),
  ]);
});
afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('what changed in a base', () => {
  test('is taken in several variants as one step of undo', async () => {
    await water('base', '75 g');
    expect([waterOf('one'), waterOf('two')]).toEqual(['60 g', '60 g']);
    const all = ['one', 'two'].map((dipId) => ({ dipId, taken: ['w'], left: [] }));
    await settleBase('In all', all);
    expect([waterOf('one'), waterOf('two')]).toEqual(['75 g', '75 g']);
    await state().undo();
    expect([waterOf('base'), waterOf('one'), waterOf('two')]).toEqual(['75 g', '60 g', '60 g']);
  });

  test('reaches a follower in the same step, and what came before at once', async () => {
    await water('base', '75 g');
    await followBase(dipOf('one'), true);
    expect(waterOf('one')).toBe('75 g');
    await water('base', '90 g');
    expect([waterOf('one'), waterOf('two'), waterOf('third')]).toEqual(['90 g', '60 g', '60 g']);
    await state().undo();
    expect([waterOf('base'), waterOf('one')]).toEqual(['75 g', '75 g']);
    await followBase(dipOf('one'), false);
    await water('base', '90 g');
    expect(waterOf('one')).toBe('75 g');
  });
});

describe('a base that goes', () => {
  test('leaves its variants to what it came from, or to themselves', async () => {
    await deleteDip(dipOf('one'), 'up');
    expect(dipOf('third')).toMatchObject({ parentId: 'base', seen: base.rows });
    expect(state().book.trials.size).toBe(0);
    await state().undo();
    await deleteDip(dipOf('base'), 'apart');
    expect([dipOf('one').parentId, dipOf('third').parentId]).toEqual([null, 'one']);
  });

  test('takes all that came from it along, where that is wanted, and one undo brings all back', async () => {
    await deleteDip(dipOf('base'), 'with it');
    expect([state().book.dips.size, state().book.trials.size]).toEqual([0, 0]);
    await state().undo();
    expect([state().book.dips.size, state().book.trials.size]).toEqual([4, 1]);
  });
});

test('a dip comes from another, or from none', async () => {
  await descend(dipOf('third'), dipOf('two'));
  expect(dipOf('third').parentId).toBe('two');
  await descend(dipOf('third'), null);
  expect(dipOf('third')).toMatchObject({ parentId: null });
  expect(dipOf('third')).not.toHaveProperty('seen');
});
