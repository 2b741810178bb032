import { describe, expect, test } from '@jest/globals';
import { shippedLarder as larder } from '../larder/larder';
import { usualMethod } from '../mix/method';
import type { WorkedIn } from './dip';
import { workedMethod } from './workedMethod';

const row = (ingredientId: string, how?: WorkedIn['how'], minutes: number | null = null) => ({
  ingredientId,
  ...(how ? { worked: { how, minutes, lookFor: '' } } : {}),
});

describe('a method as the rows say it', () => {
  test('says nothing where they say nothing', () => {
    const rows = [row('almond'), row('olive-oil-light')];
    expect(workedMethod(usualMethod, rows, larder)).toEqual(usualMethod);
  });

  test('oil that is streamed is streamed, water that is streamed is not', () => {
    const streams = (id: string) => workedMethod(usualMethod, [row(id, 'stream')], larder).streamed;
    expect([streams('olive-oil-light'), streams('water')]).toEqual([true, undefined]);
  });

  test('nuts are run for their own minutes and those of what follows in the machine', () => {
    const rows = [
      row('lemon-juice', 'long', 5),
      row('almond', 'long', 6),
      row('water', 'pulse', 0.5),
      row('basil', 'stir', 3),
    ];
    expect(workedMethod(usualMethod, rows, larder).minutes).toBe(6.5);
  });

  test('minutes without nuts are no grind', () => {
    expect(workedMethod(usualMethod, [row('chickpeas-cooked', 'long', 4)], larder).minutes).toBe(
      undefined,
    );
  });

  test('what the method says itself goes before', () => {
    const method = { ...usualMethod, minutes: 2, streamed: false };
    const rows = [row('almond', 'long', 9), row('olive-oil-light', 'stream')];
    expect(workedMethod(method, rows, larder)).toMatchObject({ minutes: 2, streamed: false });
  });
});
