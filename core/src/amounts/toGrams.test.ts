import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import type { MeasureSystem } from './measureSystem';
import { readGrams } from './toGrams';

/** Grams of an amount; fails the test when it can't be read. */
function grams(text: string, id: string, system: MeasureSystem = 'us') {
  const read = readGrams(text, ingredient(id), system);
  if (!read.ok) throw new Error(`${text} of ${id}: ${read.error.message}`);
  return read.value;
}

describe('grams worked out by hand', () => {
  test.each<[string, string, MeasureSystem, number]>([
    ['1 cup', 'water', 'us', 236.588 * 0.998],
    ['1 cup', 'water', 'metric', 250 * 0.998],
    ['1 cup', 'water', 'british', 284 * 0.998],
    ['1 tbsp', 'water', 'australian', 20 * 0.998],
    ['1/3 cup', 'tahini-hulled', 'us', (236.588 / 3) * 1.03],
    ['1 lb 4 oz', 'feta', 'us', 453.592 + 4 * 28.3495],
    ['3 cloves', 'garlic-raw', 'us', 12],
    ['1 large clove', 'garlic-raw', 'us', 5.6],
    ['1 head', 'garlic-raw', 'us', 44],
    ['juice of 2 lemons', 'lemon-juice', 'us', 92],
    ['zest of half a lemon', 'lemon-zest', 'us', 2.25],
    ['1 lemon', 'lemon-juice', 'us', 46],
    ['2', 'garlic-raw', 'us', 8],
    ['10 halves', 'walnut', 'us', 20],
    ['5 walnuts', 'walnut', 'us', 20],
    ['1 packed cup', 'basil', 'us', 236.588 * 0.152],
    // leaves: a packed cup was measured; level three quarters of it, loose less, chopped more
    ['1 cup', 'rocket', 'us', 236.588 * 0.15 * 0.75],
    ['1 level cup', 'rocket', 'us', 236.588 * 0.15 * 0.75],
    ['1 loosely packed cup', 'rocket', 'us', 236.588 * 0.15 * 0.65],
    ['1 cup packed', 'rocket', 'us', 236.588 * 0.15],
    ['1 cup finely chopped', 'rocket', 'us', 236.588 * 0.15 * 1.4],
    ['1 cup, chopped', 'rocket', 'us', 236.588 * 0.15 * 0.75],
    ['2 tbsp', 'parsley', 'us', 2 * 14.787 * 0.165 * 1.4],
    ['1 cup chopped', 'walnut', 'us', 236.588 * ingredient('walnut').densityGPerMl],
    ['1 packed cup', 'miso-white', 'us', 236.588 * ingredient('miso-white').densityGPerMl],
    ['1 packed cup', 'nettle-blanched', 'us', 236.588 * 0.38 * 1.1],
    ['1 handful', 'basil', 'us', 20],
    ['a pinch', 'sea-salt-fine', 'us', 0.3 * 1.15],
    ['a splash', 'water', 'us', 7 * 0.998],
    ['a glug', 'water', 'us', 20 * 0.998],
    ['a drizzle', 'water', 'us', 10 * 0.998],
    ['a dash', 'water', 'us', 0.6 * 0.998],
    ['a squeeze', 'lemon-juice', 'us', 7 * 1.03],
    ['1 can (400 g)', 'chickpeas-canned-drained', 'us', 400 * 0.6],
    ['half a cup', 'water', 'us', 118.294 * 0.998],
    ['half of a cup', 'water', 'us', 118.294 * 0.998],
    ['1 cup and a half', 'water', 'us', 354.882 * 0.998],
    ['2 heaped tbsp', 'cumin-ground', 'us', 2 * 14.787 * 1.5 * 0.47],
    ['1 bunch', 'parsley', 'us', 44],
    ['2 fl oz', 'water', 'us', 2 * 29.5735 * 0.998],
  ])('%s of %s (%s)', (text, id, system, massG) => {
    expect(grams(text, id, system).massG).toBeCloseTo(massG, 3);
  });

  test('a can of a drained pulse is what is left when it is drained', () => {
    expect(grams('2 x 400 g cans', 'chickpeas-canned-drained').massG).toBeCloseTo(480, 6);
    expect(grams('1 (15 oz) can', 'chickpeas-canned-drained').massG).toBeCloseTo(
      15 * 28.3495 * 0.6,
      6,
    );
    expect(grams('1 can', 'chickpeas-canned-drained', 'us').massG).toBeCloseTo(255, 6);
    expect(grams('1 can', 'chickpeas-canned-drained', 'metric').massG).toBeCloseTo(240, 6);
    expect(grams('1 can', 'chickpea-can-liquid', 'metric').massG).toBeCloseTo(155 * 1.02, 6);
  });
});

describe('spread of the way of measuring', () => {
  test.each([
    ['80 g', 'tahini-hulled', 0.01],
    ['1 tbsp', 'lemon-juice', 0.08],
    ['1 cup', 'water', 0.04],
    ['1 cup', 'chickpeas-canned-drained', 0.1],
    ['1 packed cup', 'basil', 0.2],
    ['1 clove', 'garlic-raw', 0.25],
    ['a splash', 'water', 0.4],
  ])('%s of %s: %f', (text, id, cv) => {
    expect(grams(text, id).cv).toBeCloseTo(cv, 6);
  });

  test('a range adds its own spread, even between its ends', () => {
    // uniform over 3–4: sd 1/√12 of a mean 3.5, beside 25 % of a piece
    const own = 1 / Math.sqrt(12) / 3.5;
    expect(grams('3–4 cloves', 'garlic-raw').cv).toBeCloseTo(Math.hypot(0.25, own), 6);
  });

  test('a sum is surer than its parts', () => {
    const { cv } = grams('1 tbsp + 1 tbsp', 'water');
    expect(cv).toBeCloseTo(0.08 / Math.SQRT2, 6);
  });

  test('to taste weighs nothing', () => {
    expect(grams('to taste', 'sea-salt-fine')).toMatchObject({ massG: 0, toTaste: true });
  });
});

describe('what an ingredient can’t be measured in', () => {
  test.each([
    ['3 cloves', 'olive-oil-extra-virgin', 'cloves'],
    ['2 cans', 'basil', 'cans'],
    ['juice of 2 limes', 'lemon-juice', 'juice of limes'],
    ['zest of 1 lemon', 'lemon-juice', 'zest of lemons'],
    ['a handful', 'water', 'handfuls'],
    ['a splash', 'hazelnut', 'splashes'],
    ['a glug', 'hazelnut', 'glugs'],
    ['1 bunch', 'water', 'bunches'],
  ])('%s of %s says so', (text, id, part) => {
    const read = readGrams(text, ingredient(id), 'us');
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.error.part).toBe(part);
    expect(read.error.message).toContain(`can't be measured in ${part}`);
  });

  test('a bare number needs a measure where there are no pieces', () => {
    const read = readGrams('2', ingredient('water'), 'us');
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.error.message).toContain('needs a measure');
  });
});
