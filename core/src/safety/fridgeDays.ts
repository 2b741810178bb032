import type { Part } from '../mix/part';
import type { Family } from '../mix/families';

/** Days in the fridge at 4 °C or below: what is usual and cautious, and the least and most that is practised. */
export interface FridgeDays {
  usual: number;
  least: number;
  most: number;
  /** What decides it. */
  because: string;
}

const byFamily: Record<Family, FridgeDays> = {
  pulse: { usual: 4, least: 3, most: 7, because: 'cooked pulses' },
  vegetable: { usual: 4, least: 3, most: 5, because: 'cooked vegetables' },
  yogurt: { usual: 3, least: 2, most: 5, because: 'yogurt' },
  'pesto-spread': { usual: 4, least: 3, most: 14, because: 'leaves under oil' },
  'pesto-dress': { usual: 4, least: 3, most: 14, because: 'leaves under oil' },
  pate: { usual: 4, least: 3, most: 7, because: 'ground nuts' },
};

/** Raw things that shorten a dip of cooked ones. */
const rawThings = { usual: 3, because: 'raw herbs or vegetables in it' };
const cookedFamilies: readonly Family[] = ['pulse', 'vegetable', 'pate'];

/**
 * How long a dip is usually kept in the fridge. Usual guidance only: local codes come first.
 *
 * @param parts all that is in it, folded in and on top
 */
export function fridgeDays(family: Family, parts: readonly Part[]): FridgeDays {
  const days = byFamily[family];
  const raw = parts.some((part) => part.massG > 0 && part.ingredient.freshRaw);
  return raw && cookedFamilies.includes(family) ? { ...days, ...rawThings } : days;
}

/** What a dip says of its keeping. */
interface Kept {
  family: Family;
  /** Days the cook has chosen. */
  keepDays?: number;
}

/** Days a dip is kept: as the cook has chosen, else the usual. */
export function keptDays(dip: Kept, parts: readonly Part[]): number {
  return dip.keepDays ?? fridgeDays(dip.family, parts).usual;
}
