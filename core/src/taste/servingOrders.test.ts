import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { servingPlan, williamsOrders } from './servingOrders';

/** How often each comes. */
function counts(keys: readonly string[]): Map<string, number> {
  const found = new Map<string, number>();
  for (const key of keys) found.set(key, (found.get(key) ?? 0) + 1);
  return found;
}

describe('serving orders', () => {
  test.each([1, 2, 3, 4, 5, 6, 7, 8])(
    'of %d samples: each at each place and after each other one equally often',
    (samples) => {
      const orders = williamsOrders(samples);
      expect(orders).toHaveLength(samples % 2 === 0 || samples === 1 ? samples : 2 * samples);
      for (const order of orders) expect(new Set(order).size).toBe(samples);
      const places = counts(orders.flatMap((order) => order.map((one, at) => `${one} at ${at}`)));
      expect(places.size).toBe(samples * samples);
      expect(new Set(places.values()).size).toBe(1);
      const follows = counts(
        orders.flatMap((order) => order.slice(1).map((one, i) => `${one} after ${order[i]}`)),
      );
      expect(follows.size).toBe(samples * (samples - 1));
      expect(new Set(follows.values()).size).toBeLessThanOrEqual(1);
    },
  );

  test('a plan is the same for its seed, its codes three figures that tell nothing', () => {
    const sizes = [fc.integer({ min: 1, max: 8 }), fc.integer({ min: 1, max: 60 })] as const;
    fc.assert(
      fc.property(...sizes, fc.nat(10_000), (samples, tasters, seed) => {
        const plan = servingPlan(samples, tasters, seed);
        expect(servingPlan(samples, tasters, seed)).toEqual(plan);
        expect(new Set(plan.codes).size).toBe(samples);
        for (const code of plan.codes) {
          expect(code).toMatch(/^[1-9]\d\d$/);
          expect(new Set(code).size).toBe(3);
        }
        expect(plan.orders).toHaveLength(tasters);
        // first places are shared out as evenly as they can be
        const first = [...counts(plan.orders.map((order) => String(order[0]))).values()];
        const rounds = samples % 2 === 0 || samples === 1 ? 1 : 2;
        expect(Math.max(...first) - tasters / samples).toBeLessThanOrEqual(rounds);
      }),
    );
    expect(servingPlan(4, 8, 1).orders).not.toEqual(servingPlan(4, 8, 2).orders);
  });

  test.each([
    [4, 2],
    [5, 3],
    [6, 4],
    [8, 3],
  ])(
    'of %d samples, %d to a taster: over a whole square each as often as the others, at each place too',
    (samples, each) => {
      const square = williamsOrders(samples).length;
      const { orders } = servingPlan(samples, 2 * square, 7, each);
      for (const order of orders) {
        expect(order).toHaveLength(each);
        expect(new Set(order).size).toBe(each);
      }
      const places = counts(orders.flatMap((order) => order.map((one, at) => `${one} at ${at}`)));
      expect(places.size).toBe(samples * each);
      expect(new Set(places.values()).size).toBe(1);
    },
  );
});
