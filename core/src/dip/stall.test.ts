import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { analyse } from './analyse';
import { stallsOn } from '../kitchen/machines';
import { defaultKit, kitMachine } from '../kitchen/kit';
import type { Part } from '../mix/part';
import { leastReorder, mostElements } from './leastReorder';
import { throughStall, type WayStep } from './throughStall';

const conditions = conditionsOf();
const jug = kitMachine(defaultKit, 'jug-blender');

function permutations(n: number): number[][] {
  if (n === 0) return [[]];
  return permutations(n - 1).flatMap((rest) =>
    Array.from({ length: n }, (_, at) => [...rest.slice(0, at), n - 1, ...rest.slice(at)]),
  );
}

const inversions = (order: readonly number[]) =>
  order.reduce((sum, a, i) => sum + order.slice(i + 1).filter((b) => b < a).length, 0);

describe('the least reordering', () => {
  test('is what trying every order finds', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 0 }), (n, seed) => {
        const full = (1 << n) - 1;
        // an arbitrary but fixed set of forbidden subsets, never the whole
        const allowed = (subset: number) =>
          subset === full || ((subset * 2_654_435_761 + seed) >>> 7) % 3 !== 0;
        const fits = (order: readonly number[]) => {
          let subset = 0;
          return order.every((one) => allowed((subset |= 1 << one)));
        };
        const possible = permutations(n).filter(fits);
        const found = leastReorder(n, allowed);
        if (possible.length === 0) {
          expect(found).toBeNull();
          return;
        }
        expect(found?.inversions).toBe(Math.min(...possible.map(inversions)));
        expect(inversions(found?.order ?? [])).toBe(found?.inversions);
        expect(fits(found?.order ?? [])).toBe(true);
      }),
    );
  });

  test('leaves an order alone that is allowed', () => {
    expect(leastReorder(4, () => true)).toEqual({ order: [0, 1, 2, 3], inversions: 0 });
    expect(leastReorder(0, () => true)).toEqual({ order: [], inversions: 0 });
    expect(() => leastReorder(mostElements + 1, () => true)).toThrow(RangeError);
  });
});

/** A way walked again with the whole model: whether the jug stalls anywhere on it. */
function walks(parts: readonly Part[], way: readonly WayStep[]): boolean {
  const ordered = way.flatMap(({ index, share }): Part[] => {
    const one = parts[index];
    return one ? [{ ...one, massG: one.massG * share }] : [];
  });
  return analyse(ordered, conditionsOf()).path.every(
    ({ body, state }) => !stallsOn(jug, body, state === 'crumbs'),
  );
}

const massOf = (parts: readonly Part[], way: readonly WayStep[]) =>
  way.reduce((sum, { index, share }) => sum + share * (parts[index]?.massG ?? 0), 0);

describe('through a stall', () => {
  const seizing = [
    part('tahini-hulled', 80),
    part('lemon-juice', 15),
    part('water', 60),
    part('chickpeas-canned-drained', 310),
    part('chickpea-can-liquid', 60),
  ];

  test('the order found stalls nowhere and holds everything', () => {
    const found = throughStall({ parts: seizing, machine: jug, conditions });
    expect(found.stallsAt).toEqual([1]);
    expect(found.exhaustive).toBe(true);
    const order = found.order ?? [];
    expect(order.map(({ index }) => index).sort()).toEqual([0, 1, 2, 3, 4]);
    expect(walks(seizing, order)).toBe(true);
    // one pair turned round is enough: the water before the lemon, or the lemon before the tahini
    expect(inversions(order.map(({ index }) => index))).toBe(1);
  });

  test('what stalls nowhere, and a tool that never does, need nothing', () => {
    const soft = [part('water', 100), part('chickpeas-canned-drained', 200)];
    expect(throughStall({ parts: soft, machine: jug, conditions })).toMatchObject({
      stallsAt: [],
      order: null,
      split: null,
    });
    const mortar = kitMachine(defaultKit, 'mortar');
    expect(throughStall({ parts: seizing, machine: mortar, conditions }).stallsAt).toEqual([]);
  });

  test('what is too stiff as a whole goes through in no order', () => {
    const stiff = [part('chickpeas-cooked', 300), part('parmesan-style', 80)];
    const found = throughStall({ parts: stiff, machine: jug, conditions });
    expect(found).toMatchObject({ wholeStalls: true, order: null, split: null });
  });

  test('a liquid in two goes is offered where it turns round fewer pairs', () => {
    const late = [
      part('chickpeas-cooked', 200),
      part('tahini-hulled', 60),
      part('parmesan-style', 30),
      part('sea-salt-fine', 3),
      part('cumin-ground', 2),
      part('water', 160),
    ];
    const found = throughStall({ parts: late, machine: jug, conditions });
    expect(found.stallsAt.length).toBeGreaterThan(0);
    for (const way of [found.order, found.split]) {
      if (!way) continue;
      expect(walks(late, way)).toBe(true);
      expect(massOf(late, way)).toBeCloseTo(455, 6);
    }
    expect(found.order ?? found.split).not.toBeNull();
  });

  test('with more additions than can all be tried says so, and still holds everything', () => {
    const spices = ['cumin-ground', 'paprika-smoked', 'black-pepper', 'turmeric', 'cayenne'];
    const herbs = ['parsley', 'mint', 'dill', 'chives'];
    const many = [
      ...seizing,
      ...spices.map((id) => part(id, 0.5)),
      ...herbs.map((id) => part(id, 4)),
      part('garlic-raw', 4),
    ];
    const found = throughStall({ parts: many, machine: jug, conditions });
    expect(found.exhaustive).toBe(false);
    expect(new Set(found.order?.map(({ index }) => index)).size).toBe(many.length);
    expect(walks(many, found.order ?? [])).toBe(true);
  });

  test('what is folded in or strewn on top is no part of it', () => {
    const garnished = [...seizing, part('capers', 20, 'fold'), part('parsley', 5, 'top')];
    const found = throughStall({ parts: garnished, machine: jug, conditions });
    expect(found.order?.length).toBe(5);
  });
});

test('what goes in at once meets the machine only as a whole', () => {
  // tahini seizes with lemon, water breaks it: the whole is loose
  const parts = [
    part('tahini-hulled', 80),
    part('lemon-juice', 15),
    part('water', 90),
    part('chickpeas-canned-drained', 240),
  ];
  const at = (method: Parameters<typeof conditionsOf>[0]) =>
    throughStall({ parts, machine: jug, conditions: conditionsOf(method) });
  const usual = { grind: 'normal', overrunPct: 0 } as const;
  expect(at({ method: usual }).stallsAt).toContain(1);
  expect(at({ method: { ...usual, atOnce: true } })).toMatchObject({
    stallsAt: [],
    wholeStalls: false,
  });
  // a whole that is too stiff stalls either way
  const dry = { parts: parts.slice(0, 2), machine: jug };
  expect(
    throughStall({ ...dry, conditions: conditionsOf({ method: { ...usual, atOnce: true } }) }),
  ).toMatchObject({ stallsAt: [1], wholeStalls: true });
});
