import type { Plan } from '@cobbet/core/day/plan';

/** What of a plan tells its time. */
export type PlanClock = Pick<Plan, 'serveAt' | 'zone'>;

const minuteMs = 60_000;

/** A local time as minutes on a line of its own, as if no clock were ever changed. */
function lineMinute(local: string): number {
  return Math.round(Date.parse(`${local}:00Z`) / minuteMs);
}

const clocks = new Map<string, Intl.DateTimeFormat>();

function clockIn(zone: string | undefined): Intl.DateTimeFormat {
  const known = clocks.get(zone ?? '');
  if (known) return known;
  const clock = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  });
  clocks.set(zone ?? '', clock);
  return clock;
}

/** A moment as the kitchen's clock shows it, `2026-06-13T12:30`. */
export function localAt(minute: number, zone?: string): string {
  const parts = Object.fromEntries(
    clockIn(zone)
      .formatToParts(minute * minuteMs)
      .map(({ type, value }) => [type, value]),
  );
  return `${parts['year']}-${parts['month']}-${parts['day']}T${parts['hour']}:${parts['minute']}`;
}

/**
 * When a local time is, in minutes since 1970. One that the change of clocks leaves out is as long after midnight as it says;
 * of one that comes twice it is the first.
 *
 * @param local `2026-06-13T12:30`
 * @param zone the device's own where it is left out
 */
export function minuteOf(local: string, zone?: string): number {
  const wanted = lineMinute(local);
  const offset = (minute: number) => lineMinute(localAt(minute, zone)) - minute;
  // the offset before and after: around a change of clocks they differ
  const [before, after] = [offset(wanted - 24 * 60), offset(wanted + 24 * 60)];
  for (const by of [Math.max(before, after), Math.min(before, after)]) {
    if (localAt(wanted - by, zone) === local) return wanted - by;
  }
  return wanted - before;
}

/** When so many minutes from serving are, in minutes since 1970. */
export function momentAt({ serveAt, zone }: PlanClock, offset: number): number {
  return minuteOf(serveAt, zone) + offset;
}

/** The clock at so many minutes from serving: `09:40`. */
export function clockAt(plan: PlanClock, offset: number): string {
  return localAt(momentAt(plan, offset), plan.zone).slice(11);
}

const weekday = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

/** The day at so many minutes from serving: `Fri 12 Jun`. */
export function dayAt(plan: PlanClock, offset: number): string {
  const local = localAt(momentAt(plan, offset), plan.zone);
  return weekday.format(new Date(`${local}:00Z`)).replace(',', '');
}

/** Now, as minutes from serving. */
export function nowOffset({ serveAt, zone }: PlanClock, now: Date = new Date()): number {
  return Math.round(now.getTime() / minuteMs) - minuteOf(serveAt, zone);
}

/**
 * By how much the clocks are changed between two offsets from serving, min: positive where they are put forward and the night
 * is shorter.
 */
export function clockChange(plan: PlanClock, from: number, to: number): number {
  const shown = (offset: number) => lineMinute(localAt(momentAt(plan, offset), plan.zone));
  return shown(to) - shown(from) - (to - from);
}

/** What is said of a change of clocks between two offsets from serving; null where there is none. */
export function clockChangeWords(plan: PlanClock, from: number, to: number): string | null {
  const by = clockChange(plan, from, to);
  if (by === 0) return null;
  const size = Math.abs(by) === 60 ? 'an hour' : `${Math.abs(by)} minutes`;
  return `The clocks go ${by > 0 ? 'forward' : 'back'} ${size} in between: every time here is as the clock will show it then.`;
}
