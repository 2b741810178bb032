import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { keySteps, movedEnd } from './movedEnd';

const limits = { from: 3, to: 11, step: 0.1 };
const band = { low: 6.4, high: 7.6 };

describe('an end of a band', () => {
  test('moves on whole steps and leaves the other where it is', () => {
    expect(movedEnd(band, 'low', 6.518, limits)).toEqual({ low: 6.5, high: 7.6 });
    expect(movedEnd(band, 'high', 8.04, limits)).toEqual({ low: 6.4, high: 8 });
  });

  test('stops at the axis and four steps short of the other end', () => {
    expect(movedEnd(band, 'low', 9, limits).low).toBe(7.2);
    expect(movedEnd(band, 'high', 2, limits).high).toBe(6.8);
    expect(movedEnd(band, 'low', -Infinity, limits).low).toBe(3);
    expect(movedEnd(band, 'high', Infinity, limits).high).toBe(11);
  });

  test('stays open at the end of the axis, and closes when it is moved off it', () => {
    const open = { low: null, high: 7.6 };
    expect(movedEnd(open, 'low', 2, limits).low).toBeNull();
    expect(movedEnd(open, 'low', 5, limits).low).toBe(5);
    expect(movedEnd({ low: 6.4, high: null }, 'high', 12, limits).high).toBeNull();
  });

  test('whatever is dragged, a band that was wide enough stays so and on its axis', () => {
    const tenth = (least: number, most: number) =>
      fc.integer({ min: least, max: most }).map((n) => n / 10);
    const bands = fc
      .tuple(tenth(30, 100), tenth(4, 80))
      .map(([low, wide]) => ({ low, high: Number(Math.min(11, low + wide).toFixed(1)) }))
      .filter(({ low, high }) => high - low > 0.39);
    fc.assert(
      fc.property(
        bands,
        fc.constantFrom('low' as const, 'high' as const),
        fc.double({ min: -20, max: 30, noNaN: true }),
        (start, end, value) => {
          const { low, high } = movedEnd(start, end, value, limits);
          expect((high ?? 0) - (low ?? 0)).toBeGreaterThan(0.399);
          expect(low).toBeGreaterThanOrEqual(3);
          expect(high).toBeLessThanOrEqual(11);
        },
      ),
    );
  });

  test('keys: arrows one step, pages ten, Home and End all the way', () => {
    expect(['ArrowUp', 'ArrowLeft', 'PageDown', 'End', 'a'].map(keySteps)).toEqual([
      1,
      -1,
      -10,
      Infinity,
      null,
    ]);
  });
});
