import { daysBetween } from '@cobbet/core/safety/localDates';
import type { Keeping } from '@cobbet/core/safety/keeping';
import { shortDay } from '@/components/day';

/** By when a pot is to be eaten, and whether that is near. */
export function dueWords({ useBy, frozenUntil, fridgeDays, because }: Keeping, today: string) {
  if (fridgeDays === 0 && because.id === 'out on the table') {
    return { words: 'stood out too long: throw it away', near: true };
  }
  if (fridgeDays === 0 && because.id === 'cooled slowly') {
    return { words: 'cooled too slowly: throw it away', near: true };
  }
  if (useBy === null) {
    const best = frozenUntil === null ? '' : `, best by ${shortDay(frozenUntil)}`;
    return { words: `frozen${best}`, near: frozenUntil !== null && frozenUntil < today };
  }
  const days = daysBetween(today, useBy);
  if (days < 0)
    return { words: `past its day since ${shortDay(useBy)}: throw it away`, near: true };
  if (days === 0) return { words: 'today at the latest', near: true };
  if (days === 1) return { words: 'by tomorrow', near: true };
  return { words: `by ${shortDay(useBy)}, ${days} days`, near: false };
}
