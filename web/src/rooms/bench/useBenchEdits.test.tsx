import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { dip } from '../../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { readRow } from '@cobbet/core/dip/readRow';
import { readLine } from '@cobbet/core/lines/readLine';
import { shippedLarder } from '@cobbet/core/larder/larder';
import type { Nudge } from '@cobbet/core/dip/nudges';
import { proposeOrder } from '@cobbet/core/advise/proposeOrder';
import { kitchenOf } from '../../../../core/test/kitchenOf';
import { newId } from '@/store/newId';
import { closeBook, useBook } from '@/store/bookStore';
import { useBenchEdits } from './useBenchEdits';

let names = 0;
const rows = () => useBook.getState().book.dips.get('a')?.rows ?? [];
const edits = () => renderHook(() => useBenchEdits('a')).result.current;
const nudge = (ingredient: string, amount: string): Nudge => ({
  ingredient,
  amount,
  massG: 15,
  costEur: 0,
  inDip: true,
  change: { freshBody: 0, chilledBody: 0, saltG: 0, acidG: 0, garlicG: 0 },
});

beforeEach(async () => {
  await useBook.getState().open(`edits-${(names += 1)}`);
  await useBook.getState().act('Dip', () => [put('dips', dip('a'))]);
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('a spoon more', () => {
  test('goes onto the row there is, in the measure it is written in', async () => {
    const { nudge: add } = edits();
    act(() => add(nudge('water', '1 tbsp')));
    await waitFor(() => expect(rows()[1]?.amount).toBe('¼ cup + 1 tbsp'));
    act(() => add(nudge('water', '1 tbsp')));
    await waitFor(() => expect(rows()[1]?.amount).toBe('¼ cup + 2 tbsp'));
    expect(useBook.getState().history.undoLabel).toBe('Add 1 tbsp');
  });

  test('of what is not in yet is a row of its own at the end', async () => {
    const { nudge: add } = edits();
    act(() => add(nudge('lemon-juice', '1 tbsp')));
    await waitFor(() => expect(rows().length).toBe(3));
    expect(rows()[2]).toMatchObject({
      ingredientId: 'lemon-juice',
      amount: '1 tbsp',
      place: 'bowl',
    });
  });

  test('never goes onto what is strewn on top', async () => {
    await useBook.getState().act('Top', () => [
      put('dips', {
        ...dip('a'),
        rows: dip('a').rows.map((row) => ({ ...row, place: 'top' as const })),
      }),
    ]);
    const { nudge: add } = edits();
    act(() => add(nudge('water', '1 tbsp')));
    await waitFor(() => expect(rows().length).toBe(3));
    expect(rows()[1]?.amount).toBe('1/4 cup');
  });
});

describe('another order', () => {
  const read = () => rows().map((row) => readRow(row, kitchenOf()));
  const taking = (...steps: [index: number, share: number][]) => {
    const now = useBook.getState().book.dips.get('a');
    if (!now) throw new Error('no dip');
    const way = steps.map(([index, share]) => ({ index, share }));
    return proposeOrder(now, kitchenOf(), way, newId);
  };

  test('keeps every row as it is', async () => {
    const { take } = edits();
    const before = rows();
    act(() => take(taking([1, 1], [0, 1])));
    await waitFor(() => expect(rows()[0]).toEqual(before[1]));
    expect(rows()[1]).toEqual(before[0]);
  });

  test('with a liquid in two goes makes two rows of it that hold about what there was', async () => {
    const { take } = edits();
    const water = read()[1]?.massG ?? NaN;
    act(() => take(taking([1, 0.5], [0, 1], [1, 0.5])));
    await waitFor(() => expect(rows().length).toBe(3));
    const split = read();
    expect(split.map(({ row }) => row.ingredientId)).toEqual([
      'water',
      'chickpeas-canned-drained',
      'water',
    ]);
    const sum = (split[0]?.massG ?? NaN) + (split[2]?.massG ?? NaN);
    expect(Math.abs(sum - water) / water).toBeLessThan(0.05);
    expect(new Set(rows().map(({ id }) => id)).size).toBe(3);
  });

  test('what the way does not hold follows it', async () => {
    const { take, add } = edits();
    const { parts } = readLine('1 tbsp parsley', { larder: shippedLarder, measures: 'us' });
    act(() => add(parts));
    await waitFor(() => expect(rows().length).toBe(3));
    act(() => take(taking([1, 1], [0, 1])));
    await waitFor(() => expect(rows()[0]?.ingredientId).toBe('water'));
    expect(rows()[2]?.ingredientId).toBe('parsley');
  });
});

test('what the cook says is right is remembered with the amount it was said of', async () => {
  const { sure } = edits();
  act(() => sure('a-2', '1/4 cup'));
  await waitFor(() => expect(rows()[1]?.sure).toBe('1/4 cup'));
});

test('a target is set and taken away as one step each', async () => {
  const { setTarget } = edits();
  act(() => setTarget('saltG', { low: 1, high: 1.2 }));
  const targets = () => useBook.getState().book.dips.get('a')?.targets;
  await waitFor(() => expect(targets()).toEqual({ saltG: { low: 1, high: 1.2 } }));
  act(() => setTarget('saltG', null));
  await waitFor(() => expect(targets()).toEqual({}));
  await act(() => useBook.getState().undo());
  expect(targets()).toEqual({ saltG: { low: 1, high: 1.2 } });
});
