import { afterEach, expect, jest, test } from '@jest/globals';
import { cleanup, renderHook } from '@testing-library/react';
import { useLeaving } from './useLeaving';

afterEach(cleanup);

test('what was last typed is kept when the page or the dialog goes', () => {
  const kept = jest.fn<(text: string) => void>();
  const { rerender, unmount } = renderHook(({ text }) => useLeaving(() => kept(text)), {
    initialProps: { text: '2' },
  });
  rerender({ text: '20' });
  expect(kept).not.toHaveBeenCalled();
  window.dispatchEvent(new Event('pagehide'));
  expect(kept).toHaveBeenLastCalledWith('20');
  rerender({ text: '200' });
  unmount();
  expect(kept).toHaveBeenLastCalledWith('200');
});
