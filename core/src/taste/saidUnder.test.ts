import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { saidUnder } from './saidUnder';

describe('what a verdict says of the dip as it is eaten', () => {
  test('all of it where it is tasted as it is served, with what it is eaten with', () => {
    expect(saidUnder({ atC: 8, eatenWith: 'flatbread' }, 8)).toBe(1);
  });

  test('half of it twenty degrees off, and a little less off the spoon', () => {
    expect(saidUnder({ atC: 28, eatenWith: 'flatbread' }, 8)).toBeCloseTo(0.5, 12);
    expect(saidUnder({ atC: 28, eatenWith: ' ' }, 8)).toBeCloseTo(0.4, 12);
    expect(saidUnder({ atC: null, eatenWith: 'bread' }, 8)).toBeCloseTo(0.8, 12);
  });

  test('always something, never more than all, and less the further off', () => {
    const warm = fc.double({ min: -10, max: 90, noNaN: true });
    fc.assert(
      fc.property(warm, warm, warm, (one, other, served) => {
        const [a, b] = [one, other].map((atC) => saidUnder({ atC, eatenWith: 'bread' }, served));
        expect(a).toBeGreaterThan(0);
        expect(a).toBeLessThanOrEqual(1);
        if (Math.abs(one - served) < Math.abs(other - served)) {
          expect(a).toBeGreaterThanOrEqual(b ?? 2);
        }
      }),
    );
  });
});
