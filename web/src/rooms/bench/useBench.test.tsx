import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { dip } from '../../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { closeBook, useBook } from '@/store/bookStore';
import { useBench } from './useBench';

let names = 0;
const stored = () => useBook.getState().book.dips.get('a');
const row = 'a-2';

/** The hook on the stored dip, as the room uses it. */
function bench() {
  return renderHook(() => {
    const kept = useBook((state) => state.book.dips.get('a')) ?? dip('a');
    return useBench(kept);
  });
}

beforeEach(async () => {
  await useBook.getState().open(`bench-${(names += 1)}`);
  await useBook.getState().act('Dip', () => [put('dips', dip('a'))]);
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
  jest.useRealTimers();
});

const settled = () => act(() => new Promise((resolve) => setTimeout(resolve, 400)));

describe('an amount being typed', () => {
  test('counts and is kept at every key, before it is saved', async () => {
    const { result } = bench();
    const before = result.current.analysis.freshBody ?? NaN;
    act(() => result.current.type(row, '1 cup'));
    expect(result.current.analysis.freshBody).toBeLessThan(before - 1);
    expect(stored()?.rows[1]?.amount).toBe('1 cup');
    expect(useBook.getState().saving).toBe('saving');
    expect(result.current.typing.has(row)).toBe(true);
    act(() => result.current.done(row));
    expect(result.current.typing.size).toBe(0);
    await settled();
    await waitFor(() => expect(useBook.getState().saving).toBe('saved'));
  });

  test('is one step of undo, however many keys it took', async () => {
    const { result } = bench();
    for (const text of ['2', '2 ', '2 t', '2 tb', '2 tbsp']) {
      act(() => result.current.type(row, text));
    }
    await settled();
    expect(useBook.getState().history.undoLabel).toBe('Amount 2 tbsp');
    await act(() => useBook.getState().undo());
    expect(stored()?.rows[1]?.amount).toBe('1/4 cup');
  });

  test('that can’t be read is kept as typed, says why, and counts as nothing', () => {
    const { result } = bench();
    act(() => result.current.type(row, '3 cloves'));
    expect(result.current.rows[1]?.error).toContain('cloves');
    expect(result.current.rows[1]?.massG).toBe(0);
    expect(stored()?.rows[1]?.amount).toBe('3 cloves');
  });

  test('is left as it was with Escape, also after a pause, but not once the cook was done', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '1 cup'));
    act(() => result.current.forget(row));
    expect(result.current.rows[1]?.row.amount).toBe('1/4 cup');
    act(() => result.current.type(row, '1 cup'));
    await settled();
    act(() => result.current.forget(row));
    expect(stored()?.rows[1]?.amount).toBe('1/4 cup');
    act(() => result.current.type(row, '2 cups'));
    act(() => result.current.done(row));
    act(() => result.current.forget(row));
    expect(stored()?.rows[1]?.amount).toBe('2 cups');
  });

  test('is not lost when the room is left in the middle', async () => {
    const { result, unmount } = bench();
    act(() => result.current.type(row, '3 tbsp'));
    unmount();
    await settled();
    expect(stored()?.rows[1]?.amount).toBe('3 tbsp');
    await waitFor(() => expect(useBook.getState().saving).toBe('saved'));
  });

  test('the same as before is no step of undo', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '1/4 cup'));
    await settled();
    expect(useBook.getState().history.undoLabel).toBe('Dip');
  });
});
