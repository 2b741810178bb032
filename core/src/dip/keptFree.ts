import type { Kitchen } from '../kitchen/kitchen';
import { allergensOf } from './analyse';
import { readDip } from './analyseDip';
import type { Dip } from './dip';

/**
 * Allergens a dip is kept free of on purpose: those of the dip it was made from that it has not.
 *
 * @param base the dip it was made from; nothing is kept out of one that has none
 */
export function keptFreeOf(dip: Dip, base: Dip | undefined, kitchen: Kitchen): string[] {
  if (!base) return [];
  const own = new Set(allergensOf(readDip(dip, kitchen).parts));
  return allergensOf(readDip(base, kitchen).parts).filter((one) => !own.has(one));
}
