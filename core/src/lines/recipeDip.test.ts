import { expect, test } from '@jest/globals';
import { shippedLarder } from '../larder/larder';
import { readRecipe } from './readRecipe';
import { recipeParts } from './recipeDip';

const text = `Walnut dip
200 g walnuts
1 tbsp vinegar
salt

Toast the walnuts until they smell. Blend all with the salt and the walnuts.`;
const recipe = readRecipe(text, { larder: shippedLarder, measures: 'metric' });
const { parts, left, told } = recipeParts(recipe, shippedLarder);

test('what is sure and what is open goes in; what still asks is left out and named', () => {
  expect(parts.map(({ ingredient, amount }) => [ingredient, amount])).toEqual([
    ['walnut', '200 g'],
    ['sea-salt-fine', 'to taste'],
  ]);
  expect(left.map(({ text: line }) => line)).toEqual(['1 tbsp vinegar']);
});

test('a step that names one thing alone goes with it; all steps are kept', () => {
  expect(parts.map(({ note }) => note)).toEqual(['Toast the walnuts until they smell.', undefined]);
  expect(told.length).toBe(1);
});

test('once it is answered it goes in', () => {
  const picked = new Map([['vinegar', 'cider-vinegar']]);
  const again = readRecipe(text, { larder: shippedLarder, measures: 'metric', picked });
  const settled = recipeParts(again, shippedLarder);
  expect(settled.left).toEqual([]);
  expect(settled.parts[1]).toMatchObject({ ingredient: 'cider-vinegar', amount: '1 tbsp' });
});
