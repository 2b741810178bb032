import type { Hazard } from '../larder/traits';
import type { Family } from '../mix/families';
import type { Part } from '../mix/part';

/** Days in the fridge at 4 °C or below: what is usual and cautious, and the least and most that is practised. */
export interface FridgeDays {
  usual: number;
  least: number;
  most: number;
  /** What decides it. */
  because: string;
  /** The ingredient that decides it, by id; null where the family does. */
  limitedBy: string | null;
}

type FamilyDays = Omit<FridgeDays, 'limitedBy'>;

const byFamily: Record<Family, FamilyDays> = {
  pulse: { usual: 4, least: 3, most: 7, because: 'cooked pulses' },
  vegetable: { usual: 4, least: 3, most: 5, because: 'cooked vegetables' },
  yogurt: { usual: 3, least: 2, most: 5, because: 'yogurt' },
  'pesto-spread': { usual: 4, least: 3, most: 14, because: 'leaves under oil' },
  'pesto-dress': { usual: 4, least: 3, most: 14, because: 'leaves under oil' },
  pate: { usual: 4, least: 3, most: 7, because: 'ground nuts' },
};

/** Raw plants shorten a dip of cooked things. */
const rawDays = 3;
const cookedFamilies: readonly Family[] = ['pulse', 'vegetable', 'pate'];

/** Days that what can hurt someone leaves a dip, whatever else is in it: usual guidance, the shortest of it. */
const hazardDays: Partial<Record<Hazard, number>> = {
  'raw-egg': 2,
  histamine: 2,
  'smoked-fish': 3,
  'garlic-in-oil': 4,
  'raw-garlic': 4,
};

/** Days a part leaves a dip of a family; null where it sets no limit. */
function daysOf({ ingredient }: Part, family: Family): number | null {
  const { keepsDays, freshRaw, hazards } = ingredient;
  const raw = freshRaw && cookedFamilies.includes(family) ? rawDays : null;
  const limits = [keepsDays, raw, ...hazards.map((hazard) => hazardDays[hazard] ?? null)].filter(
    (days) => days !== null,
  );
  return limits.length > 0 ? Math.min(...limits) : null;
}

/**
 * How long a dip is usually kept in the fridge: the least of what its family and everything in it are kept. Usual guidance
 * only: local codes come first.
 *
 * @param parts all that is in it, folded in and on top
 */
export const fridgeDays = (family: Family, parts: readonly Part[]): FridgeDays =>
  leastOf(byFamily[family], family, parts);

/** The days something is given by itself, and what is in it that leaves it fewer. */
export function leastOf(given: FamilyDays, family: Family, parts: readonly Part[]): FridgeDays {
  const found: FridgeDays = { ...given, limitedBy: null };
  for (const part of parts) {
    const days = part.massG > 0 ? daysOf(part, family) : null;
    if (days === null || days >= found.usual) continue;
    found.usual = days;
    found.least = Math.min(found.least, days);
    found.because = part.ingredient.name;
    found.limitedBy = part.ingredient.id;
  }
  return found;
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
