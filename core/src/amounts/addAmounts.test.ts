import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { addAmountTexts } from './addAmounts';
import { isWeighed } from './isWeighed';
import { neighbouringMeasure } from './kitchenMeasure';
import { readGrams } from './toGrams';

describe('two amounts as one', () => {
  test.each<[string, string, string]>([
    ['2 tbsp', '1 tbsp', '3 tbsp'],
    ['1/4 tsp', '1/4 tsp', '½ tsp'],
    ['1 clove', '1 clove', '2 cloves'],
    ['1/4 cup', '1 tbsp', '¼ cup + 1 tbsp'],
    ['1/4 cup + 1 tbsp', '1 tbsp', '¼ cup + 2 tbsp'],
    ['2 heaped tbsp', '1 tbsp', '2 heaped tbsp + 1 tbsp'],
    ['3–4 cloves', '1 clove', '4–5 cloves'],
    ['to taste', '1 tsp', '1 tsp'],
    ['', '1 tsp', '1 tsp'],
    ['60 g', '15 g', '75 g'],
  ])('%s and %s are %s', (text, more, sum) => {
    expect(addAmountTexts(text, more)).toEqual({ ok: true, value: sum });
  });

  test('weigh what both weigh', () => {
    const water = ingredient('water');
    const grams = (text: string) => {
      const read = readGrams(text, water, 'us');
      return read.ok ? read.value.massG : NaN;
    };
    const sum = addAmountTexts('1/3 cup + 2 tsp', '1 tbsp');
    expect(sum.ok && grams(sum.value)).toBeCloseTo(grams('1/3 cup + 2 tsp') + grams('1 tbsp'), 6);
  });

  test('one that can’t be read says so', () => {
    expect(addAmountTexts('a bit of', '1 tsp').ok).toBe(false);
  });
});

test.each<[string, boolean]>([
  ['250 g', true],
  ['1.5 kg', true],
  ['40 ml', true],
  ['2 x 400 g cans', false],
  ['2 cups', false],
  ['1 clove', false],
])('%s is weighed: %p', (text, weighed) => {
  expect(isWeighed(text)).toBe(weighed);
});

test('the next measure is one a cook can tell from this, and back again', () => {
  const water = ingredient('water');
  const more = neighbouringMeasure(2 * 14.787, water, 'us', 1);
  expect(more?.text).toBe('2½ tbsp');
  expect(neighbouringMeasure(more?.massG ?? NaN, water, 'us', -1)?.text).toBe('2 tbsp');
  expect(neighbouringMeasure(0, water, 'us', -1)).toBeNull();
  expect(neighbouringMeasure(0, water, 'us', 1)?.massG).toBeGreaterThan(0);
});
