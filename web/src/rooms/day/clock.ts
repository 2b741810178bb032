/** A local time of a plan as minutes on a line of its own, without zones. */
export function minuteOf(local: string): number {
  return Math.round(Date.parse(`${local}:00Z`) / 60_000);
}

/** A minute of that line as a local time, `2026-06-13T12:30`. */
export function localOf(minute: number): string {
  return new Date(minute * 60_000).toISOString().slice(0, 16);
}

/** The clock at so many minutes from serving: `09:40`. */
export function clockAt(serveAt: string, offset: number): string {
  return localOf(minuteOf(serveAt) + offset).slice(11);
}

const weekday = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

/** The day at so many minutes from serving: `Fri 12 Jun`. */
export function dayAt(serveAt: string, offset: number): string {
  return weekday.format(new Date((minuteOf(serveAt) + offset) * 60_000)).replace(',', '');
}

/** Now, as minutes from serving by this device's own clock. */
export function nowOffset(serveAt: string, now: Date = new Date()): number {
  const local = now.getTime() - now.getTimezoneOffset() * 60_000;
  return Math.round(local / 60_000) - minuteOf(serveAt);
}
