import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { dip } from '../../../../core/test/bookOf';
import { runOf } from '../../../../core/test/runOf';
import { put } from '@cobbet/core/book/change';
import { spoonOf } from '@cobbet/core/amounts/spoon';
import { nextOpen } from '@cobbet/core/book/runEdits';
import { type Dip, plainRow } from '@cobbet/core/dip/dip';
import { type Run } from '@cobbet/core/book/run';
import { entriesOf, loggedRows } from '@cobbet/core/book/runEvents';
import { shippedLarder as larder } from '@cobbet/core/larder/larder';
import { closeBook, useBook } from '@/store/bookStore';
import { useRun } from './useRun';

const hummus: Dip = dip('a', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
const after = (count: number): Run => runOf(hummus, count);

let names = 0;
const state = () => useBook.getState();
const run = () => {
  const found = state().book.runs.get('run');
  if (!found) throw new Error('no run');
  return found;
};
const control = () => renderHook(() => useRun(hummus, run())).result.current;

beforeEach(async () => {
  await state().open(`make-${(names += 1)}`);
  await state().act('Begin', () => [put('dips', hummus), put('runs', after(2))]);
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('an addition nobody planned', () => {
  const lemon = { ingredient: 'lemon-juice', massG: 15, amount: '1 tbsp', place: 'bowl' } as const;
  const salt = { ingredient: 'sea-salt-fine', massG: 1.4, amount: '¼ tsp', place: 'bowl' } as const;

  test('stands where it went in: before what is still to come, after what is in', async () => {
    const { add } = control();
    await act(async () => void (await add([lemon, salt])));
    const ids = entriesOf(run()).map(({ planned: { ingredientId } }) => ingredientId);
    expect(ids).toEqual([
      'tahini-hulled',
      'water',
      'lemon-juice',
      'sea-salt-fine',
      'chickpeas-canned-drained',
      'sea-salt-fine',
    ]);
    expect(run().step).toBe(4);
    expect(loggedRows(run()).map(({ planned: text }) => text)).toEqual([
      '80 g',
      '60 g',
      null,
      null,
    ]);
  });

  test('from the check it still stands before what was passed over', async () => {
    const { go } = control();
    await act(async () => void (await go(4)));
    const { add } = control();
    await act(async () => void (await add([lemon])));
    expect(entriesOf(run())[2]?.planned.ingredientId).toBe('lemon-juice');
    expect(run().step).toBe(5);
    expect(nextOpen(entriesOf(run()))).toBe(3);
  });

  test('is one step of undo', async () => {
    const { add } = control();
    await act(async () => void (await add([lemon, salt])));
    expect(state().history.undoLabel).toBe('Add 1 tbsp, ¼ tsp');
    await act(async () => state().undo());
    await waitFor(() => expect(entriesOf(run()).length).toBe(4));
  });
});

describe('a spoon more', () => {
  test('is logged as what was written with a spoon of it, small for what is strong', async () => {
    const { logMore } = control();
    await act(async () => void (await logMore()));
    expect(entriesOf(run())[2]?.done?.amount).toBe('320 g + 1 tbsp');
    expect(entriesOf(run())[2]?.done?.massG).toBeGreaterThan(320);
    expect(run().step).toBe(3);
    const salt = control();
    await act(async () => void (await salt.logMore()));
    expect(entriesOf(run())[3]?.done?.amount).toBe('4 g + ¼ tsp');
  });

  test('of what is counted it is one more', () => {
    const garlic = larder.get('garlic-raw');
    expect(garlic && spoonOf(garlic, 'us').text).toBe('1 clove');
  });
});

describe('a tap', () => {
  test('belongs to the entry that was on the screen, however often it is tapped before the next is shown', async () => {
    const shown = control();
    await act(async () => void (await Promise.all([shown.logAsWritten(), shown.skip()])));
    // both were of the third addition: the first is logged, the second is refused and touches nothing
    expect(entriesOf(run()).map(({ done, skipped }) => [done !== null, skipped])).toEqual([
      [true, false],
      [true, false],
      [true, false],
      [false, false],
    ]);
    expect(run().step).toBe(3);
  });

  test('after the next is shown is the next one’s, however fast', () => {
    const { result } = renderHook(() => {
      const found = useBook((book) => book.book.runs.get('run')) ?? after(2);
      return useRun(hummus, found);
    });
    act(() => void result.current.logAsWritten());
    act(() => void result.current.skip());
    expect(
      entriesOf(run())
        .map(({ done, skipped }) => [done !== null, skipped])
        .slice(2),
    ).toEqual([
      [true, false],
      [false, true],
    ]);
    act(() => void result.current.logAsWritten());
    expect(entriesOf(run()).length).toBe(4);
  });

  test('that said nothing readable can be said again', () => {
    const { result } = renderHook(() => useRun(hummus, run()));
    act(() => void result.current.log('three clouds'));
    expect(result.current.problem).toContain('clouds');
    act(() => void result.current.log('300 g'));
    expect(entriesOf(run())[2]?.done?.massG).toBe(300);
  });
});
