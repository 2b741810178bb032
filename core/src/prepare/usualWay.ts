import type { Ingredient } from '../larder/ingredient';
import { type PulseMethod, usualPulseMethod } from './pulseMethod';
import type { RawYield } from './rawYields/rawYield';
import { rawYieldsTo } from './rawYields/rawYields';
import type { RawWay } from './rawWay';
import { clinging } from './takenUp';
import { times } from './yields';

/** What of an ingredient says how it is made ready. */
export type Made = Pick<Ingredient, 'kind' | 'boughtReady'>;

/** How dried pulses are treated by a way. */
export function methodOf(way: RawWay): PulseMethod {
  return {
    soak: way.soak ?? usualPulseMethod.soak,
    soda: way.soda ?? usualPulseMethod.soda,
    pressure: way.pressure ?? usualPulseMethod.pressure,
    skinsOff: way.skinsOff ?? usualPulseMethod.skinsOff,
  };
}

/** The way an ingredient is usually made ready; null for what is bought as it goes in. */
export function usualWay(ingredient: Made): RawWay | null {
  if (ingredient.boughtReady) return null;
  const [way] = rawYieldsTo(ingredient);
  return way ? { from: way.from } : null;
}

/** How a row is made ready: as it says, else the usual way; null as it is bought. */
export function wayOfRow(ingredient: Made, raw: RawWay | null | undefined): RawWay | null {
  return raw === undefined ? usualWay(ingredient) : raw;
}

/** Whether leaves go in with stalks or with water that clings, so that they come to more. */
export const takesMore = ({ stalkShare = 0, wet }: RawWay) => stalkShare > 0 || wet !== undefined;

/** What a way gives with the stalks that go in too and the water that clings. */
export function asTaken<Way extends RawYield>(way: Way, raw: RawWay): Way {
  if (!takesMore(raw)) return way;
  const most = 1 + (raw.wet ? clinging[raw.wet] : 0);
  const { low, typical, high } = times(way.ratio, most / (1 - (raw.stalkShare ?? 0)));
  const atMost = (share: number) => Math.min(most, share);
  return { ...way, ratio: { low: atMost(low), typical: atMost(typical), high: atMost(high) } };
}

/**
 * What a row gives from raw.
 *
 * @param raw as the row says; undefined is the usual way, null as it is bought
 * @returns null where nothing is to be done
 */
export function rawYieldOfRow(ingredient: Made, raw: RawWay | null | undefined): RawYield | null {
  const way = wayOfRow(ingredient, raw);
  if (!way) return null;
  const found = rawYieldsTo(ingredient, way.skinsOff).find(({ from }) => from === way.from);
  return found ? asTaken(found, way) : null;
}
