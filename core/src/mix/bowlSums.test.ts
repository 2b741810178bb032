import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bowlOf, part } from '../../test/bowlOf';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import { shippedLarder } from '../larder/larder';
import { addTo, emptyBowl, sumCount, sumIndex, sumsPerGram, volumeMl } from './bowlSums';
import { partSumsPerGram } from './part';

const anyBowl = fc.array(
  fc.tuple(
    fc.constantFrom(...[...shippedLarder.keys()]),
    fc.double({ min: 0, max: 500, noNaN: true }),
  ),
  { minLength: 1, maxLength: 8 },
);

describe('conservation', () => {
  test('mass, water, salt, fat and acid are the sums of the parts', () => {
    fc.assert(
      fc.property(anyBowl, (parts) => {
        const sums = bowlOf(...parts);
        const total = (key: 'waterG' | 'saltG' | 'fatG' | 'acidG') =>
          parts.reduce((sum, [id, g]) => sum + (ingredient(id)[key] * g) / 100, 0);
        expect(sums[sumIndex.massG]).toBeCloseTo(
          parts.reduce((sum, [, g]) => sum + g, 0),
          6,
        );
        for (const key of ['waterG', 'saltG', 'fatG', 'acidG'] as const) {
          expect(sums[sumIndex[key]]).toBeCloseTo(total(key), 6);
        }
      }),
    );
  });

  test('a bowl split and merged again is the same bowl', () => {
    fc.assert(
      fc.property(anyBowl, fc.double({ min: 0, max: 1, noNaN: true }), (parts, share) => {
        const whole = bowlOf(...parts);
        const merged = bowlOf(
          ...parts.map(([id, g]): [string, number] => [id, g * share]),
          ...parts.map(([id, g]): [string, number] => [id, g * (1 - share)]),
        );
        whole.forEach((value, i) => expect(merged[i]).toBeCloseTo(value, 6));
        expect(volumeMl(merged)).toBeCloseTo(volumeMl(whole), 6);
      }),
    );
  });

  test('what goes in can be taken out', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const sums = emptyBowl();
        for (const one of parts) addTo(sums, partSumsPerGram(one), one.massG);
        for (const one of parts) addTo(sums, partSumsPerGram(one), -one.massG);
        for (let i = 0; i < sumCount; i += 1) expect(Math.abs(sums[i] ?? NaN)).toBeLessThan(1e-8);
      }),
    );
  });
});

test('volume by hand: 100 g of water and 91.5 g of oil are 200 ml', () => {
  const sums = bowlOf(['water', 100], ['olive-oil-light', 91.5]);
  expect(volumeMl(sums)).toBeCloseTo(200, 6);
});

test('volume by hand: 100 g of cooked chickpeas', () => {
  // S = 8.9 + 15 + 7.6, D = 4.8 + 0.02 + 0.05
  const byHand = 31.5 / 1.42 + 4.87 / 1.6 + 60.2 + 2.6 / 0.915;
  expect(volumeMl(bowlOf(['chickpeas-cooked', 100]))).toBeCloseTo(byHand, 6);
});

test('water a structure would hold: by its solids, and a share of its own', () => {
  const beans = sumsPerGram(ingredient('chickpeas-cooked'));
  expect(beans[sumIndex.boundWaterG]).toBeCloseTo(1.54 * 0.315 + 0.488 * 0.602, 9);
  const tahini = ingredient('tahini-hulled');
  const others = (tahini.proteinG + tahini.fibreG) / 100;
  const starch = tahini.starchG / 100;
  expect(sumsPerGram(tahini)[sumIndex.boundWaterG]).toBeCloseTo(0.975 * others + 0.4 * starch, 9);
});

describe('garlic by how it goes in', () => {
  const strength = (extra: object) =>
    partSumsPerGram({ ...part('garlic-raw', 10), ...extra })[sumIndex.garlicG];
  test.each([
    [{}, 1],
    [{ garlicForm: 'sliced' }, 0.6],
    [{ garlicForm: 'in-acid' }, 0.5],
    [{ germOut: true }, 0.8],
    [{ garlicForm: 'in-acid', germOut: true }, 0.4],
  ])('%j counts %f', (extra, units) => {
    expect(strength(extra)).toBeCloseTo(units, 9);
  });
  test('roasted garlic keeps its own strength whatever the form', () => {
    const roasted = partSumsPerGram({ ...part('garlic-roasted', 10), garlicForm: 'sliced' });
    expect(roasted[sumIndex.garlicG]).toBeCloseTo(0.22, 9);
  });
});

test('sesame counts paste, seeds and oil, not blends that hold some', () => {
  expect(sumsPerGram(ingredient('tahini-hulled'))[sumIndex.sesameG]).toBe(1);
  expect(sumsPerGram(ingredient('sesame-oil-toasted'))[sumIndex.sesameG]).toBe(1);
  expect(sumsPerGram(ingredient('zaatar-mix'))[sumIndex.sesameG]).toBe(0);
});
