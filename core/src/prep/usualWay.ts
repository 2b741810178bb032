import type { RawWay } from '../book/dip';
import { routesTo } from './prepare';
import { type PulseMethod, usualPulseMethod } from './pulseRoutes';
import type { Route } from './route';

/** What is mostly bought as it goes in, though it could be made from raw. */
const boughtReady =
  /^(garlic-raw|labneh|greek-yogurt|.*-style|walnut|almond|cashew|pecan|pine-nut|pistachio|sesame-seeds|olives|onion-raw)/;

/** How dried pulses are treated by a way. */
export function methodOf(way: RawWay): PulseMethod {
  return {
    soak: way.soak ?? usualPulseMethod.soak,
    soda: way.soda ?? usualPulseMethod.soda,
    pressure: way.pressure ?? usualPulseMethod.pressure,
  };
}

/** The way an ingredient is usually made ready; null for what is bought as it goes in. */
export function usualWay(ingredientId: string): RawWay | null {
  if (boughtReady.test(ingredientId)) return null;
  const [route] = routesTo(ingredientId);
  return route ? { from: route.from } : null;
}

/**
 * The route a row takes from raw to ready.
 *
 * @param raw as the row says; undefined is the usual way, null as it is bought
 * @returns null where nothing is to be done
 */
export function routeOfRow(ingredientId: string, raw: RawWay | null | undefined): Route | null {
  const way = raw === undefined ? usualWay(ingredientId) : raw;
  if (!way) return null;
  return routesTo(ingredientId, methodOf(way)).find(({ from }) => from === way.from) ?? null;
}
