import type { YieldResult } from './yieldResult';
import { learnedYield } from './ownYield';
import type { Route } from './route';

/** A route with what the cook's own results have made of its yield. */
export interface OwnRoute extends Route {
  /** How many results it rests on; 0 is the table's own. */
  results: number;
}

/**
 * A route by the cook's own results: its yield moves towards them and its range is theirs as they grow.
 *
 * @param ingredientId what it is made into
 * @param results of the whole book; those of this route count
 */
export function ownRoute(
  route: Route,
  ingredientId: string,
  results: Iterable<YieldResult>,
): OwnRoute {
  const ratios: number[] = [];
  for (const result of results) {
    if (result.ingredientId !== ingredientId || result.from !== route.from) continue;
    ratios.push(result.readyG / result.rawG);
  }
  const { n, ...ratio } = learnedYield(route.ratio, ratios);
  return { ...route, ratio, results: n };
}
