import { kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip } from '../../test/bookOf';
import { kitMachine, defaultKit } from '../kitchen/kit';
import { type ReadRow, readRow } from '../dip/readRow';
import { shippedLarder } from '../larder/larder';
import { readGrams } from '../amounts/toGrams';
import { linearRule, ruleOff } from '../mix/rule';
import { resizedRows, scarcest, sizeFactor, sizings } from './resize';

const machine = kitMachine(defaultKit, 'food-processor');
const read = (rows: [string, string][]): ReadRow[] =>
  dip('a', {
    rows: rows.map(([ingredientId, amount], i) => ({
      id: `r${i}`,
      ingredientId,
      amount,
      place: 'bowl',
      prep: '',
      hold: false,
    })),
  }).rows.map((row) => readRow(row, kitchenOf()));

describe('how many times', () => {
  const sized = { massG: 600, volumeMl: 500, portionG: 60 };

  test.each<[(typeof sizings)[number], number, number]>([
    ['times', 3, 3],
    ['portions', 30, 3],
    ['mass', 300, 0.5],
    ['volume', 1000, 2],
    // ten jars of 200 ml filled nine tenths are 1800 ml
    ['jars', 10, 3.6],
    ['fills', 2, (2 * 1500) / 500],
  ])('%s %d is %d times', (sizing, value, factor) => {
    expect(sizeFactor(sizing, value, sized, machine, 200)).toBeCloseTo(factor, 9);
  });

  test('of nothing is nothing', () => {
    const empty = { massG: 0, volumeMl: 0, portionG: 60 };
    for (const sizing of sizings) expect(sizeFactor(sizing, 2, empty, machine, 200)).toBe(0);
  });
});

describe('rows in another size', () => {
  test.each<[string, string, number, string]>([
    ['water', '1/4 cup', 2, '½ cup'],
    ['tahini-hulled', '1/3 cup', 2, '⅔ cup'],
    ['garlic-raw', '1 clove', 3, '3 cloves'],
    ['chickpeas-canned-drained', '1 can', 2, '2 cans'],
    ['sea-salt-fine', '1/2 tsp', 0.5, '¼ tsp'],
    ['chickpeas-cooked', '310 g', 1.5, '465 g'],
    ['water', 'to taste', 4, 'to taste'],
    ['water', 'a blorp', 4, 'a blorp'],
    // 1.305 and 5.22 teaspoons: one spoon alone would be a seventh off
    ['sea-salt-fine', '1/2 tsp', 2.61, '1¼ tsp'],
    ['sea-salt-fine', '1/2 tsp', 1.3, '½ tsp + ⅛ tsp'],
    ['lemon-juice', '2 tsp', 2.61, '1½ tbsp + ¾ tsp'],
  ])('%s, %s, %d times is %s', (id, amount, factor, wanted) => {
    expect(resizedRows(read([[id, amount]]), factor, 'us')[0]?.amount).toBe(wanted);
  });

  test('an awkward share becomes the nearest measure a cook has', () => {
    const [row] = resizedRows(read([['water', '1/4 cup']]), 1.37, 'us');
    expect(row?.amount).not.toMatch(/\d\.\d/);
    const water = shippedLarder.get('water');
    const now = water && readGrams(row?.amount ?? '', water, 'us');
    expect(now?.ok && now.value.massG / (1.37 * 59.1)).toBeCloseTo(1, 1);
    const before = water && readGrams('1/4 cup', water, 'us');
    const exact = before?.ok ? 1.37 * before.value.massG : NaN;
    expect(row?.off).toBeCloseTo((now?.ok ? now.value.massG : NaN) / exact - 1, 9);
  });

  test('what is left of a can or lemon that is begun is said', () => {
    const rows = resizedRows(
      read([
        ['chickpeas-canned-drained', '1 can'],
        ['lemon-juice', 'juice of 1 lemon'],
        ['water', '1 cup'],
      ]),
      0.5,
      'us',
    );
    expect(rows[0]?.spare).toEqual({ share: 0.5, of: 'can' });
    expect(rows[1]?.spare).toEqual({ share: 0.5, of: 'lemon' });
    expect(rows[2]?.spare).toBeNull();
    expect(resizedRows(read([['garlic-raw', '1 clove']]), 2.5, 'us')[0]?.spare).toBeNull();
  });

  test('weigh about so many times as much, whatever they are written in', () => {
    const amounts = fc.constantFrom('1/4 cup', '2 tbsp', '1 1/2 cups', '120 g', '3 tsp');
    fc.assert(
      fc.property(amounts, fc.double({ min: 0.5, max: 6, noNaN: true }), (amount, factor) => {
        const rows = read([['water', amount]]);
        const [row] = resizedRows(rows, factor, 'us');
        const water = shippedLarder.get('water');
        const now = water && readGrams(row?.amount ?? '', water, 'us');
        const times = now?.ok ? now.value.massG / (rows[0]?.massG ?? NaN) : NaN;
        expect(Math.abs(times / factor - 1)).toBeLessThan(0.07);
      }),
    );
  });
});

test('the scarcest thing in the house sets how often it can be made', () => {
  const rows = read([
    ['chickpeas-cooked', '300 g'],
    ['tahini-hulled', '60 g'],
    ['tahini-hulled', '20 g'],
    ['water', '50 g'],
  ]);
  const house = new Map([
    ['chickpeas-cooked', 900],
    ['tahini-hulled', 120],
  ]);
  expect(scarcest(rows, house)).toEqual({ ingredientId: 'tahini-hulled', factor: 1.5 });
  expect(scarcest(rows, new Map())).toBeNull();
});

describe('another size by rules', () => {
  const rows = read([
    ['tahini-hulled', '¼ cup'],
    ['lemon-juice', '¼ cup'],
    ['sea-salt-fine', '1 tsp'],
    ['chickpeas-cooked', '500 g'],
  ]);
  const ruled = rows.flatMap(({ row, ingredient }) =>
    ingredient ? [{ ingredient, place: row.place, rowId: row.id }] : [],
  );
  const rule = linearRule(
    {
      ...{ id: 'a', said: 'as much tahini as lemon', sense: 'equal', times: 1, by: 'measure' },
      ...{ of: { rows: ['r0'] }, to: { rows: ['r1'] } },
    },
    ruled,
  );

  test('keeps what held before, whatever rounding does', () => {
    if (!rule) throw new Error('the rule rests');
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 6, noNaN: true }), (factor) => {
        const sized = resizedRows(rows, factor, 'us', [rule]);
        const masses = sized.map(({ amount }, i) => {
          const ingredient = rows[i]?.ingredient;
          const grams = ingredient ? readGrams(amount, ingredient, 'us') : null;
          return grams?.ok ? grams.value.massG : NaN;
        });
        expect(Math.abs(ruleOff(rule, masses))).toBeLessThanOrEqual(rule.slack + 0.01);
      }),
    );
  });

  test('what did not hold before is no reason to move anything', () => {
    const other = rule && { ...rule, right: rule.right.map((one) => one * 3) };
    const plain = resizedRows(rows, 1.4, 'us');
    expect(resizedRows(rows, 1.4, 'us', other ? [other] : [])).toEqual(plain);
  });
});
