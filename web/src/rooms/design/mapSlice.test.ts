import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sliceOf, withShare } from './mapSlice';

const limits = [
  { min: 0.1, max: 0.5 },
  { min: 0.2, max: 0.7 },
  { min: 0, max: 0.4 },
  { min: 0.05, max: 0.3 },
];

describe('a slice through a mixture of four', () => {
  const slice = sliceOf(limits, [0, 1, 2], [0.25, 0.4, 0.15, 0.2]);

  test('holds what is not drawn, and what is drawn adds up to the rest: by hand', () => {
    // 1 less 0.2 held less 0.1 and 0.2 at least: half is free
    expect(slice.real([1, 0, 0])).toEqual([
      expect.closeTo(0.6, 9),
      expect.closeTo(0.2, 9),
      expect.closeTo(0, 9),
      0.2,
    ]);
    expect(slice.atCorner(1)).toBeCloseTo(0.7, 9);
    expect(slice.within(slice.real([1, 0, 0]))).toBe(false);
    expect(slice.within(slice.real([0.5, 0.4, 0.1]))).toBe(true);
    expect(slice.inner([0.35, 0.4, 0.05])).toEqual(
      [0.5, 0.4, 0.1].map((one) => expect.closeTo(one, 9)),
    );
  });

  test('a trial lies as far off as the held ones differ', () => {
    expect(slice.off([0.3, 0.4, 0.1, 0.2])).toBeCloseTo(0, 9);
    expect(slice.off([0.3, 0.4, 0.05, 0.25])).toBeCloseTo(0.05, 9);
  });
});

describe('one share set by hand', () => {
  test('the others give way by what each still can: by hand', () => {
    // the first goes up by 0.1; the others can give 0.3 − 0.2, 0.3 and 0.1 − 0.05: 0.1, 0.3, 0.05 of 0.45
    const next = withShare([0.3, 0.3, 0.3, 0.1], 0, 0.4, limits);
    expect(next).toEqual(
      [0.4, 0.3 - 0.1 * (0.1 / 0.45), 0.3 - 0.1 * (0.3 / 0.45), 0.1 - 0.1 * (0.05 / 0.45)].map(
        (one) => expect.closeTo(one, 9),
      ),
    );
  });

  test('stays within every limit and adds up to one, whatever is asked', () => {
    const from = [0.3, 0.4, 0.2, 0.1];
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3 }),
        fc.double({ min: -1, max: 2, noNaN: true }),
        fc.integer({ min: 0, max: 3 }),
        fc.double({ min: -1, max: 2, noNaN: true }),
        (first, one, second, other) => {
          const next = withShare(withShare(from, first, one, limits), second, other, limits);
          expect(next.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
          next.forEach((share, i) => {
            expect(share).toBeGreaterThanOrEqual((limits[i]?.min ?? 1) - 1e-9);
            expect(share).toBeLessThanOrEqual((limits[i]?.max ?? 0) + 1e-9);
          });
        },
      ),
    );
  });
});
