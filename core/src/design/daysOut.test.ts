import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../statistics/random';
import { daysOut } from './daysOut';
import type { TrialResult } from './polynomialFit';

const plane = ([a = 0, b = 0, c = 0]: readonly number[]) => 7 * a + 5 * b + 3 * c;
const mixtures = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
  [0.5, 0.5, 0],
  [0.5, 0, 0.5],
  [0, 0.5, 0.5],
  [0.2, 0.3, 0.5],
  [0.6, 0.2, 0.2],
];

describe('what one day was better than another', () => {
  test('is taken out and leaves what the mixtures differ by: two days a point apart', () => {
    const results = mixtures.map((shares, i): TrialResult => {
      const day = 1 + (i % 2);
      return { shares, day, y: plane(shares) + (day === 1 ? 0.5 : -0.5) };
    });
    daysOut(results).forEach(({ y, shares }) => expect(y).toBeCloseTo(plane(shares), 9));
  });

  test('days that did not differ take next to nothing out; whatever they were, the mean stays where days are even', () => {
    const shift = fc.double({ min: -3, max: 3, noNaN: true });
    fc.assert(
      fc.property(shift, fc.integer({ min: 1, max: 1000 }), (by, seed) => {
        const random = seeded(seed);
        const noise = mixtures.map(() => 0.01 * normal(random));
        const results = mixtures.map((shares, i): TrialResult => ({
          ...{ shares, day: 1 + (i % 2) },
          y: plane(shares) + (noise[i] ?? 0) + (i % 2 === 0 ? by : -by),
        }));
        const mean = (list: readonly TrialResult[]) => list.reduce((sum, { y }) => sum + y, 0) / 8;
        const out = daysOut(results);
        expect(mean(out)).toBeCloseTo(mean(results), 9);
        out.forEach(({ y, shares }) => expect(Math.abs(y - plane(shares))).toBeLessThan(0.1));
      }),
    );
  });

  test('a trial alone on its day keeps what it says: nothing tells its day from its mixture', () => {
    const two = mixtures.map((shares, i): TrialResult => {
      const day = 1 + (i % 2);
      return { shares, day, y: plane(shares) + (day === 1 ? 0.5 : -0.5) };
    });
    const later: TrialResult = { shares: [0.4, 0.4, 0.2], y: 9 };
    const out = daysOut([...two, later]);
    expect(out.at(-1)?.y).toBeCloseTo(9, 12);
    expect((out[0]?.y ?? 0) - (out[1]?.y ?? 0)).toBeLessThan((two[0]?.y ?? 0) - (two[1]?.y ?? 0));
  });

  test('one day, too few trials, or a day for every mixture change nothing', () => {
    const one = mixtures.map((shares): TrialResult => ({ shares, day: 1, y: plane(shares) }));
    expect(daysOut(one)).toEqual(one);
    const few = one.slice(0, 4).map((result, i) => ({ ...result, day: i }));
    expect(daysOut(few)).toEqual(few);
    // the third component was tried on one day, and that day had nothing else
    const tied = [
      ...[
        [1, 0, 0],
        [0, 1, 0],
        [0.5, 0.5, 0],
        [0.3, 0.7, 0],
      ].map((shares) => ({ shares, day: 1, y: 1 })),
      ...[
        [0, 0, 1],
        [0, 0, 1],
        [0, 0, 1],
      ].map((shares) => ({ shares, day: 2, y: 2 })),
    ];
    expect(daysOut(tied)).toEqual(tied);
  });
});
