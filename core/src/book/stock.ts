import { daysBetween } from '../safety/localDates';

/** Something there is in the house, ready to go in. */
export interface StockItem {
  /** Of the ingredient: there is one entry for each. */
  id: string;
  /** As written: `1 can`, `half a tub` is no amount. */
  amount: string;
  /** Local date it should be used by, `2026-06-14`; null where it keeps. */
  useBy: string | null;
}

/** Days from one local date to another; negative when it is past. */
export const daysUntil = (useBy: string, today: string): number => daysBetween(today, useBy);
