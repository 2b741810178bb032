import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ingredient } from '../../test/larderIngredient';
import { shippedLarder } from '../larder/larder';
import { kitchenMeasures, nearestKitchenMeasure } from './kitchenMeasure';
import { measureSystems } from './measureSystem';
import { scaleAmountText } from './scaleAmount';
import { readGrams } from './toGrams';

test.each([
  [30, 'lemon-juice', '2 tbsp'],
  [81, 'tahini-hulled', '⅓ cup'],
  [8, 'garlic-raw', '2 cloves'],
  [6, 'garlic-raw', '1½ cloves'],
  [2.8, 'sea-salt-fine', '½ tsp'],
  [312, 'chickpeas-canned-drained', '2 cups'],
  [0, 'water', 'to taste'],
])('%f g of %s is about %s', (massG, id, text) => {
  expect(nearestKitchenMeasure(massG, ingredient(id), 'us').text).toBe(text);
});

describe('every measure offered', () => {
  const some = fc.constantFrom(...[...shippedLarder.values()]);
  const system = fc.constantFrom(...measureSystems);
  test('comes in rising order, the shortest of equal ones first', () => {
    fc.assert(
      fc.property(some, system, fc.integer({ min: 1, max: 900 }), (one, measures, upTo) => {
        const offered = kitchenMeasures(one, measures, upTo);
        offered.slice(1).forEach(({ massG, text }, i) => {
          const before = offered[i];
          expect(massG).toBeGreaterThanOrEqual(before?.massG ?? NaN);
          if (massG === before?.massG) {
            expect(text.length).toBeGreaterThanOrEqual(before.text.length);
          }
        });
      }),
    );
  });

  test('reads back to the mass it stands for', () => {
    fc.assert(
      fc.property(some, system, fc.integer({ min: 1, max: 900 }), (one, measures, upTo) => {
        for (const { text, massG } of kitchenMeasures(one, measures, upTo)) {
          const read = readGrams(text, one, measures);
          expect(read.ok ? read.value.massG : text).toBeCloseTo(massG, 4);
        }
      }),
      { numRuns: 60 },
    );
  });

  test('is near, for amounts a cook would spoon', () => {
    fc.assert(
      fc.property(some, fc.double({ min: 0.3, max: 3, noNaN: true }), (one, cups) => {
        const massG = cups * 236.588 * one.densityGPerMl;
        const near = nearestKitchenMeasure(massG, one, 'us');
        const off = Math.abs(near.massG - massG) / massG;
        // what is counted comes in halves, at most a quarter of a piece off; leaves are pressed into cups alone
        const pieces = (0.25 * (one.pieceG ?? 0)) / massG;
        expect(off).toBeLessThan(one.structure === 'leaf' ? 0.21 : Math.max(0.09, pieces + 1e-9));
      }),
      { numRuns: 200 },
    );
  });
});

test.each([
  ['2 tbsp', 0.5, '1 tbsp'],
  ['1 cup', 0.5, '½ cup'],
  ['juice of 1 lemon', 0.5, 'juice of ½ lemon'],
  ['2 x 400 g cans', 0.5, '1 x 400 g can'],
  ['3–4 cloves', 2, '6–8 cloves'],
  ['to taste', 0.5, 'to taste'],
])('%s times %f is %s', (text, factor, scaled) => {
  expect(scaleAmountText(text, factor)).toEqual({ ok: true, value: scaled });
});
