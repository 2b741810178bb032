import yieldData from './data/yields.json';
import type { Range } from '../statistics/range';

/** What a raw thing gives, as a share, a loss, a count or an amount, as its measure says. */
export interface Yield {
  measure: string;
  low: number;
  typical: number;
  high: number;
}

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

/** A share as a range, and what several of them in a row come to. */
export function ratioOf(...inTurn: readonly Yield[]): Range {
  const product = { low: 1, typical: 1, high: 1 };
  for (const { measure, low, typical, high } of inTurn) {
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
