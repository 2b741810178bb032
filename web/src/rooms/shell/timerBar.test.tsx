import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { put } from '@cobbet/core/book/change';
import { startTimer } from '@cobbet/core/book/timer';
import { closeBook, useBook } from '@/store/bookStore';
import { countdownText, TimerBar } from './TimerBar';

let names = 0;
beforeEach(async () => {
  await useBook.getState().open(`timers-${(names += 1)}`);
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
});

const start = (label: string, minutes: number, agoMin = 0) => {
  const at = new Date(Date.now() - agoMin * 60_000).toISOString();
  return act(async () => {
    const timer = startTimer(label, label, minutes, at);
    await useBook.getState().act(label, () => [put('timers', timer)]);
  });
};

describe('the bar of timers', () => {
  test('is not there while nothing is waited for', () => {
    render(<TimerBar />);
    expect(screen.queryByRole('region', { name: 'Timers' })).toBeNull();
  });

  test('shows several, the next to end first, and calls what has run out', async () => {
    render(<TimerBar />);
    await start('Simmer', 52);
    await start('Toast', 8);
    await start('Soak', 5, 6);
    const bar = screen.getByRole('region', { name: 'Timers' });
    const text = bar.textContent ?? '';
    expect(text.indexOf('Soak')).toBeLessThan(text.indexOf('Toast'));
    expect(text.indexOf('Toast')).toBeLessThan(text.indexOf('Simmer'));
    expect(screen.getByRole('alert').textContent).toMatch(/^\+1:0\d/);
    expect(screen.getAllByRole('button', { name: 'Done' }).length).toBe(1);
    // what has long to go is a line of type until it is tapped
    expect(screen.queryByRole('button', { name: 'Stop' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /Simmer/ }));
    expect(screen.getAllByRole('button', { name: 'Stop' }).length).toBe(1);
    fireEvent.change(screen.getByRole('textbox', { name: /From now/ }), { target: { value: '7' } });
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Set' })));
    expect(screen.getByRole('button', { name: /Simmer/ }).textContent).toMatch(/^(7:00|6:5\d)/);
  });
});

describe('a countdown', () => {
  test.each([
    [9, '0:09'],
    [249, '4:09'],
    [3849, '1:04:09'],
    [0, '0:00'],
    [-61, '+1:01'],
  ])('of %i seconds is %s', (seconds, text) => {
    expect(countdownText(seconds)).toBe(text);
  });
});
