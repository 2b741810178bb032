import type { PlacedTask } from '@cobbet/core/day/task';
import { straightScale } from '@/components/scale';

/** A stretch of the day, minutes from serving. */
interface Stretch {
  from: number;
  to: number;
  /** Nobody's hands are on anything: drawn short. */
  quiet: boolean;
}

/** A quiet stretch at least this long is drawn short, min. */
const quietFrom = 90;
const quietPx = 46;
const around = 15;

/** The day cut where long stretches need no hands. */
export function stretches(tasks: readonly PlacedTask[], last: number): Stretch[] {
  const busy = tasks
    .filter(({ start, handsOnEnd }) => handsOnEnd > start)
    .map(({ start, handsOnEnd }) => ({ from: start - around, to: handsOnEnd + around }))
    .sort((a, b) => a.from - b.from);
  const found: Stretch[] = [];
  for (const one of busy) {
    const before = found.at(-1);
    if (before && one.from - before.to < quietFrom) before.to = Math.max(before.to, one.to);
    else {
      if (before) found.push({ from: before.to, to: one.from, quiet: true });
      found.push({ ...one, quiet: false });
    }
  }
  const end = found.at(-1);
  if (end && end.to < last + 5) end.to = last + 5;
  return found;
}

/** Room above the lanes for days and hours, px. */
export const headHeight = 40;

/** Everything needed to place a day across the page. */
export interface DayAxis {
  x(minute: number): number;
  /** The minute at a place, whole. */
  at(x: number): number;
  stretches: Stretch[];
  ticks: number[];
}

/**
 * The day's axis: busy stretches to scale, long quiet ones drawn short.
 *
 * @param serveMinute of the day serving is at, so that ticks fall on full hours
 */
export function dayAxis(
  tasks: readonly PlacedTask[],
  last: number,
  width: number,
  serveMinute: number,
): DayAxis {
  const all = stretches(tasks, last);
  const quiet = all.filter((one) => one.quiet).length;
  const busyMin = all.reduce((sum, one) => sum + (one.quiet ? 0 : one.to - one.from), 0);
  const perMin = Math.max(0.2, (width - quiet * quietPx) / Math.max(1, busyMin));
  const domain: number[] = [];
  const range: number[] = [];
  let at = 0;
  for (const one of all) {
    domain.push(one.from);
    range.push(at);
    at += one.quiet ? quietPx : (one.to - one.from) * perMin;
  }
  const end = all.at(-1);
  domain.push(end?.to ?? 0);
  range.push(at);
  const scale = straightScale(domain, range);
  const step = perMin * 30 > 44 ? 30 : 60;
  const ticks: number[] = [];
  for (const one of all) {
    if (one.quiet) continue;
    const first = Math.ceil((serveMinute + one.from) / step) * step - serveMinute;
    for (let minute = first; minute <= one.to; minute += step) ticks.push(minute);
  }
  return { x: scale, at: (x) => Math.round(scale.invert(x)), stretches: all, ticks };
}
