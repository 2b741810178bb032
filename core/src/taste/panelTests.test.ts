import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../statistics/random';
import { groupsP, holm, pairedP } from './exactPermutation';
import { friedman } from './friedman';

/** Marks whose ranks are given: the same as the ranks. */
const ranked = (...rows: number[][]) => rows;

describe('Friedman’s test agrees with its printed table', () => {
  test.each([
    ['three by four, all alike', ranked([1, 2, 3], [1, 2, 3], [1, 2, 3], [1, 2, 3]), 8, 0.0046],
    ['three by four', ranked([1, 2, 3], [1, 2, 3], [1, 2, 3], [2, 1, 3]), 6.5, 0.042],
    [
      'three by five',
      ranked([1, 2, 3], [1, 2, 3], [1, 2, 3], [1, 3, 2], [2, 1, 3]),
      ...([6.4, 0.039] as const),
    ],
    ['four by three, all alike', ranked([1, 2, 3, 4], [1, 2, 3, 4], [1, 2, 3, 4]), 9, 0.0017],
    ['four by three', ranked([1, 2, 3, 4], [1, 2, 3, 4], [1, 3, 2, 4]), 8.2, 0.017],
  ])('%s', (_, blocks, statistic, p) => {
    const told = friedman(blocks);
    expect(told?.statistic).toBeCloseTo(statistic, 9);
    expect(told?.exact).toBe(true);
    expect(told?.p).toBeCloseTo(p, p < 0.01 ? 4 : 3);
  });

  test('with two samples it is the sign test', () => {
    const told = friedman(Array.from({ length: 6 }, () => [7, 4]));
    expect(told?.statistic).toBeCloseTo(6, 9);
    expect(told?.p).toBeCloseTo(2 / 64, 12);
  });

  test('who tells none apart adds nothing, and nobody told says nothing', () => {
    expect(
      friedman([
        [5, 5, 5],
        [6, 6, 6],
      ]),
    ).toBeNull();
    const some = ranked([1, 2, 3], [1, 2, 3], [2, 1, 3]);
    const more = friedman([...some, [4, 4, 4]]);
    expect(more?.statistic).toBeCloseTo(friedman(some)?.statistic ?? 0, 9);
    expect(more?.p).toBeCloseTo(friedman(some)?.p ?? 0, 9);
  });

  test('large panels are approximated, and near the exact value where both are known', () => {
    const random = seeded(5);
    const blocks = Array.from({ length: 60 }, () =>
      Array.from({ length: 7 }, () => Math.floor(random() * 9) + 1),
    );
    expect(friedman(blocks)?.exact).toBe(false);
  });

  test('the order of tasters, samples and the scale do not matter', () => {
    const marks = fc.array(
      fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 3 }),
      {
        ...{ minLength: 2, maxLength: 6 },
      },
    );
    fc.assert(
      fc.property(marks, (blocks) => {
        const told = friedman(blocks);
        const turned = friedman(
          [...blocks].reverse().map((row) => [...row].reverse().map((mark) => mark * mark)),
        );
        expect(turned?.p ?? null).toEqual(told === null ? null : expect.closeTo(told.p, 9));
      }),
    );
  });
});

describe('exact permutation, by hand', () => {
  test('pairs: every sign counted', () => {
    expect(pairedP([1, 1, 1, 1, 1, 1])).toBeCloseTo(2 / 64, 12);
    expect(pairedP([5, 1, 1])).toBeCloseTo(2 / 8, 12);
    expect(pairedP([5, 1, -1])).toBeCloseTo(6 / 8, 12);
    expect(pairedP([])).toBe(1);
  });

  test('groups: every choice counted', () => {
    expect(groupsP([1, 2], [8, 9])).toBeCloseTo(2 / 6, 12);
    expect(groupsP([4, 5, 4, 5], [7, 8, 7, 8, 7])).toBeCloseTo(1 / 126, 12);
    expect(groupsP([], [5])).toBe(1);
    expect(groupsP([5, 5], [5])).toBe(1);
  });

  test('Holm’s steps never fall', () => {
    expect(holm([0.01, 0.04, 0.03])).toEqual([
      expect.closeTo(0.03, 12),
      expect.closeTo(0.06, 12),
      expect.closeTo(0.06, 12),
    ]);
  });

  test('of 2,000 panels with nothing to tell, at most one in twenty is said to differ', () => {
    const random = seeded(11);
    let [pairsSaid, ranksSaid] = [0, 0];
    for (let panel = 0; panel < 2000; panel += 1) {
      const blocks = Array.from({ length: 7 }, () => {
        const own = 6 + normal(random);
        return Array.from({ length: 3 }, () =>
          Math.min(9, Math.max(1, Math.round(own + 1.2 * normal(random)))),
        );
      });
      const pairs = [
        [0, 1],
        [0, 2],
        [1, 2],
      ].map(([a = 0, b = 0]) => pairedP(blocks.map((row) => (row[a] ?? 0) - (row[b] ?? 0))));
      if (holm(pairs).some((p) => p <= 0.05)) pairsSaid += 1;
      if ((friedman(blocks)?.p ?? 1) <= 0.05) ranksSaid += 1;
    }
    expect(pairsSaid / 2000).toBeLessThanOrEqual(0.05);
    expect(ranksSaid / 2000).toBeLessThanOrEqual(0.05);
    // and the tests are not so shy that they never say it
    expect(ranksSaid).toBeGreaterThan(20);
  });
});
