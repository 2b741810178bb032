import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from '../larder/larder';
import { families } from '../mix/families';
import { fridgeDays, keptDays } from './fridgeDays';

const part = (id: string, massG = 50) => {
  const ingredient = shippedLarder.get(id);
  if (!ingredient) throw new Error(`no ${id}`);
  return { ingredient, massG, cv: 0, place: 'bowl' as const };
};

describe('days in the fridge', () => {
  test('bean dips four days, three with raw herbs or fresh vegetables', () => {
    expect(fridgeDays('pulse', [part('chickpeas-cooked')]).usual).toBe(4);
    expect(fridgeDays('pulse', [part('chickpeas-cooked'), part('parsley')]).usual).toBe(3);
    expect(fridgeDays('pulse', [part('chickpeas-cooked'), part('parsley', 0)]).usual).toBe(4);
    expect(fridgeDays('vegetable', [part('cucumber-grated')]).usual).toBe(3);
  });

  test('yogurt three days whatever is in it, pesto four under its own leaves', () => {
    expect(fridgeDays('yogurt', [part('labneh')]).usual).toBe(3);
    expect(fridgeDays('pesto-spread', [part('basil')]).usual).toBe(4);
  });

  test.each<[string, Parameters<typeof fridgeDays>[0], string[], number, string | null]>([
    ['avocado with lime', 'vegetable', ['avocado', 'lime-juice'], 2, 'avocado'],
    [
      'beetroot and yogurt',
      'vegetable',
      ['beetroot-roasted', 'greek-yogurt-10'],
      3,
      'greek-yogurt-10',
    ],
    [
      'chickpeas with fresh tomato',
      'pulse',
      ['chickpeas-cooked', 'tomato-fresh'],
      3,
      'tomato-fresh',
    ],
    ['chickpeas with scallion', 'pulse', ['chickpeas-cooked', 'scallion'], 3, 'scallion'],
    ['dried mint is no raw herb', 'pulse', ['chickpeas-cooked', 'mint-dried'], 4, null],
    ['raw garlic in a bean dip', 'pulse', ['chickpeas-cooked', 'garlic-raw'], 4, null],
    ['garlic oil in a yogurt dip', 'yogurt', ['labneh', 'garlic-oil'], 3, null],
    ['boiled egg', 'pate', ['hazelnut', 'egg-boiled'], 3, 'egg-boiled'],
    [
      'fish in a bean pâté',
      'pate',
      ['cannellini-cooked', 'tuna-canned', 'parsley'],
      2,
      'tuna-canned',
    ],
    ['basil pesto', 'pesto-spread', ['basil', 'parmesan-style', 'olive-oil-light'], 4, null],
    ['pesto with ricotta', 'pesto-dress', ['basil', 'ricotta'], 3, 'ricotta'],
    ['hummus with tofu', 'pulse', ['chickpeas-cooked', 'tofu-silken'], 3, 'tofu-silken'],
    ['aubergine and tahini', 'vegetable', ['aubergine-roasted-drained', 'tahini-hulled'], 4, null],
    ['mushroom pâté', 'pate', ['walnut', 'mushroom-sauteed'], 3, 'mushroom-sauteed'],
  ])('%s', (_, family, ids, usual, limitedBy) => {
    expect(
      fridgeDays(
        family,
        ids.map((id) => part(id)),
      ),
    ).toMatchObject({ usual, limitedBy });
  });

  test('the usual lies between the least and the most', () => {
    for (const family of families) {
      const { least, usual, most } = fridgeDays(family, [part('parsley')]);
      expect([family, least <= usual && usual <= most]).toEqual([family, true]);
    }
  });

  test.each([
    ['pulse', 3, 4, 7],
    ['vegetable', 3, 4, 5],
    ['yogurt', 2, 3, 5],
    ['pesto-spread', 3, 4, 14],
    ['pesto-dress', 3, 4, 14],
    ['pate', 3, 4, 7],
  ] as const)('%s from %i, usually %i, to %i days', (family, least, usual, most) => {
    const days = fridgeDays(family, [part('sea-salt-fine')]);
    expect([days.least, days.usual, days.most]).toEqual([least, usual, most]);
  });

  test('what the cook has chosen comes before the usual', () => {
    const parts = [part('chickpeas-cooked')];
    expect(keptDays({ family: 'pulse' }, parts)).toBe(4);
    expect(keptDays({ family: 'pulse', keepDays: 2 }, parts)).toBe(2);
  });
});
