import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { DayNeeds } from '@cobbet/core/day/dayNeeds';

/** What a day makes before the dips that take it, in words. */
export function madeFirst({ things, dips }: DayNeeds): { key: string; words: string }[] {
  const nameOf = new Map([
    ...dips.map(({ dip }) => [dip.id, dip.name] as const),
    ...things.map(({ key, thing }) => [key, thing.name] as const),
  ]);
  const into = (waiting: readonly string[]) => waiting.map((id) => nameOf.get(id) ?? '').join(', ');
  return [
    ...things.map(({ key, thing, inG, waiting }) => ({
      key,
      words: `${thing.name}, of ${printGrams(inG)}, for ${into(waiting)}`,
    })),
    ...dips
      .filter(({ intoG }) => intoG > 0.5)
      .map(({ dip, intoG, waiting }) => ({
        key: dip.id,
        words: `${printGrams(intoG)} ${dip.name}, for ${into(waiting)}`,
      })),
  ];
}
