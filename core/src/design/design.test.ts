import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { determinant, Matrix } from 'ml-matrix';
import { dOptimal } from './dOptimal';
import {
  candidatePoints,
  extremeVertices,
  reachableLimits,
  type ShareLimits,
} from './mixtureRegion';
import { mixtureModels, modelTerms, termCount } from './mixtureModel';

const free = (q: number): ShareLimits[] => Array.from({ length: q }, () => ({ min: 0, max: 1 }));
const sorted = (points: number[][]) => points.map((point) => point.map((x) => x.toFixed(4)).join());

describe('the region of a mixture', () => {
  test('without limits its corners are the pure ones', () => {
    expect(sorted(extremeVertices(free(3))).sort()).toEqual(
      ['1.0000,0.0000,0.0000', '0.0000,1.0000,0.0000', '0.0000,0.0000,1.0000'].sort(),
    );
  });

  test('with limits, by hand: a pulse, tahini and oil', () => {
    const limits = [
      { min: 0.5, max: 0.8 },
      { min: 0.1, max: 0.4 },
      { min: 0.05, max: 0.2 },
    ];
    expect(sorted(extremeVertices(limits)).sort()).toEqual(
      [
        '0.8000,0.1000,0.1000',
        '0.8000,0.1500,0.0500',
        '0.5000,0.4000,0.1000',
        '0.5500,0.4000,0.0500',
        '0.7000,0.1000,0.2000',
        '0.5000,0.3000,0.2000',
      ].sort(),
    );
  });

  test('limits that can’t add up are told, and those out of reach are drawn in', () => {
    expect(
      reachableLimits([
        { min: 0.7, max: 0.9 },
        { min: 0.4, max: 1 },
      ]),
    ).toBeNull();
    expect(
      reachableLimits([
        { min: 0, max: 0.3 },
        { min: 0, max: 0.3 },
      ]),
    ).toBeNull();
    expect(
      reachableLimits([
        { min: 0, max: 1 },
        { min: 0.2, max: 0.6 },
      ]),
    ).toEqual([
      { min: expect.closeTo(0.4, 12), max: expect.closeTo(0.8, 12) },
      { min: 0.2, max: 0.6 },
    ]);
  });

  test('every candidate adds up to one inside the limits', () => {
    const limit = fc
      .tuple(
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
      )
      .map(([min, wide]) => ({ min, max: Math.min(1, min + wide) }));
    fc.assert(
      fc.property(fc.array(limit, { minLength: 2, maxLength: 5 }), (limits) => {
        const points = candidatePoints(limits);
        expect(points.length > 0).toBe(reachableLimits(limits) !== null);
        for (const point of points) {
          expect(point.reduce((sum, x) => sum + x, 0)).toBeCloseTo(1, 9);
          point.forEach((x, i) => {
            expect(x).toBeGreaterThanOrEqual((limits[i]?.min ?? 0) - 1e-7);
            expect(x).toBeLessThanOrEqual((limits[i]?.max ?? 1) + 1e-7);
          });
        }
      }),
    );
  });
});

describe('models of a mixture', () => {
  test('with figures varied beside it, terms by hand', () => {
    expect(modelTerms('linear', [0.6, 0.4], [0.5])).toEqual([0.6, 0.4, 0.5]);
    // shares, their product; then of each level its slope in each share, its square and its product with the next
    expect(modelTerms('quadratic', [0.6, 0.4], [0.5, 1])).toEqual(
      [0.6, 0.4, 0.24, 0.3, 0.2, 0.25, 0.5, 0.6, 0.4, 1].map((x) => expect.closeTo(x, 12)),
    );
    expect(termCount('quadratic', 3, 1)).toBe(6 + 3 + 1);
  });

  test('terms by hand', () => {
    expect(modelTerms('special-cubic', [0.5, 0.3, 0.2])).toEqual(
      [0.5, 0.3, 0.2, 0.15, 0.1, 0.06, 0.03].map((x) => expect.closeTo(x, 12)),
    );
    expect(mixtureModels.map((model) => termCount(model, 4))).toEqual([4, 10, 14]);
  });
});

describe('trials that tell most', () => {
  test('three components, quadratic, six trials: Scheffé’s simplex lattice, and nothing tells more', () => {
    const points = candidatePoints(free(3));
    const { chosen, efficiency } = dOptimal(
      points.map((point) => modelTerms('quadratic', point)),
      ...([6, 3] as const),
    );
    const lattice = ['1,0,0', '0,1,0', '0,0,1', '0.5,0.5,0', '0.5,0,0.5', '0,0.5,0.5'];
    expect(chosen.map((at) => points[at]?.join()).sort()).toEqual(lattice.sort());
    expect(efficiency).toBeCloseTo(1, 3);
  });

  test('a linear model of two is known best from its ends, each done as often', () => {
    const points = candidatePoints(free(2));
    const { chosen } = dOptimal(
      points.map((point) => modelTerms('linear', point)),
      6,
      1,
    );
    const ends = chosen.map((at) => points[at]?.[0]);
    expect(ends.filter((x) => x === 1)).toHaveLength(3);
    expect(ends.filter((x) => x === 0)).toHaveLength(3);
  });

  test('no other choice that is drawn tells more, and the same seed gives the same', () => {
    const limits = [
      { min: 0.5, max: 0.8 },
      { min: 0.1, max: 0.4 },
      { min: 0.05, max: 0.2 },
    ];
    const rows = candidatePoints(limits).map((point) => modelTerms('quadratic', point));
    const told = (chosen: readonly number[]) => {
      const x = new Matrix(chosen.map((at) => [...(rows[at] ?? [])]));
      return determinant(x.transpose().mmul(x));
    };
    const design = dOptimal(rows, 8, 2);
    expect(dOptimal(rows, 8, 2)).toEqual(design);
    expect(design.efficiency).toBeGreaterThan(0.9);
    expect(design.efficiency).toBeLessThanOrEqual(1);
    const best = told(design.chosen);
    fc.assert(
      fc.property(
        fc.array(fc.nat(rows.length - 1), { minLength: 8, maxLength: 8 }),
        (chosen) => told(chosen) <= best * (1 + 1e-6),
      ),
      { numRuns: 400 },
    );
    expect(() => dOptimal(rows, 5, 1)).toThrow(RangeError);
  });
});
