import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { garlicInOil } from '../../test/thingOf';
import { dayNeeds } from '../day/dayNeeds';
import { dayTasks } from '../day/dayTasks';
import { planDay } from '../day/planDay';
import { usualResources } from '../day/plan';
import { shoppingList } from '../day/shopping';
import { plainRow } from '../dip/dip';
import { shippedLarder } from '../larder/larder';
import { larderWithMade, madeHere } from './madeHere';
import { madeForDay } from './madeForDay';
import { madeId, offId } from '../larder/madeId';
import { thingBatches } from './thingBatch';

const base = dip('base', {
  ...{ name: 'Base', goesIn: true as const },
  rows: [
    plainRow('1', 'chickpeas-canned-drained', '480 g'),
    plainRow('2', 'tahini-hulled', '120 g'),
  ],
});
const green = dip('green', {
  ...{ name: 'Green', servedAtC: 8 },
  rows: [
    plainRow('1', madeId('base'), '500 g'),
    plainRow('2', offId('garlic'), '39 g'),
    plainRow('3', 'parsley', '61 g'),
  ],
});
const book = {
  ...bookOf([base, green]),
  things: new Map([[garlicInOil.id, garlicInOil]]),
};
const kitchen = kitchenOf({ larder: larderWithMade(shippedLarder, madeHere(book), 'us') });
const plan = { dips: [{ dipId: 'green', massG: 600 }], pins: {} };
const needsOf = (some: Partial<typeof book> = {}) =>
  dayNeeds(
    plan,
    book.dips,
    kitchen,
    null,
    madeForDay({ ...book, ...some }, kitchen, () => true),
  );

describe('a day whose dip takes a base and garlic oil', () => {
  const needs = needsOf();

  test('makes both first, as much as it takes, and buys what they are made of', () => {
    expect(needs.problems).toEqual([]);
    expect(needs.dips.map(({ dip: one, massG, intoG }) => [one.id, massG, intoG])).toEqual([
      ['green', 600, 0],
      ['base', expect.closeTo(500, 6), expect.closeTo(500, 6)],
    ]);
    // 39 g of oil at 0.78 of what goes in are 50 g: 10 g of garlic and 40 g of oil
    expect(needs.things.map(({ key, inG }) => [key, inG])).toEqual([
      ['made/garlic', expect.closeTo(50, 6)],
    ]);
    const list = shoppingList(needs, kitchen.larder);
    const need = (id: string) => list.find(({ ingredientId }) => ingredientId === id)?.needG;
    expect(need('olive-oil-extra-virgin')).toBeCloseTo(40, 6);
    expect(need('tahini-hulled')).toBeCloseTo(100, 6);
    expect(list.some(({ ingredientId }) => ingredientId.startsWith('made-'))).toBe(false);
  });

  test('says what is over: the cloves nobody asked for', () => {
    const cloves = needs.leftovers.find(({ ingredient }) => ingredient === madeId('garlic'));
    expect(cloves).toMatchObject({
      what: 'Slow garlic, ours',
      typical: expect.closeTo(8, 6) as unknown as number,
      keepDays: 4,
    });
  });

  test('blends the base before the dip, strains the oil before it too, and carries out only the dip', () => {
    const tasks = dayTasks(needs, plan, kitchen);
    const day = planDay({ tasks, resources: usualResources }, { tries: 60 });
    const at = (id: string) => day.tasks.find((task) => task.id === id) ?? { start: NaN, end: NaN };
    expect(at('base/blend').end).toBeLessThanOrEqual(at('green/blend').start);
    expect(at('made/garlic/2').end).toBeLessThanOrEqual(at('green/blend').start);
    expect(at('made/garlic/1').start).toBeGreaterThanOrEqual(at('made/garlic/0').end);
    expect(tasks.some(({ id }) => id === 'base/serve')).toBe(false);
    expect(tasks.find(({ id }) => id === 'base/blend')?.contains).toEqual(['sesame']);
  });

  test('takes what stands ready first, and makes only the rest', () => {
    const made = thingBatches(
      garlicInOil,
      { factor: 0.1, staysG: null, offG: null },
      kitchen,
      ['c', 'o'],
      { madeOn: '2026-06-11', madeAt: '2026-06-11T09:00:00.000Z' },
      new Set(),
    );
    const some = needsOf({ batches: new Map(made.map((one) => [one.id, one])) });
    // 23.4 g of oil stand there: 15.6 g more are wanted
    expect(some.things[0]?.inG).toBeCloseTo(15.6 / 0.78, 6);
    const enough = thingBatches(
      garlicInOil,
      { factor: 1, staysG: null, offG: null },
      kitchen,
      ['c', 'o'],
      { madeOn: '2026-06-11', madeAt: '2026-06-11T09:00:00.000Z' },
      new Set(),
    );
    expect(needsOf({ batches: new Map(enough.map((one) => [one.id, one])) }).things).toEqual([]);
  });

  test('counts a base that is on the table too once for both', () => {
    const both = dayNeeds(
      { dips: [...plan.dips, { dipId: 'base', massG: 300 }] },
      book.dips,
      kitchen,
      null,
      madeForDay(book, kitchen, () => true),
    );
    const found = both.dips.find(({ dip: one }) => one.id === 'base');
    expect([found?.massG, found?.intoG]).toEqual([expect.closeTo(800, 6), expect.closeTo(500, 6)]);
    const tasks = dayTasks(both, plan, kitchen);
    expect(tasks.filter(({ id }) => id === 'base/blend')).toHaveLength(1);
    expect(tasks.some(({ id }) => id === 'base/serve')).toBe(true);
  });

  test('puts more in where less was weighed out of the machine here', () => {
    const made = (id: string) =>
      trial(id, 'green', {
        rows: [
          {
            ingredientId: 'water',
            planned: null,
            amount: '500 g',
            massG: 500,
            cv: 0.01,
            place: 'bowl',
          },
        ],
        yieldG: 450,
      });
    const some = needsOf({ trials: new Map(['t1', 't2'].map((id) => [id, made(id)])) });
    const green1 = some.dips.find(({ dip: one }) => one.id === 'green');
    // two weighed at 0.90, the usual 0.97 counting as two more: their geometric mean
    expect(green1?.comesOut).toBeCloseTo(Math.sqrt(0.9 * 0.97), 6);
    const base1 = some.dips.find(({ dip: one }) => one.id === 'base');
    // nobody weighed the base, but the machine is the same
    expect(base1?.comesOut).toBeCloseTo(Math.sqrt(0.9 * 0.97), 6);
    expect(base1?.massG).toBeCloseTo(500 / Math.sqrt(0.9 * 0.97), 6);
  });
});
