/**
 * A moment of a hybrid logical clock as text that sorts as time does: `2026-06-10T09:00:00.000Z-0000`. It keeps near the clock on the wall and
 * never runs back, so that what was done after something was known also bears a later moment (Kulkarni et al., 2014).
 */
export type ClockTime = string;

/** Before any moment. */
export const beforeAll: ClockTime = '0';

const mostCount = 0xffff;
const firstCount = '0000';

/**
 * The next moment of a clock.
 *
 * @param last the latest it has told or heard of
 * @param nowMs what the clock on the wall says, ms since 1970; may be behind
 */
export function nextClockTime(last: ClockTime, nowMs: number): ClockTime {
  const wall = new Date(nowMs).toISOString();
  const [lastWall, lastCount] = [last.slice(0, 24), last.slice(25)];
  if (wall > lastWall) return `${wall}-${firstCount}`;
  const count = Number.parseInt(lastCount, 16) + 1;
  if (count > mostCount) return `${new Date(Date.parse(lastWall) + 1).toISOString()}-${firstCount}`;
  return `${lastWall}-${count.toString(16).padStart(4, '0')}`;
}
