import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
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

describe('an amount being typed', () => {
  test('is predicted at once and saved when the cook is done', async () => {
    const { result } = bench();
    const before = result.current.analysis.freshBody ?? NaN;
    act(() => result.current.type(row, '1 cup'));
    expect(result.current.analysis.freshBody).toBeLessThan(before - 1);
    expect(stored()?.rows[1]?.amount).toBe('1/4 cup');
    await act(() => result.current.save(row));
    expect(stored()?.rows[1]?.amount).toBe('1 cup');
    expect(result.current.drafts).toEqual({});
  });

  test('saves itself after a moment', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '2 tbsp'));
    await act(() => new Promise((resolve) => setTimeout(resolve, 900)));
    expect(stored()?.rows[1]?.amount).toBe('2 tbsp');
  });

  test('that can’t be read is kept as typed, says why, and counts as nothing', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '3 cloves'));
    expect(result.current.rows[1]?.error).toContain('cloves');
    expect(result.current.rows[1]?.massG).toBe(0);
    await act(() => result.current.save(row));
    expect(stored()?.rows[1]?.amount).toBe('3 cloves');
  });

  test('is left as it was with Escape', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '1 cup'));
    act(() => result.current.forget(row));
    await act(() => result.current.save(row));
    expect(result.current.rows[1]?.row.amount).toBe('1/4 cup');
    expect(stored()?.rows[1]?.amount).toBe('1/4 cup');
  });

  test('is left as it was with Escape also after a pause has saved it, but not once the cook was done', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '1 cup'));
    await act(() => new Promise((resolve) => setTimeout(resolve, 900)));
    expect(stored()?.rows[1]?.amount).toBe('1 cup');
    await act(async () => {
      result.current.forget(row);
      await new Promise((resolve) => setTimeout(resolve, 60));
    });
    expect(stored()?.rows[1]?.amount).toBe('1/4 cup');
    act(() => result.current.type(row, '2 cups'));
    await act(async () => void (await result.current.save(row)));
    await act(async () => {
      result.current.forget(row);
      await new Promise((resolve) => setTimeout(resolve, 60));
    });
    expect(stored()?.rows[1]?.amount).toBe('2 cups');
  });

  test('is not lost when the room is left in the middle', async () => {
    const { result, unmount } = bench();
    act(() => result.current.type(row, '3 tbsp'));
    unmount();
    await new Promise((resolve) => setTimeout(resolve, 60));
    expect(stored()?.rows[1]?.amount).toBe('3 tbsp');
  });

  test('the same as before is no step of undo', async () => {
    const { result } = bench();
    act(() => result.current.type(row, '1/4 cup'));
    await act(() => result.current.save(row));
    expect(useBook.getState().history.undoLabel).toBe('Dip');
  });
});
