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
