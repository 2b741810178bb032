import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf, endOf } from '../../test/kitchenOf';
import { pulseDip } from '../../test/recipes';
import { bodyNames, momentsOf, servedMoment } from './bodyMoments';

const hummus = [
  part('tahini-hulled', 80),
  part('lemon-juice', 25),
  part('chickpeas-canned-drained', 320),
  part('water', 50),
];
/** Oil all around the leaves and nuts. */
const pesto = [
  part('basil', 60),
  part('pine-nut', 40),
  part('parmesan-style', 35),
  part('olive-oil-extra-virgin', 120),
];
const at = (parts: typeof hummus, servedAtC: number, servedAfterMin?: number) =>
  endOf(
    parts,
    conditionsOf({ servedAtC, ...(servedAfterMin === undefined ? {} : { servedAfterMin }) }),
  );

describe('body at a moment of use', () => {
  test('at 25 °C, straight out of the machine, is the body just blended', () => {
    for (const parts of [hummus, pesto]) {
      const { servedBody, freshBody } = at(parts, 25, 0);
      expect(servedBody).toBeCloseTo(freshBody ?? NaN, 12);
    }
  });

  test('at 60 °C, straight out of the machine, is the body on hot pasta', () => {
    const { servedBody, pastaBody } = at(pesto, 60, 0);
    expect(servedBody).toBeCloseTo(pastaBody ?? NaN, 12);
  });

  test('on pasta a pesto loses 0.020 of ln τ a degree: 35 degrees make one point of body', () => {
    const { freshBody, pastaBody, waterOutside } = at(pesto, 8);
    expect(waterOutside).toBeLessThan(0.02);
    // 0.020 · (25 − 60) / ln 2
    expect((pastaBody ?? NaN) - (freshBody ?? NaN)).toBeCloseTo(-1.01, 1);
  });

  test('nobody who has not said how long it stands gets another figure: rested through', () => {
    expect(servedMoment({ servedAtC: 8 })).toEqual({ atC: 8, restedForMinutes: 240 });
    expect(at(hummus, 5).servedBody).toBeCloseTo(at(hummus, 5).chilledBody ?? NaN, 12);
  });

  test('never stiffens by warming, never loosens by standing', () => {
    fc.assert(
      fc.property(
        pulseDip,
        fc.integer({ min: -5, max: 70 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 1, max: 300 }),
        (parts, atC, warmer, after, longer) => {
          const body = (c: number, minutes: number) =>
            endOf(parts, conditionsOf({ servedAtC: c, servedAfterMin: minutes })).servedBody;
          const now = body(atC, after);
          fc.pre(now !== null);
          expect(body(atC + warmer, after)).toBeLessThanOrEqual((now ?? NaN) + 1e-12);
          expect(body(atC, after + longer)).toBeGreaterThanOrEqual((now ?? NaN) - 1e-12);
        },
      ),
    );
  });
});

describe('the moments a dip is looked at', () => {
  test('are just blended and chilled where nobody has said', () => {
    expect(momentsOf({ targets: {} })).toEqual(['freshBody', 'chilledBody']);
  });

  test('are in the order a dip goes through them, with whatever is aimed at', () => {
    expect(momentsOf({ moments: ['chilledBody', 'warmBody'], targets: { pastaBody: 1 } })).toEqual([
      'warmBody',
      'pastaBody',
      'chilledBody',
    ]);
    expect(momentsOf({ moments: [...bodyNames].reverse(), targets: {} })).toEqual(bodyNames);
  });
});
