import type { Range } from '../statistics/range';
import type { Yield } from './pulses';

/** What a step of preparation or making keeps busy from its start to its end. */
export interface Uses {
  oven?: { tempC: number };
  hob?: number;
  processor?: number;
  bowl?: number;
  fridge?: number;
}

/** One step: hands on at its beginning, then waiting; minutes. */
export interface PrepStep {
  label: string;
  handsOnMin: number;
  waitMin: number;
  uses: Uses;
}

/** What is left over when a thing is made ready, for each gram of it raw. */
export interface RouteLeftover {
  what: string;
  /** What it is in the larder; null where it is not in it. */
  ingredientId: string | null;
  perRawG: Range;
  unit: 'g' | 'ml';
  keepDays: number;
  nextUse: string;
}

/** A step of a route: its hands-on time grows with the mass. */
export interface RouteStep {
  label: string;
  handsOnMin: number;
  handsOnMinPerKg?: number;
  waitMin?: number;
  uses?: Uses;
}

/** One way from raw to ready. */
export interface Route {
  /** What it makes, by larder id. */
  to: string;
  /** What it starts from, as a request names it. */
  from: string;
  /** The raw thing in words: `lemons`. */
  raw: string;
  /** g of one piece of it raw, by the words it is counted in; the first is the usual one. */
  pieceG: Readonly<Record<string, Range>>;
  /** Bulk density of the raw thing as measured in a cup, g/ml; left out where nobody measures it so. */
  rawGPerMl?: number;
  /** g ready for each g raw. */
  ratio: Range;
  steps: RouteStep[];
  leftovers: RouteLeftover[];
  cautions: string[];
}

/** A share as a range, and what several of them in a row come to. */
export function ratioOf(...yields: readonly Yield[]): Range {
  const product = { low: 1, typical: 1, high: 1 };
  for (const { measure, low, typical, high } of yields) {
    const loss = /loss/.test(measure);
    product.low *= loss ? 1 - high : low;
    product.typical *= loss ? 1 - typical : typical;
    product.high *= loss ? 1 - low : high;
  }
  return product;
}

/** A range from a middle and how far it goes either side, as a share. */
export function about(typical: number, share = 0.2): Range {
  return { low: typical * (1 - share), typical, high: typical * (1 + share) };
}

/** A range multiplied. */
export function times({ low, typical, high }: Range, factor: number): Range {
  return { low: low * factor, typical: typical * factor, high: high * factor };
}
