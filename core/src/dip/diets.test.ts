import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { dietFit } from './diets';

const parts = (...ids: string[]) => ids.map((id) => ({ ingredient: ingredient(id), massG: 10 }));
const idsOf = ({ fits, because }: ReturnType<typeof dietFit>) => [
  fits,
  because.map(({ id }) => id),
];

describe('whether a dip fits a diet', () => {
  test('beans, tahini and oil fit both', () => {
    const plain = parts('chickpeas-cooked', 'tahini-hulled', 'olive-oil-extra-virgin');
    expect(idsOf(dietFit(plain, 'vegan'))).toEqual([true, []]);
    expect(idsOf(dietFit(plain, 'vegetarian'))).toEqual([true, []]);
  });

  test('rennet and bread are to be checked, and are no flat no', () => {
    const pesto = parts('basil', 'parmesan-style', 'bread-stale');
    expect(idsOf(dietFit(pesto, 'vegetarian'))).toEqual([
      'check',
      ['parmesan-style', 'bread-stale'],
    ]);
    expect(idsOf(dietFit(pesto, 'vegan'))).toEqual([false, ['parmesan-style']]);
    expect(idsOf(dietFit(parts('bread-stale'), 'vegan'))).toEqual(['check', ['bread-stale']]);
  });

  test('fish is no; yogurt is vegetarian', () => {
    expect(dietFit(parts('anchovy', 'feta'), 'vegetarian').fits).toBe(false);
    expect(dietFit(parts('greek-yogurt-10'), 'vegetarian').fits).toBe(true);
    expect(dietFit(parts('greek-yogurt-10'), 'vegan').fits).toBe(false);
  });

  test('what is none of it does not count, and a thing is named once', () => {
    const none = [{ ingredient: ingredient('anchovy'), massG: 0 }];
    expect(dietFit(none, 'vegan')).toEqual({ fits: true, because: [] });
    expect(dietFit(parts('feta', 'feta'), 'vegetarian').because.length).toBe(1);
  });
});
