import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bowlOf } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { families, familyNames, garlicWord, usualSeasoning } from './families';
import { per100g } from './per100g';

test('salt by hand: 300 g canned chickpeas with 3 g of fine salt', () => {
  const { saltG } = per100g(bowlOf(['chickpeas-canned-drained', 300], ['sea-salt-fine', 3]));
  expect(saltG).toBeCloseTo(((300 * 0.0063 + 3 * 0.988) / 303) * 100, 9);
});

test('sour by hand: own acids count beside lemon', () => {
  const { acidG } = per100g(bowlOf(['greek-yogurt-10', 200], ['lemon-juice', 20]));
  expect(acidG).toBeCloseTo(((200 * 0.0085 + 20 * 0.05) / 220) * 100, 9);
});

test('garlic as raw crushed: 4 g raw, 10 g roasted, 1 g granulated', () => {
  const { garlicG } = per100g(
    bowlOf(['water', 85], ['garlic-raw', 4], ['garlic-roasted', 10], ['garlic-granulated', 1]),
  );
  expect(garlicG).toBeCloseTo(4 + 2.2 + 4, 9);
});

test('energy by the 4-4-9-2 factors', () => {
  // cooked chickpeas: 8.9 protein, 19.8 carbohydrate, 2.6 fat, 7.6 fibre
  const { kcal } = per100g(bowlOf(['chickpeas-cooked', 250]));
  expect(kcal).toBeCloseTo(4 * 8.9 + 4 * 19.8 + 9 * 2.6 + 2 * 7.6, 6);
});

test('an empty bowl tastes of nothing', () => {
  expect(Object.values(per100g(bowlOf())).every((value) => value === 0)).toBe(true);
});

test('size does not change the taste', () => {
  fc.assert(
    fc.property(pulseDip, fc.double({ min: 0.1, max: 20, noNaN: true }), (parts, times) => {
      const named = parts.map((one): [string, number] => [one.ingredient.id, one.massG]);
      const one = per100g(bowlOf(...named));
      const many = per100g(bowlOf(...named.map(([id, g]): [string, number] => [id, g * times])));
      for (const key of ['saltG', 'acidG', 'garlicG', 'kcal', 'fatG'] as const) {
        expect(many[key]).toBeCloseTo(one[key], 8);
      }
    }),
  );
});

describe('usual ranges', () => {
  test.each(families)('%s has a name and ranges the right way round', (family) => {
    expect(familyNames[family].length).toBeGreaterThan(3);
    for (const { low, high } of Object.values(usualSeasoning[family])) {
      expect(low).toBeLessThan(high);
    }
  });
  test('pulse dips and pestos to dress are those of the table', () => {
    expect(usualSeasoning.pulse.saltG).toEqual({ low: 0.8, high: 1.3 });
    expect(usualSeasoning['pesto-dress'].saltG).toEqual({ low: 1.2, high: 2.2 });
    expect(usualSeasoning.yogurt.acidG).toEqual({ low: 0.7, high: 1.2 });
  });
});

test.each([
  [0, 'none'],
  [0.1, 'faint'],
  [0.3, 'a hint'],
  [1, 'clear'],
  [3, 'strong'],
  [5, 'very strong'],
])('%f g of garlic is %s', (garlicG, word) => {
  expect(garlicWord(garlicG)).toBe(word);
});
