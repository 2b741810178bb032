import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cellsOf, contourOf, placeOf, sharesAt, type Triangle } from './ternary';

const triangle: Triangle = { width: 200, height: 180, edge: 20 };

describe('the map of three', () => {
  test('has all of the first at the top, of the second at the left, of the third at the right', () => {
    expect(placeOf([1, 0, 0], triangle)).toEqual([100, 20]);
    expect(placeOf([0, 1, 0], triangle)).toEqual([20, 160]);
    expect(placeOf([0, 0, 1], triangle)).toEqual([180, 160]);
  });

  test('a place is read as the shares that stand there', () => {
    const part = fc.integer({ min: 0, max: 100 });
    fc.assert(
      fc.property(part, part, part, (a, b, c) => {
        fc.pre(a + b + c > 0);
        const shares = [a, b, c].map((one) => one / (a + b + c));
        const read = sharesAt(placeOf(shares, triangle), triangle);
        read.forEach((one, i) => expect(one).toBeCloseTo(shares[i] ?? 0, 9));
      }),
    );
  });

  test('a place outside is read as the nearest in it, never less than nothing', () => {
    const any = fc.double({ min: -300, max: 500, noNaN: true });
    fc.assert(
      fc.property(any, any, (x, y) => {
        const read = sharesAt([x, y], triangle);
        for (const one of read) expect(one).toBeGreaterThanOrEqual(-1e-9);
        expect(read.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
      }),
    );
  });

  test('is cut into the square of its steps, fewer where nothing can be said', () => {
    expect(cellsOf(6, triangle, () => 1)).toHaveLength(36);
    expect(cellsOf(6, triangle, ([a = 0]) => (a > 0.5 ? null : a))).toHaveLength(36 - 9);
  });

  test('a level of a plane is a straight line where it stands', () => {
    const cells = cellsOf(10, triangle, ([a = 0]) => a);
    const pieces = contourOf(cells, 0.25);
    expect(pieces.length).toBeGreaterThan(5);
    for (const [x, y] of pieces.flat()) {
      expect(y).toBeCloseTo(20 + 140 * 0.75, 9);
      expect(x).toBeGreaterThan(20);
    }
    expect(contourOf(cells, 2)).toEqual([]);
  });
});
