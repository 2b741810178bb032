/** Something that is waited for; it runs on while nothing is open, since only its end is kept. */
export interface Timer {
  id: string;
  label: string;
  /** min */
  minutes: number;
  /** ISO 8601 */
  endsAt: string;
  /** What it was started from: the task of a day, or the step of a run; null for neither. */
  of: string | null;
}

/**
 * A timer that starts now.
 *
 * @param minutes > 0
 * @param now ISO 8601
 */
export function startTimer(
  id: string,
  label: string,
  minutes: number,
  now: string,
  of: string | null = null,
): Timer {
  const endsAt = new Date(Date.parse(now) + minutes * 60_000).toISOString();
  return { id, label, minutes, endsAt, of };
}

/** Seconds that a timer still has; negative when it has run out. */
export function secondsLeft({ endsAt }: Timer, nowMs: number): number {
  return Math.round((Date.parse(endsAt) - nowMs) / 1000);
}
