import type { RawWay } from '../book/dip';
import { routesTo } from './prepare';
import { type PulseMethod, usualPulseMethod } from './pulseRoutes';
import { type Route, times } from './route';
import { clinging } from './takenUp';

/** What is mostly bought as it goes in, though it could be made from raw. */
const boughtReady =
  /^(garlic-raw|labneh|greek-yogurt|.*-style|walnut|almond|cashew|pecan|pine-nut|pistachio|sesame-seeds|olives|onion-raw)/;

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
export function usualWay(ingredientId: string): RawWay | null {
  if (boughtReady.test(ingredientId)) return null;
  const [route] = routesTo(ingredientId);
  return route ? { from: route.from } : null;
}

/** How a row is made ready: as it says, else the usual way; null as it is bought. */
export function wayOfRow(ingredientId: string, raw: RawWay | null | undefined): RawWay | null {
  return raw === undefined ? usualWay(ingredientId) : raw;
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
export function routeOfRow(ingredientId: string, raw: RawWay | null | undefined): Route | null {
  const way = wayOfRow(ingredientId, raw);
  if (!way) return null;
  const route = routesTo(ingredientId, methodOf(way)).find(({ from }) => from === way.from);
  return route ? asTaken(route, way) : null;
}
