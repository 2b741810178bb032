/** Today by this device's clock, `2026-06-14`. */
export function today(now: Date = new Date()): string {
  const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000);
  return local.toISOString().slice(0, 10);
}

/** So many days from today. */
export function inDays(days: number, now: Date = new Date()): string {
  return today(new Date(now.getTime() + days * 86_400_000));
}
