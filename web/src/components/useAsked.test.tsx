import { afterEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { useAsked } from './useAsked';

afterEach(cleanup);

/** A question whose answer is given by hand. */
function question() {
  const asked: {
    signal: AbortSignal;
    progress: (share: number) => void;
    answer: (value: string) => void;
    fail: (error: Error) => void;
  }[] = [];
  const ask = (signal: AbortSignal, progress: (share: number) => void) =>
    new Promise<string>((answer, fail) => {
      signal.addEventListener('abort', () => fail(new DOMException('cancelled', 'AbortError')));
      asked.push({ signal, progress, answer, fail });
    });
  return { asked, ask };
}

describe('a question to a worker', () => {
  test('shows how far it is, then its answer', async () => {
    const { asked, ask } = question();
    const { result } = renderHook(() => useAsked('a dip', ask));
    expect(result.current.asked).toEqual({ state: 'idle' });
    act(() => void result.current.start());
    expect(result.current.asked).toEqual({ state: 'working', share: 0 });
    act(() => asked[0]?.progress(0.5));
    expect(result.current.asked).toEqual({ state: 'working', share: 0.5 });
    act(() => asked[0]?.answer('lands'));
    await waitFor(() =>
      expect(result.current.asked).toEqual({ state: 'answered', answer: 'lands' }),
    );
  });

  test('about something that has changed since is none', async () => {
    const { asked, ask } = question();
    const { result, rerender } = renderHook(({ about }) => useAsked(about, ask), {
      initialProps: { about: 'a dip' },
    });
    act(() => void result.current.start());
    act(() => asked[0]?.answer('lands'));
    await waitFor(() => expect(result.current.asked.state).toBe('answered'));
    rerender({ about: 'another dip' });
    expect(result.current.asked).toEqual({ state: 'idle' });
  });

  test('that fails says why', async () => {
    const { asked, ask } = question();
    const { result } = renderHook(() => useAsked('a dip', ask));
    act(() => void result.current.start());
    act(() => asked[0]?.fail(new Error('The estimate stopped.')));
    await waitFor(() =>
      expect(result.current.asked).toEqual({
        state: 'failed',
        message: 'The estimate stopped.',
      }),
    );
  });

  test('asked again ends the first, whose late answer changes nothing', async () => {
    const { asked, ask } = question();
    const { result } = renderHook(() => useAsked('a dip', ask));
    act(() => void result.current.start());
    act(() => void result.current.start());
    expect(asked[0]?.signal.aborted).toBe(true);
    act(() => asked[0]?.progress(0.9));
    expect(result.current.asked).toEqual({ state: 'working', share: 0 });
    act(() => asked[1]?.answer('second'));
    await waitFor(() =>
      expect(result.current.asked).toEqual({ state: 'answered', answer: 'second' }),
    );
  });

  test('left, and left by leaving the room, is ended', () => {
    const { asked, ask } = question();
    const { result, unmount } = renderHook(() => useAsked('a dip', ask));
    act(() => void result.current.start());
    act(() => result.current.leave());
    expect(asked[0]?.signal.aborted).toBe(true);
    expect(result.current.asked).toEqual({ state: 'idle' });
    act(() => void result.current.start());
    unmount();
    expect(asked[1]?.signal.aborted).toBe(true);
  });
});
