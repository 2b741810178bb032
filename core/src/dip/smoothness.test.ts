import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { ingredient } from '../../test/larderIngredient';
import { grinds } from '../mix/method';
import { machines } from '../kitchen/machines';
import { smoothness } from './smoothness';

const machine = (id: string) => {
  const found = machines.find((one) => one.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('smoothness', () => {
  test('lies between 0 and 10, is finer ground, by a finer tool, and without skins', () => {
    fc.assert(
      fc.property(pulseDip, fc.constantFrom(...machines), (parts, tool) => {
        const at = (grind: (typeof grinds)[number], skinsOff = false) =>
          smoothness(parts, grind, tool, skinsOff) ?? NaN;
        for (const grind of grinds) {
          expect(at(grind)).toBeGreaterThanOrEqual(0);
          expect(at(grind)).toBeLessThanOrEqual(10);
        }
        expect(at('silky')).toBeGreaterThanOrEqual(at('normal'));
        expect(at('normal')).toBeGreaterThanOrEqual(at('coarse'));
        expect(at('normal', true)).toBeGreaterThanOrEqual(at('normal'));
        const fork = smoothness(parts, 'normal', machine('fork'), false) ?? NaN;
        const jug = smoothness(parts, 'normal', machine('jug-blender'), false) ?? NaN;
        expect(jug).toBeGreaterThan(fork);
      }),
    );
  });

  test('nuts are grainier than yogurt; what is folded in does not count; nothing has none', () => {
    const judged = (id: string) =>
      smoothness([part(id, 100)], 'normal', machine('food-processor'), false);
    expect(judged('walnut')).toBeLessThan(judged('greek-yogurt-10') ?? NaN);
    const plain = judged('greek-yogurt-10');
    const folded = smoothness(
      [part('greek-yogurt-10', 100), part('walnut', 80, 'fold')],
      'normal',
      machine('food-processor'),
      false,
    );
    expect(folded).toBe(plain);
    expect(smoothness([], 'normal', machine('fork'), false)).toBeNull();
  });
});

describe('pulses in cans and from dried', () => {
  test('go one to the other and back', () => {
    for (const id of ['chickpeas-cooked', 'cannellini-cooked', 'butter-beans-cooked']) {
      const can = ingredient(id).cannedAs ?? '';
      expect(can).toMatch(/-canned-drained$/);
      expect(ingredient(can).cookedAs).toBe(id);
    }
    expect(ingredient('chickpeas-canned-rinsed').cookedAs).toBe('chickpeas-cooked');
    expect(ingredient('red-lentils-cooked').cannedAs).toBeNull();
    expect(ingredient('water').cookedAs).toBeNull();
  });
});
