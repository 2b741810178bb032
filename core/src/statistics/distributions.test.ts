import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  binomialChance,
  binomialTail,
  chiSquaredTail,
  shareInterval,
  tQuantile,
} from './distributions';
import { incompleteBeta, lnGamma } from './specialFunctions';

describe('distributions agree with printed tables', () => {
  test.each([
    [3.841, 1, 0.05],
    [5.991, 2, 0.05],
    [16.919, 9, 0.05],
    [0.103, 2, 0.95],
    [13.816, 2, 0.001],
  ])('chi-squared %d with %d degrees of freedom has %d above it', (value, df, tail) => {
    expect(chiSquaredTail(value, df)).toBeCloseTo(tail, 3);
  });

  test.each([
    [0.975, 1, 12.706],
    [0.975, 5, 2.571],
    [0.975, 10, 2.228],
    [0.95, 20, 1.725],
    [0.5, 7, 0],
  ])('t below which %d lies with %d degrees of freedom', (p, df, t) => {
    expect(tQuantile(p, df)).toBeCloseTo(t, 3);
  });

  test('Clopper and Pearson’s intervals', () => {
    const [low, high] = shareInterval(0, 10, 0.95);
    expect(low).toBe(0);
    expect(high).toBeCloseTo(0.3085, 4);
    const [from, to] = shareInterval(5, 10, 0.95);
    expect(from).toBeCloseTo(0.1871, 4);
    expect(to).toBeCloseTo(0.8129, 4);
    expect(shareInterval(10, 10, 0.95)[1]).toBe(1);
  });

  test('the gamma function of whole numbers is a factorial, of a half the root of π', () => {
    expect(Math.exp(lnGamma(6))).toBeCloseTo(120, 9);
    expect(Math.exp(lnGamma(0.5))).toBeCloseTo(Math.sqrt(Math.PI), 12);
  });
});

describe('properties', () => {
  test('a tail is the sum of its chances', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        fc.nat(60),
        (n, p, from) => {
          let sum = 0;
          for (let k = from; k <= n; k += 1) sum += binomialChance(k, n, p);
          expect(binomialTail(from, n, p)).toBeCloseTo(sum, 9);
        },
      ),
    );
  });

  test('the incomplete beta function is one less its mirror', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        fc.double({ min: 0.3, max: 40, noNaN: true }),
        fc.double({ min: 0.3, max: 40, noNaN: true }),
        (x, a, b) => {
          expect(incompleteBeta(x, a, b) + incompleteBeta(1 - x, b, a)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});
