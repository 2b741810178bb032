import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { combineCv, cvOfRange, cvOfWrittenRange, range90 } from './spread';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const grams = fc.double({ min: 0.1, max: 5000, noNaN: true });

describe('the central 90 %', () => {
  test('of a normal-looking 10 % is about 1.645 spreads each way', () => {
    const { low, high } = range90(100, 0.1);
    expect(low).toBeCloseTo(100 * Math.exp(-1.6449 * 0.09975), 1);
    expect(high).toBeCloseTo(100 * Math.exp(1.6449 * 0.09975), 1);
  });

  test('holds the amount and is never below nothing', () => {
    fc.assert(
      fc.property(grams, share, (massG, cv) => {
        const { low, high } = range90(massG, cv);
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(massG * (1 + 1e-12));
        expect(high).toBeGreaterThanOrEqual(massG * (1 - 1e-12));
      }),
    );
  });

  test('of a low–typical–high yield gives its spread back', () => {
    // drained beans of a 400 g can: 230–240–265
    expect(cvOfRange(230, 240, 265)).toBeCloseTo(35 / (2 * 1.6449 * 240), 9);
  });
});

test('a written range spreads evenly between its ends', () => {
  expect(cvOfWrittenRange(3, 3.5, 4)).toBeCloseTo(1 / Math.sqrt(12) / 3.5, 9);
  expect(cvOfWrittenRange(0, 0, 0)).toBe(0);
});

test('independent spreads add as squares', () => {
  expect(combineCv(0.3, 0.4)).toBeCloseTo(0.5, 9);
  fc.assert(
    fc.property(share, share, (a, b) => {
      const both = combineCv(a, b);
      expect(both).toBeGreaterThanOrEqual(Math.max(a, b) - 1e-12);
      expect(both).toBeLessThanOrEqual(a + b + 1e-12);
    }),
  );
});
