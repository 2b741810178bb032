import { describe, expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { useKeys } from './useKeys';

function Sheet({ onLand, enabled }: { onLand: () => void; enabled?: boolean }) {
  useKeys({ l: onLand, '$mod+KeyZ': onLand }, enabled);
  return (
    <>
      <button>Somewhere</button>
      <input aria-label="Amount" />
    </>
  );
}

const press = (on: Element, init: KeyboardEventInit) => fireEvent.keyDown(on, init);

describe('keys', () => {
  test('do what they are for, with what is held and not without', () => {
    const land = jest.fn();
    render(<Sheet onLand={land} />);
    const button = screen.getByRole('button');
    press(button, { key: 'l', code: 'KeyL' });
    expect(land).toHaveBeenCalledTimes(1);
    press(button, { key: 'l', code: 'KeyL', ctrlKey: true });
    press(button, { key: 'z', code: 'KeyZ' });
    expect(land).toHaveBeenCalledTimes(1);
    press(button, { key: 'z', code: 'KeyZ', ctrlKey: true });
    expect(land).toHaveBeenCalledTimes(2);
  });

  test('leave a field what is typed in it', () => {
    const land = jest.fn();
    render(<Sheet onLand={land} />);
    press(screen.getByRole('textbox'), { key: 'l', code: 'KeyL' });
    press(screen.getByRole('textbox'), { key: 'z', code: 'KeyZ', ctrlKey: true });
    expect(land).not.toHaveBeenCalled();
  });

  test('do what the screen last said, and nothing once it is gone or they are off', () => {
    const [first, second] = [jest.fn(), jest.fn()];
    const { rerender, unmount } = render(<Sheet onLand={first} />);
    rerender(<Sheet onLand={second} />);
    press(document.body, { key: 'l', code: 'KeyL' });
    expect([first.mock.calls.length, second.mock.calls.length]).toEqual([0, 1]);
    rerender(<Sheet onLand={second} enabled={false} />);
    press(document.body, { key: 'l', code: 'KeyL' });
    unmount();
    press(document.body, { key: 'l', code: 'KeyL' });
    expect(second).toHaveBeenCalledTimes(1);
  });
});
