import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { plainRow } from '../dip/dip';
import { readRow } from '../dip/readRow';
import { countedSize } from './countedSize';
import { honestSizes, sizedMass } from './honestSizes';
import { parseAmount } from '../amounts/parseAmount';
import { resizedRows } from './resize';

const kitchen = kitchenOf();
const read = (rows: [string, string][]) =>
  dip('a', { rows: rows.map(([id, amount], i) => plainRow(`r${i}`, id, amount)) }).rows.map((row) =>
    readRow(row, kitchen),
  );
const sized = (amount: string, factor: number) => {
  const parsed = parseAmount(amount);
  return parsed.ok ? countedSize(parsed.value, factor) : null;
};

describe('counted things in another size', () => {
  test.each<[string, number, string | null]>([
    ['1 can', 1.4, '1½ cans'],
    ['1 can', 1.04, '1 can'],
    ['1 bunch', 1.4, '1½ bunches'],
    ['1 pinch', 1.4, '1½ pinches'],
    ['1 pinch', 1.04, '1 pinch'],
    ['2 pinches', 5, null],
    ['1 can', 0.2, null],
    ['1/4 cup', 1.4, null],
    ['120 g', 1.4, null],
  ])('%s, %d times, is %s', (amount, factor, text) => {
    expect(sized(amount, factor)?.text ?? null).toBe(text);
  });

  test('an amount of the raw thing stays one, or is weighed as what it gives', () => {
    const rows = read([['onion-sauteed', '1 onion']]);
    for (const factor of [0.4, 0.7, 1.04, 1.4, 2.3, 3.1]) {
      const makes = sizedMass(rows, resizedRows(rows, factor, 'us'), kitchen);
      expect(Math.abs(makes / ((rows[0]?.massG ?? NaN) * factor) - 1)).toBeLessThan(0.13);
    }
  });
});

describe('sizes that nothing is rounded in', () => {
  const rows = read([
    ['chickpeas-canned-drained', '1 can'],
    ['tahini-hulled', '1/3 cup'],
    ['lemon-juice', '2 tbsp'],
    ['sea-salt-fine', '1/2 tsp'],
  ]);

  test('are offered near a size that is, and are as they say', () => {
    const offered = honestSizes(rows, 1.87, 'us');
    expect(offered[0]).toBe(2);
    for (const factor of offered) {
      for (const { off } of resizedRows(rows, factor, 'us'))
        expect(Math.abs(off)).toBeLessThanOrEqual(0.02);
    }
    expect(honestSizes(rows, 2, 'us')).toEqual([]);
  });

  test('what a size is said to make is what its rows weigh', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 6, noNaN: true }), (factor) => {
        const resized = resizedRows(rows, factor, 'us');
        const grams = rows.reduce((sum, { row }, i) => {
          const again = readRow({ ...row, amount: resized[i]?.amount ?? '' }, kitchen);
          return sum + again.massG;
        }, 0);
        expect(sizedMass(rows, resized, kitchen)).toBeCloseTo(grams, 6);
      }),
    );
  });
});
