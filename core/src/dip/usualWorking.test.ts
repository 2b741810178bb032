import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { grinds } from '../mix/method';
import { machines } from '../kitchen/machines';
import { shippedLarder } from '../larder/larder';
import { usualWorking } from './usualWorking';

const tool = (id: string) => {
  const found = machines.find((machine) => machine.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const working = (
  id: string,
  machine = 'food-processor',
  grind: (typeof grinds)[number] = 'normal',
) => usualWorking(ingredient(id), 'bowl', tool(machine), grind);

describe('how an addition is usually worked in', () => {
  test('pulses run long, twice as long for silk, and are pulsed for grain', () => {
    expect(working('chickpeas-cooked')).toMatchObject({ how: 'long', minutes: 2 });
    expect(working('chickpeas-cooked', 'food-processor', 'silky')?.minutes).toBe(4);
    expect(working('chickpeas-cooked', 'food-processor', 'coarse')?.how).toBe('pulse');
  });

  test('oil streams where the machine lets it, fruity oil for a minute at most', () => {
    expect(working('sunflower-oil')?.how).toBe('stream');
    expect(working('sunflower-oil', 'stick-blender')?.how).toBe('stir');
    expect(working('olive-oil-extra-virgin')?.minutes).toBeLessThanOrEqual(1);
    expect(working('olive-oil-extra-virgin')?.lookFor).toContain('bitter');
  });

  test('leaves, nuts and hard cheese are pulsed; folded is stirred; on top is not worked in', () => {
    for (const id of ['basil', 'hazelnut', 'grana-style']) expect(working(id)?.how).toBe('pulse');
    const fold = usualWorking(ingredient('walnut'), 'fold', tool('food-processor'), 'normal');
    expect(fold?.how).toBe('stir');
    expect(usualWorking(ingredient('walnut'), 'top', tool('fork'), 'normal')).toBeNull();
  });

  test('everything in the larder has a way and something to look for, in every tool', () => {
    for (const one of shippedLarder.values()) {
      for (const machine of machines) {
        for (const grind of grinds) {
          const found = usualWorking(one, 'bowl', machine, grind);
          expect([one.id, (found?.lookFor ?? '').length > 3]).toEqual([one.id, true]);
          const stir = /^(mortar|knife|fork|whisk)$/.test(machine.id);
          if (stir) expect(found?.how).toBe('stir');
        }
      }
    }
  });
});
