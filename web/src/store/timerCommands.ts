import { put, remove } from '@cobbet/core/book/change';
import { startTimer, type Timer } from '@cobbet/core/book/timer';
import { useBook } from './bookStore';
import { newId } from './newId';

/**
 * Starts a timer that runs on through a reload.
 *
 * @param belongsTo the task or step it belongs to; its earlier timer is replaced
 */
export function beginTimer(
  label: string,
  minutes: number,
  belongsTo: string | null,
): Promise<boolean> {
  return useBook.getState().act(`Timer: ${label}`, (book) => {
    const earlier =
      belongsTo === null ? [] : [...book.timers.values()].filter((one) => one.of === belongsTo);
    const timer = startTimer(newId(), label, minutes, new Date().toISOString(), belongsTo);
    return [...earlier.map(({ id }) => remove('timers', id)), put('timers', timer)];
  });
}

/** Takes a timer away, run out or not. */
export function stopTimer({ id, label }: Timer): Promise<boolean> {
  return useBook.getState().act(`Stop the timer: ${label}`, () => [remove('timers', id)]);
}

/** Lets a timer run on for some minutes from now. */
export function lengthenTimer(timer: Timer, minutes: number): Promise<boolean> {
  const from = Math.max(Date.parse(timer.endsAt), Date.now());
  const endsAt = new Date(from + minutes * 60_000).toISOString();
  return useBook
    .getState()
    .act(`Timer: ${minutes} minutes more`, () => [put('timers', { ...timer, endsAt })]);
}

/** Sets a running timer to end so many minutes from now. */
export function setTimer(timer: Timer, minutes: number): Promise<boolean> {
  const endsAt = new Date(Date.now() + minutes * 60_000).toISOString();
  return useBook
    .getState()
    .act(`Timer: ${minutes} minutes from now`, () => [
      put('timers', { ...timer, minutes, endsAt }),
    ]);
}
