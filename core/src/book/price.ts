import type { Price } from '../batch/cost';

/** What a pack of something cost, once. */
export interface KeptPrice {
  id: string;
  ingredientId: string;
  /** In the kitchen's own currency. */
  price: number;
  /** As it was written: `100 g`, `1 can`. */
  forAmount: string;
  /** The same in g as it goes in. */
  forG: number;
  /** Where, in the cook's words; may be empty. */
  shop: string;
  /** Local date. */
  on: string;
}

/** Prices of one thing, the latest first. */
export const pricesOf = (prices: Iterable<KeptPrice>, ingredientId: string): KeptPrice[] =>
  [...prices]
    .filter((one) => one.ingredientId === ingredientId)
    .sort((a, b) => b.on.localeCompare(a.on));

/** The latest price of everything that has one, by ingredient. */
export function latestPrices(prices: Iterable<KeptPrice>): Map<string, Price> {
  const found = new Map<string, KeptPrice>();
  for (const one of prices) {
    const known = found.get(one.ingredientId);
    if (!known || known.on <= one.on) found.set(one.ingredientId, one);
  }
  return new Map(
    [...found].map(([ingredient, { price, forG }]) => [ingredient, { ingredient, price, forG }]),
  );
}
