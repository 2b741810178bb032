import { routesTo } from './prepare';
import type { RawWay } from './rawWay';
import type { Route, RouteLeftover } from './route';
import { asTaken, type Made, methodOf, takesMore, wayOfRow } from './usualWay';

/** What goes in with the leaves is not left over. */
function lessStalks(leftover: RouteLeftover, stalkShare: number): RouteLeftover {
  if (leftover.what !== 'stalks') return leftover;
  const { low, typical, high } = leftover.perRawG;
  const rest = (share: number) => Math.max(0, 1 - (1 - share) / (1 - stalkShare));
  return { ...leftover, perRawG: { low: rest(low), typical: rest(typical), high: rest(high) } };
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
  if (!route || !takesMore(way)) return route ?? null;
  const leftovers = route.leftovers.map((one) => lessStalks(one, way.stalkShare ?? 0));
  return { ...asTaken(route, way), leftovers };
}
