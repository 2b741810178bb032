import { describe, expect, test } from '@jest/globals';
import { fTail } from '../statistics/distributions';
import { normal, seeded } from '../statistics/random';
import { lackOfFit } from './lackOfFit';
import { fitPolynomial, type TrialResult } from './polynomialFit';

describe('Fisher’s F', () => {
  // upper 5 % and 1 % points of printed tables
  test.each([
    [161.448, 1, 1, 0.05],
    [4.965, 1, 10, 0.05],
    [3.326, 5, 10, 0.05],
    [5.636, 5, 10, 0.01],
    [3.098, 3, 20, 0.05],
    [4.938, 3, 20, 0.01],
  ])('at least %p with %p and %p degrees of freedom: %p', (value, over, under, p) => {
    expect(fTail(value, over, under)).toBeCloseTo(p, 4);
  });

  test('of one degree over many is Student’s t squared, and of nothing it is sure', () => {
    // t above 2.228 or below −2.228 at ten degrees: 5 %
    expect(fTail(2.228139 ** 2, 1, 10)).toBeCloseTo(0.05, 5);
    expect(fTail(0, 3, 7)).toBe(1);
  });
});

describe('lack of fit', () => {
  const at = (a: number, y: number): TrialResult => ({ shares: [a, 1 - a], y });
  const said = (results: TrialResult[]) => {
    const fit = fitPolynomial('linear', results);
    return lackOfFit(results, fit?.residuals ?? [], 2);
  };

  test('by hand: a plane through a hump', () => {
    // 0, 0 at one end, 4, 6 in the middle, 1, −1 at the other: the line says 10/6 everywhere
    const told = said([at(0, 0), at(0, 0), at(0.5, 4), at(0.5, 6), at(1, 1), at(1, -1)]);
    // within: 0 + 2 + 2 = 4 over 3; in all 0² + 0² + 4² + 6² + 1² + 1² − 6 · (10/6)² = 54 − 16.667 = 37.333; missed 33.333 over 1
    expect(told?.df).toEqual([1, 3]);
    expect(told?.pureSd).toBeCloseTo(Math.sqrt(4 / 3), 9);
    expect(told?.f).toBeCloseTo(33.3333 / (4 / 3), 3);
    expect(told?.p).toBeCloseTo(fTail(25, 1, 3), 4);
    expect(told?.p).toBeLessThan(0.05);
  });

  test('is not said without a trial done twice, nor where the terms take all there is', () => {
    expect(said([at(0, 1), at(0.5, 2), at(1, 3)])).toBeNull();
    expect(said([at(0, 1), at(0, 2), at(1, 3)])).toBeNull();
  });

  test('a plane that is one is said to miss in about one of twenty', () => {
    const random = seeded(11);
    let missed = 0;
    for (let run = 0; run < 1000; run += 1) {
      const results = [0, 0, 0.3, 0.3, 0.6, 0.6, 1, 1].map((a) => at(a, 3 * a + normal(random)));
      if ((said(results)?.p ?? 1) < 0.05) missed += 1;
    }
    expect(missed).toBeGreaterThan(30);
    expect(missed).toBeLessThan(75);
  });
});
