import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { shippedLarder } from '../larder/larder';
import { apart } from './relatives';
import { states, tasteAlike } from './tasteAlike';

const between = (one: string, other: string) => apart(ingredient(one), ingredient(other));

describe('how far apart two things taste', () => {
  test('the tables name only what the larder has', () => {
    const kinds = new Set([...shippedLarder.values()].map(({ kind }) => kind));
    expect([...tasteAlike, ...states].flat().filter((kind) => !kinds.has(kind))).toEqual([]);
  });

  test('itself, the same food in another state, alike, of its role, of another that does its work', () => {
    expect(between('walnut', 'walnut')).toBe(0);
    expect(between('chickpeas-canned-drained', 'chickpeas-cooked')).toBe(0.1);
    expect(between('mint', 'mint-dried')).toBe(0.1);
    expect(between('walnut', 'pecan')).toBe(0.5);
    expect(between('walnut', 'sunflower-seed')).toBe(1.5);
    expect(between('tahini-hulled', 'greek-yogurt-10')).toBe(2.5);
  });

  test('garlic stands in for garlic; nothing else of its role does', () => {
    expect(between('garlic-raw', 'garlic-roasted')).toBe(1);
    expect(between('garlic-raw', 'lime-zest')).toBeNull();
    expect(between('cumin-ground', 'baking-soda')).toBeNull();
    expect(between('basil', 'water')).toBeNull();
  });

  test('an own ingredient is as near as what it is like', () => {
    const own = { ...ingredient('walnut'), id: 'own-walnut' };
    expect(apart(own, ingredient('pecan'))).toBe(0.5);
  });
});
