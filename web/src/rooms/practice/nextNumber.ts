import { seeded } from '@cobbet/core/statistics/random';

/**
 * A bowl's number that nobody chose: another for another moment.
 *
 * @param moment ISO 8601
 * @param many anything that tells two draws of one moment apart
 */
export function nextNumber(moment: string, many: number): number {
  return 1 + Math.floor(999 * seeded(Date.parse(moment) + many)());
}
