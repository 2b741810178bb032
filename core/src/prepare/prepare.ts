import type { Ingredient } from '../larder/ingredient';
import { kitchenWork } from './kitchenWork';
import { type PulseMethod, usualPulseMethod } from './pulseMethod';
import { pulseWork } from './pulseWork';
import type { RawYield } from './rawYields/rawYield';
import { rawYieldsTo } from './rawYields/rawYields';
import type { Range } from '../statistics/range';
import { type PrepStep, type Route, type Work, wayKey } from './route';
import { times } from './yields';

/** Something left over from making a thing ready. */
export interface Leftover {
  what: string;
  ingredient: string | null;
  unit: 'g' | 'ml';
  low: number;
  typical: number;
  high: number;
  keepDays: number;
  nextUse: string;
}

/** What an amount raw comes to, and what it takes to get there. */
export interface Preparation {
  rawG: number;
  readyG: Range;
  leftovers: Leftover[];
  steps: PrepStep[];
  cautions: string[];
}

function workOf(way: RawYield, method: PulseMethod): Work {
  const found = kitchenWork[wayKey(way)] ?? pulseWork(way, method);
  if (!found) throw new Error(`nothing says how ${way.to} is made from ${way.from}`);
  return found;
}

/** Every way to make an ingredient ready, the usual one first; empty for what is bought as it goes in. */
export function routesTo(
  ingredient: Pick<Ingredient, 'kind'>,
  method: PulseMethod = usualPulseMethod,
): Route[] {
  return rawYieldsTo(ingredient, method.skinsOff).map((way) => ({
    ...way,
    ...workOf(way, method),
  }));
}

/**
 * Makes so much of a raw thing ready: what it gives, low–typical–high, what is left over, and the steps with their
 * hands-on and waiting minutes.
 *
 * @param rawG g, > 0
 * @param spread how uncertain the raw mass itself is, as shares of it
 */
export function prepare(
  route: Route,
  rawG: number,
  spread: Range = { low: 1, typical: 1, high: 1 },
): Preparation {
  const { ratio } = route;
  return {
    rawG,
    readyG: {
      low: rawG * ratio.low * spread.low,
      typical: rawG * ratio.typical,
      high: rawG * ratio.high * spread.high,
    },
    leftovers: route.leftovers.map(({ what, ingredientId, perRawG, unit, keepDays, nextUse }) => ({
      what,
      ingredient: ingredientId,
      unit,
      ...times(perRawG, rawG),
      keepDays,
      nextUse,
    })),
    steps: route.steps.map((step) => ({
      label: step.label,
      handsOnMin: Math.max(
        1,
        Math.round(step.handsOnMin + ((step.handsOnMinPerKg ?? 0) * rawG) / 1000),
      ),
      waitMin: step.waitMin ?? 0,
      uses: step.uses ?? {},
    })),
    cautions: route.cautions,
  };
}

/** How much raw gives so many grams ready, by the typical yield. */
export function rawFor(route: Route, readyG: number): number {
  return readyG / route.ratio.typical;
}
