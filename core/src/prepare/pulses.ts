import type { Ingredient } from '../larder/ingredient';
import pulseCooking from './data/pulseCooking.json';
import { type PulseKind, pulseKinds } from './rawYields/pulseRawYields';

/** Low and high, as judged by practice. */
interface Times {
  low: number;
  high: number;
}

/** How a pulse is soaked and cooked; times in minutes unless named, water in g per g dry. */
interface PulseCooking {
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
  /** What soda does to it, in a cook's words. */
  soda: string;
  /** Soda shortens the pot. */
  sodaSaves: boolean;
  /** Soda in soak or pot turns it soapy beyond a limit. */
  sodaLimit: boolean;
  /** What to watch for, in whole sentences; empty where nothing beyond the usual. */
  hazards: string;
}

/** A pulse with how it is soaked and cooked. */
export interface Pulse extends PulseKind, PulseCooking {}

const cooking: Readonly<Record<string, PulseCooking>> = pulseCooking;

export const pulses: readonly Pulse[] = pulseKinds.flatMap((kind) => {
  const how = cooking[kind.id];
  return how ? [{ ...kind, ...how }] : [];
});

/** The pulse that an ingredient of the larder was; null for what was none. */
export function pulseOfIngredient({ kind }: Pick<Ingredient, 'kind'>): Pulse | null {
  return pulses.find(({ ingredientIds }) => ingredientIds.includes(kind)) ?? null;
}
