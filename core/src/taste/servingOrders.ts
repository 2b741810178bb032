import { seeded, shuffled } from '../statistics/random';

/**
 * Orders in which each sample stands at each place equally often and follows each other one equally often.
 *
 * @param samples how many, 1 or more
 * @returns orders of 0 … samples − 1: as many as samples where they are even in number, else twice as many
 * @see Williams (1949), Australian Journal of Scientific Research A 2
 */
export function williamsOrders(samples: number): number[][] {
  // 0, 1, n−1, 2, n−2, …: every step between neighbours is another one
  const first = Array.from({ length: samples }, (_, i) =>
    i % 2 === 1 ? (i + 1) / 2 : (samples - i / 2) % samples,
  );
  const square = first.map((_, shift) => first.map((one) => (one + shift) % samples));
  return samples % 2 === 0 || samples === 1
    ? square
    : [...square, ...square.map((order) => [...order].reverse())];
}

/** Three figures, none of them naught at the head or twice: nothing to prefer in a number. */
export const blindCodes: readonly string[] = Array.from({ length: 900 }, (_, i) =>
  String(i + 100),
).filter((code) => new Set(code).size === 3);

/** Who is served what, in which order, under which code. */
export interface ServingPlan {
  /** The code of each sample, in the samples' order. */
  codes: string[];
  /** For each taster the samples by place, in the order they are served. */
  orders: number[][];
}

/**
 * Plans a tasting: random codes, and serving orders from Williams squares, each used as often as the others before any comes again.
 *
 * @param samples 1–8
 * @param tasters 1 or more
 * @param seed the same seed gives the same plan
 * @param each how many of them one taster gets, 1–samples: the head of each order, so that over a whole square every sample is served as
 *   often as any other, and at each place as often
 */
export function servingPlan(
  samples: number,
  tasters: number,
  seed: number,
  each = samples,
): ServingPlan {
  const random = seeded(seed);
  const codes = shuffled(blindCodes, random).slice(0, samples);
  // which sample is which column of the square is left to chance
  const names = shuffled(
    Array.from({ length: samples }, (_, i) => i),
    random,
  );
  const square = williamsOrders(samples).map((order) => order.map((one) => names[one] ?? one));
  const orders: number[][] = [];
  while (orders.length < tasters) orders.push(...shuffled(square, random));
  return { codes, orders: orders.slice(0, tasters).map((order) => order.slice(0, each)) };
}
