import type { Ingredient } from '../larder/ingredient';
import pulseData from './data/pulses.json';
import yieldData from './data/yields.json';

/** Low and high, as judged by practice. */
interface Times {
  low: number;
  high: number;
}

/** A pulse as it is soaked and cooked; times in minutes unless named, water in g per g dry. */
export interface Pulse {
  id: string;
  /** What it is in the larder once cooked. */
  ingredientIds: string[];
  name: string;
  /** Typical soak at 20 °C, h; 0 where it needs none. */
  soakH: number;
  quickSoak: string;
  soakWater: number;
  cookWater: number;
  simmerSoakedMin: Times | null;
  simmerUnsoakedMin: Times | null;
  pressureSoakedMin: Times | null;
  pressureUnsoakedMin: Times | null;
  /** When it is done, as a clause after “until”. */
  until: string;
  /** Cooks to a mash that can't be drained: its water stays in it. */
  collapses: boolean;
  /** Must boil hard before anything else, for what is poisonous in it raw. */
  boilHard: boolean;
  /** Must be soaked and its water thrown away, for the same reason. */
  mustSoak: boolean;
  /** Sold frozen, cooked from there. */
  frozen: boolean;
  /** What soda does to it, in a cook's words. */
  soda: string;
  /** Soda shortens the pot. */
  sodaSaves: boolean;
  /** Soda in soak or pot turns it soapy beyond a limit. */
  sodaLimit: boolean;
  /** What to watch for, in whole sentences; empty where nothing beyond the usual. */
  hazards: string;
}

/** What a raw thing gives, as a share, a loss, a count or an amount, as its measure says. */
export interface Yield {
  measure: string;
  low: number;
  typical: number;
  high: number;
}

export const pulses: readonly Pulse[] = pulseData;

const yields: Readonly<Record<string, Yield>> = yieldData;

/** A row of the table of yields; null where there is none. */
export function findYield(id: string): Yield | null {
  return yields[id] ?? null;
}

/**
 * A row of the table of yields that must be there.
 *
 * @throws Error when the table lacks it
 */
export function yieldOf(id: string): Yield {
  const found = yields[id];
  if (!found) throw new Error(`the table of yields has no ${id}`);
  return found;
}

/** The pulse that an ingredient of the larder was; null for what was none. */
export function pulseOfIngredient({ kind }: Pick<Ingredient, 'kind'>): Pulse | null {
  return pulses.find(({ ingredientIds }) => ingredientIds.includes(kind)) ?? null;
}

/** The name a pulse goes by in the table of yields, where it differs from its own. */
const yieldNames: Record<string, string> = { 'red-kidney': 'kidney' };

/** What one gram of a dried pulse gives, soaked or cooked; null where the table has no such row. */
export function pulseYield(pulse: Pulse, state: 'soaked-mass' | 'cooked-mass'): Yield | null {
  return findYield(`${yieldNames[pulse.id] ?? pulse.id}-${state}`);
}
