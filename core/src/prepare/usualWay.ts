import type { Ingredient } from '../larder/ingredient';
import type { RawWay } from './rawWay';
import { routesTo } from './prepare';
import { type PulseMethod, usualPulseMethod } from './pulseRoutes';
import { type Route, times } from './route';
import { clinging } from './takenUp';

type Made = Pick<Ingredient, 'kind' | 'boughtReady'>;

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
  const [route] = routesTo(ingredient);
  return route ? { from: route.from } : null;
}

/** How a row is made ready: as it says, else the usual way; null as it is bought. */
export function wayOfRow(ingredient: Made, raw: RawWay | null | undefined): RawWay | null {
  return raw === undefined ? usualWay(ingredient) : raw;
}

/** A route of leaves with its stalks and wash water: stalks that go in too and water that clings make more of it. */
function asTaken(route: Route, { stalkShare = 0, wet }: RawWay): Route {
  if (stalkShare <= 0 && !wet) return route;
  const more = (1 + (wet ? clinging[wet] : 0)) / (1 - stalkShare);
  const most = 1 + (wet ? clinging[wet] : 0);
  const { low, typical, high } = times(route.ratio, more);
  return {
    ...route,
    ratio: {
      low: Math.min(most, low),
      typical: Math.min(most, typical),
      high: Math.min(most, high),
    },
    // what is in the bowl is not left over
    leftovers: route.leftovers.map((one) => {
      if (one.what !== 'stalks') return one;
      const taken = (share: number) => Math.max(0, 1 - (1 - share) / (1 - stalkShare));
      return {
        ...one,
        perRawG: {
          low: taken(one.perRawG.low),
          typical: taken(one.perRawG.typical),
          high: taken(one.perRawG.high),
        },
      };
    }),
  };
}

/**
 * The route a row takes from raw to ready.
 *
 * @param raw as the row says; undefined is the usual way, null as it is bought
 * @returns null where nothing is to be done
 */
export function routeOfRow(ingredient: Made, raw: RawWay | null | undefined): Route | null {
  const way = wayOfRow(ingredient, raw);
  if (!way) return null;
  const route = routesTo(ingredient, methodOf(way)).find(({ from }) => from === way.from);
  return route ? asTaken(route, way) : null;
}
