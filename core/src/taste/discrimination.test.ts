import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { binomialChance } from '../statistics/distributions';
import { normal, seeded } from '../statistics/random';
import { discrimination, testKinds, trianglePc } from './discrimination';
import { leastShown, neededCorrect, tastersNeeded } from './panelSize';

describe('one question asked of many', () => {
  test('triangles by hand and by the printed table', () => {
    // five or six right of six: 6 · 2 + 1 of 3⁶
    expect(discrimination('triangle', 6, 5).p).toBeCloseTo(13 / 729, 12);
    expect(discrimination('triangle', 12, 8).p).toBeCloseTo(0.0188, 4);
    expect(discrimination('triangle', 12, 7).p).toBeCloseTo(0.0664, 4);
  });

  test('a preference has two sides, a direction one', () => {
    expect(discrimination('paired-directed', 10, 9).p).toBeCloseTo(11 / 1024, 12);
    expect(discrimination('paired', 10, 9).p).toBeCloseTo(22 / 1024, 12);
    expect(discrimination('paired', 10, 1).p).toBeCloseTo(22 / 1024, 12);
    expect(discrimination('paired', 10, 5).p).toBe(1);
  });

  test('d′ of a pair is the printed one, and a triangle’s is what draws of three say', () => {
    // 76.02 % right in a pair is a distance of one
    expect(discrimination('paired-directed', 10_000, 7602).dPrime).toBeCloseTo(1, 2);
    expect(trianglePc(0)).toBeCloseTo(1 / 3, 6);
    expect(trianglePc(1)).toBeCloseTo(0.418, 3);
    expect(trianglePc(2)).toBeCloseTo(0.605, 3);
    const random = seeded(3);
    for (const d of [0.7, 1.6, 2.8]) {
      let right = 0;
      const draws = 40_000;
      for (let i = 0; i < draws; i += 1) {
        const [one, same, odd] = [normal(random), normal(random), d + normal(random)];
        const alike = Math.abs(one - same);
        if (alike < Math.abs(one - odd) && alike < Math.abs(same - odd)) right += 1;
      }
      expect(Math.abs(right / draws - trianglePc(d))).toBeLessThan(0.01);
    }
  });

  test('the interval holds the distance, and closes in with more tasters', () => {
    const small = discrimination('triangle', 12, 8);
    const large = discrimination('triangle', 120, 80);
    for (const { low, dPrime, high } of [small, large]) {
      expect(low).toBeLessThan(dPrime);
      expect(high).toBeGreaterThan(dPrime);
    }
    expect(large.high - large.low).toBeLessThan(small.high - small.low);
    expect(discrimination('triangle', 12, 2).dPrime).toBe(0);
  });
});

describe('what so few can show', () => {
  test.each([
    ['triangle', 6, 5],
    ['triangle', 12, 8],
    ['triangle', 24, 13],
    ['triangle', 30, 15],
    ['paired', 10, 9],
    ['paired', 20, 15],
    ['paired-directed', 20, 15],
  ] as const)('%s with %d tasters needs %d', (kind, n, needed) => {
    expect(neededCorrect(kind, n)).toBe(needed);
  });

  test('two tasters of a triangle can show nothing', () => {
    expect(leastShown('triangle', 2)).toBeNull();
    expect(neededCorrect('triangle', 2)).toBe(3);
  });

  test('the least difference is found four times in five, and no smaller one', () => {
    fc.assert(
      fc.property(fc.constantFrom(...testKinds), fc.integer({ min: 6, max: 60 }), (kind, n) => {
        const least = leastShown(kind, n);
        if (least === null) return;
        const guess = kind === 'triangle' ? 1 / 3 : 1 / 2;
        const found = (noticing: number) => {
          let sum = 0;
          for (let k = neededCorrect(kind, n); k <= n; k += 1) {
            sum += binomialChance(k, n, guess + (1 - guess) * noticing);
          }
          return sum;
        };
        expect(found(least)).toBeCloseTo(0.8, 6);
        expect(found(least * 0.95)).toBeLessThan(0.8);
      }),
    );
  });

  test('as many tasters as are needed can show it, and one less can’t', () => {
    for (const noticing of [0.3, 0.5, 0.9]) {
      const needed = tastersNeeded('triangle', noticing) ?? 0;
      expect(leastShown('triangle', needed)).toBeLessThanOrEqual(noticing);
      expect(leastShown('triangle', needed - 1) ?? 1).toBeGreaterThan(noticing);
    }
    expect(tastersNeeded('paired', 0.01)).toBeNull();
  });
});
