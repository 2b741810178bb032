/**
 * A local date so many days later.
 *
 * @param date `2026-06-12`
 */
export function dateAfter(date: string, days: number): string {
  const at = new Date(`${date}T00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

/** Days from one local date to another; negative where that is before it. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00Z`) - Date.parse(`${from}T00:00Z`)) / 86_400_000);
}
