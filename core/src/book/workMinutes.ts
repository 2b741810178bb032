import type { Trial } from './trial';

/** Between two taps more than this was no work on the bowl, min (J). */
const restsFrom = 20;

/**
 * Minutes a making took by the times of what was logged, long rests left out; null where times were not kept, as of trials before they were.
 */
export function workMinutes({ made, madeAt }: Pick<Trial, 'made' | 'madeAt'>): number | null {
  const times = (made?.events ?? [])
    .flatMap((event) => (event.at === null ? [] : [Date.parse(event.at)]))
    .sort((a, b) => a - b);
  if (times.length < 2) return null;
  const all = [...times, Date.parse(madeAt)];
  const ms = all.reduce((sum, time, i) => {
    const gap = time - (all[i - 1] ?? time);
    return gap > 0 && gap <= restsFrom * 60_000 ? sum + gap : sum;
  }, 0);
  return ms / 60_000;
}
