import { expect, test } from '@jest/globals';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { readLine } from '@cobbet/core/lines/readLine';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { dip } from '../../../../core/test/bookOf';
import { kitchenOf } from '../../../../core/test/kitchenOf';
import { additionEffect } from './additionEffect';

const kitchen = kitchenOf();
const hummus = dip('a');
const { analysis } = analyseDip(hummus, kitchen);
const effect = (line: string) => {
  const { parts } = readLine(line, { larder: shippedLarder, measures: 'us' });
  return additionEffect(hummus, analysis, kitchen, parts);
};

test('water loosens and lemon sours, in figures', () => {
  const [before, after] = /body ([\d.]+) → ([\d.]+)/.exec(effect('60 g water'))?.slice(1) ?? [];
  expect(Number(after)).toBeLessThan(Number(before));
  expect(effect('2 tbsp lemon juice')).toMatch(/sour [\d.]+ → [\d.]+ g/);
});

test('what goes on top, and nothing, change nothing', () => {
  expect(effect('1 tbsp parsley to garnish')).toBe('');
  expect(additionEffect(hummus, analysis, kitchen, [])).toBe('');
});
