import { kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { planFaults } from '../../test/planChecker';
import { type Dip, plainRow } from '../dip/dip';
import { keptFreeOf } from '../dip/keptFree';
import { ingredient } from '../../test/larderIngredient';
import { emptyPlan, usualResources } from './plan';
import { larderWith, shippedLarder } from '../larder/larder';
import { yieldOf } from '../prepare/yields';
import { routeOfRow } from '../prepare/routeOfRow';
import { usualWay } from '../prepare/usualWay';
import { dayNeeds, type Hurry } from './dayNeeds';
import { dayTasks } from './dayTasks';
import { planDay } from './planDay';
import { shoppingList, shoppingText, spareG } from './shopping';

const rowsOf = (id: string, rows: [string, string][]): Dip =>
  dip(id, {
    rows: rows.map(([ingredientId, amount], i) => ({
      id: `${id}-${i}`,
      ingredientId,
      amount,
      place: 'bowl',
      prep: '',
      hold: false,
    })),
  });
const hummus = rowsOf('hummus', [
  ['tahini-hulled', '80 g'],
  ['lemon-juice', '40 g'],
  ['chickpeas-canned-drained', '240 g'],
  ['chickpea-can-liquid', '60 g'],
  ['water', '30 g'],
]);
const plain = rowsOf('plain', [
  ['chickpeas-canned-drained', '240 g'],
  ['lemon-juice', '20 g'],
  ['water', '60 g'],
]);
const dips = new Map([hummus, plain].map((one) => [one.id, one]));
const plan = {
  ...emptyPlan('p', 'A day', '2027-06-12T12:30', '2027-06-01T08:00:00.000Z'),
  dips: [
    { dipId: 'hummus', massG: 900 },
    { dipId: 'plain', massG: 320 },
  ],
};
const needs = dayNeeds(plan, dips, kitchenOf());

describe('what a day needs', () => {
  test('is made ready once for all its dips, in the sizes wanted', () => {
    // twice the hummus and the plain one as it is: 480 + 240 g of chickpeas, six tenths of a can each
    const cans = needs.preps.find(({ key }) => key.startsWith('chickpeas'));
    expect(cans?.readyG).toBeCloseTo(720, 6);
    expect(cans?.rawG).toBeCloseTo(1200, 6);
    expect(cans?.waiting).toEqual(['hummus', 'plain']);
    expect(needs.dips.map(({ massG }) => massG)).toEqual([900, 320]);
  });

  test('uses what its own preparations leave over before buying it', () => {
    // three cans leave 465 ml of liquid, and 120 g are wanted
    expect(
      needs.bought.find(({ ingredientId }) => ingredientId === 'chickpea-can-liquid'),
    ).toBeUndefined();
    const liquid = needs.leftovers.find(({ what }) => what === 'can liquid');
    const density = shippedLarder.get('chickpea-can-liquid')?.densityGPerMl ?? NaN;
    expect(liquid?.typical).toBeCloseTo(465 - 120 / density, 4);
    expect(
      needs.bought.find(({ ingredientId }) => ingredientId === 'tahini-hulled')?.massG,
    ).toBeCloseTo(160, 6);
  });

  test('says what can’t be read, and leaves out dips that are gone', () => {
    const odd = rowsOf('odd', [['water', 'a blorp']]);
    const found = dayNeeds(
      {
        dips: [
          { dipId: 'odd', massG: 100 },
          { dipId: 'gone', massG: 100 },
        ],
      },
      new Map([['odd', odd]]),
      kitchenOf(),
    );
    expect(found.problems[0]).toMatch(/^Dip odd: /);
    expect(found.dips.length).toBe(1);
  });
});

test('what lemons have given this cook is what is used', () => {
  const results = [1, 2, 3, 4, 5, 6].map((n) => ({
    id: String(n),
    ingredientId: 'lemon-juice',
    from: 'lemon',
    rawG: 480,
    readyG: 480 * 0.3,
    at: '2027-05-01T10:00:00.000Z',
  }));
  const lemons = (own: typeof results) =>
    dayNeeds(plan, dips, kitchenOf({ yields: own })).preps.find(
      ({ ingredientId }) => ingredientId === 'lemon-juice',
    )?.rawG ?? NaN;
  // ln of the yield is (2 ln table + 6 ln 0.3) / 8
  const table = (45 * 1.03) / 120;
  const learned = Math.exp((2 * Math.log(table) + 6 * Math.log(0.3)) / 8);
  expect(lemons(results) / lemons([])).toBeCloseTo(table / learned, 6);
});

describe('ways to make a row ready', () => {
  test('the usual one, one that is said, and none', () => {
    expect(usualWay(ingredient('chickpeas-cooked'))).toEqual({ from: 'dried' });
    expect(usualWay(ingredient('garlic-raw'))).toBeNull();
    expect(usualWay(ingredient('water'))).toBeNull();
    expect(routeOfRow(ingredient('chickpeas-cooked'), undefined)?.from).toBe('dried');
    expect(routeOfRow(ingredient('chickpeas-cooked'), null)).toBeNull();
    expect(routeOfRow(ingredient('labneh'), { from: 'yogurt' })?.steps.at(-1)?.waitMin).toBe(720);
    expect(routeOfRow(ingredient('labneh'), { from: 'the moon' })).toBeNull();
    const soak = (way: 'overnight' | 'hot') =>
      routeOfRow(ingredient('chickpeas-cooked'), { from: 'dried', soak: way })?.steps[1]?.waitMin ??
      NaN;
    expect(soak('hot')).toBeLessThan(soak('overnight') / 4);
  });

  test('in a hurry long soaks are hot, or the pulse comes from cans where there are any', () => {
    const day = (id: string, hurry: Hurry | null) =>
      dayNeeds(
        { dips: [{ dipId: 'b', massG: 300 }] },
        new Map([['b', rowsOf('b', [[id, '300 g']])]]),
        kitchenOf(),
        hurry,
      ).preps[0];
    const wait = (hurry: Hurry | null) =>
      day('chickpeas-cooked', hurry)?.preparation.steps[1]?.waitMin ?? NaN;
    expect(wait('hot-soak')).toBeLessThan(wait(null));
    const canned = day('chickpeas-cooked', 'cans');
    expect(canned?.ingredientId).toBe('chickpeas-canned-drained');
    // 250 g drained of a can of 400 g
    expect(canned?.rawG).toBeCloseTo((300 * 400) / yieldOf('can-400-drained').typical, 6);
    expect(canned?.preparation.steps).toHaveLength(1);
    expect(day('broad-beans-dried-cooked', 'cans')).toEqual(day('broad-beans-dried-cooked', null));
  });
});

describe('the tasks of a day', () => {
  const tasks = dayTasks(needs, plan, kitchenOf());

  test('lead from raw to the table: preparation, blending, rest, serving', () => {
    const blend = tasks.find(({ id }) => id === 'hummus/blend');
    expect(blend?.contains).toEqual(['sesame']);
    expect(blend?.after.length).toBe(2);
    expect(blend?.uses['processor']).toBe(1);
    expect(tasks.find(({ id }) => id === 'hummus/rest')?.waitMin).toBe(120);
    expect(tasks.find(({ id }) => id === 'hummus/serve')?.after).toEqual(['hummus/rest']);
  });

  test('can be planned, and the plan holds', () => {
    const problem = { tasks, resources: usualResources };
    const found = planDay(problem, { tries: 200 });
    expect(found.clashes).toEqual([]);
    expect(planFaults(problem, found)).toEqual([]);
    // without sesame first: nothing to wash, nothing free after
    expect([found.washUps, found.freeAfter]).toEqual([0, 0]);
  });

  test('too much for the machine goes through in loads', () => {
    const big = dayNeeds({ dips: [{ dipId: 'hummus', massG: 4000 }] }, dips, kitchenOf());
    const label = dayTasks(big, plan, kitchenOf()).find(({ id }) => id === 'hummus/blend')?.label;
    expect(label).toBe('Dip hummus: blend in 3 loads');
  });

  test('a pin of the plan stands on its task', () => {
    const pinned = dayTasks(needs, { pins: { 'plain/blend': -300 } }, kitchenOf());
    expect(pinned.find(({ id }) => id === 'plain/blend')?.pinnedAt).toBe(-300);
  });
});

test('what is in the house is not bought again, and is not counted twice', () => {
  const there = new Map([
    ['chickpeas-canned-drained', 480],
    ['tahini-hulled', 500],
    ['lemon-juice', 20],
  ]);
  const items = shoppingList(needs, shippedLarder, there);
  // 720 g wanted, 480 there: 240 g is one can
  expect(items.find(({ what }) => what.startsWith('Chickpeas'))?.amount).toBe('1 can of 400 g');
  expect(items.find(({ ingredientId }) => ingredientId === 'tahini-hulled')).toBeUndefined();
  expect(items.find(({ ingredientId }) => ingredientId === 'lemon-juice')?.needG).toBeCloseTo(
    80 / ((45 * 1.03) / 120),
    4,
  );
});

test('the shopping list counts pieces and cans up, weighs the rest, and buys no water', () => {
  const items = shoppingList(needs, shippedLarder);
  const text = shoppingText(items);
  expect(text).toContain('3 cans of 400 g  Chickpeas, canned, drained');
  // 100 g of juice at 0.386 of a 120 g lemon: 2.2, so three
  expect(items.find(({ ingredientId }) => ingredientId === 'lemon-juice')).toMatchObject({
    amount: '3',
    what: 'lemons',
  });
  expect(text).toContain('1 jar  Tahini, hulled, light');
  expect(text).not.toMatch(/water/i);
});

describe('a dip made free of something', () => {
  const base = dip('base', { rows: [plainRow('t', 'tahini-hulled', '80 g')] });
  const free = dip('free', { parentId: 'base', rows: [plainRow('s', 'sunflower-butter', '80 g')] });

  test('is kept free of what its base has, and a base of nothing', () => {
    expect(keptFreeOf(free, base, kitchenOf())).toEqual(['sesame']);
    expect(keptFreeOf(base, undefined, kitchenOf())).toEqual([]);
    expect(keptFreeOf(base, base, kitchenOf())).toEqual([]);
  });

  test('is blended before it, that day', () => {
    const both = new Map([base, free].map((one) => [one.id, one]));
    const found = dayNeeds(
      { dips: [...both.keys()].map((dipId) => ({ dipId, massG: 400 })) },
      both,
      kitchenOf(),
    );
    const blend = dayTasks(found, { pins: {} }, kitchenOf()).find(({ id }) => id === 'free/blend');
    expect(blend?.freeOf).toEqual(['sesame']);
  });
});

test('what is bought by the pack says what is left over of it, the cook’s own packs first', () => {
  const paste = dip('paste', {
    rows: [plainRow('t', 'tahini-hulled', '310 g'), plainRow('g', 'garlic-raw', '63 g')],
  });
  const one = new Map([[paste.id, paste]]);
  const list = (kitchen = kitchenOf()) =>
    shoppingList(
      dayNeeds({ dips: [{ dipId: 'paste', massG: 373 }] }, one, kitchen),
      kitchen.larder,
    );
  const tahini = list().find(({ ingredientId }) => ingredientId === 'tahini-hulled');
  expect([tahini?.amount, tahini?.boughtG, tahini?.stock]).toEqual(['2 jars', 600, '600 g']);
  expect(tahini && spareG(tahini)).toBeCloseTo(290, 6);
  const garlic = list().find(({ ingredientId }) => ingredientId === 'garlic-raw');
  expect(garlic?.amount).toBe('2 heads');
  const larder = larderWith([{ id: 'tahini-hulled', like: 'tahini-hulled', packageG: 250 }]);
  const own = list(kitchenOf({ larder })).find(
    ({ ingredientId }) => ingredientId === 'tahini-hulled',
  );
  expect([own?.amount, own?.boughtG]).toEqual(['2 jars of 250 g', 500]);
  for (const item of list()) expect(item.boughtG).toBeGreaterThanOrEqual(item.needG - 1e-9);
});
