import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import { batchOf } from './batchOf';
import { batchCost, type Price, pricePerG, sellingPrice, workCost } from './cost';
import { fillContainers } from './fills';
import { labelAllergens, labelItems, labelText } from './label';
import { batchLosses, lossCauses } from './losses';
import { nutritionOf, nutritionText, saturatesOf } from './nutrition';

const prices = (...all: Price[]) => new Map(all.map((one) => [one.ingredient, one]));

describe('where a batch goes', () => {
  const g = fc.double({ min: 0, max: 3000, noNaN: true });

  test('nothing is lost twice and nothing is found: what went in is what came out and what is accounted for', () => {
    const seen = fc.dictionary(
      fc.constantFrom(...lossCauses),
      fc.double({ min: 0, max: 400, noNaN: true }),
    );
    fc.assert(
      fc.property(g, fc.option(g), seen, fc.nat(12), (inG, weighed, lost, tastings) => {
        const { losses, yieldG } = batchLosses({
          ...{ inG, body: 7, tastings, seen: lost },
          ...(weighed === null ? {} : { weighedG: weighed }),
        });
        const sum = losses.reduce((total, one) => total + one.g, 0);
        expect(yieldG + sum).toBeCloseTo(inG, 6);
        if (weighed !== null) expect(yieldG).toBe(weighed);
        else expect(yieldG).toBeGreaterThanOrEqual(-1e-9);
      }),
    );
  });

  test('a stiffer dip leaves more on the blade, and each tasting takes a spoon', () => {
    const film = (body: number) => batchLosses({ inG: 600, body, tastings: 0 }).losses[0]?.g ?? 0;
    expect(film(9)).toBeGreaterThan(film(5));
    const spoons = batchLosses({ inG: 600, body: 7, tastings: 3 }).losses[1];
    expect(spoons).toMatchObject({ cause: 'tasted', g: 15, low: 9, high: 24 });
  });

  test('the scale that shows more than went in says so', () => {
    const { losses } = batchLosses({ inG: 500, body: 7, tastings: 0, weighedG: 520 });
    expect(losses).toEqual([{ cause: 'other', g: -20, low: -20, high: -20 }]);
  });

  test('what is only estimated gives way to it, and what it can’t explain is said', () => {
    const near = batchLosses({ inG: 600, body: 7, tastings: 2, weighedG: 590 }).losses;
    expect(near.map(({ cause }) => cause)).toEqual(['film', 'tasted']);
    expect(near.reduce((sum, { g }) => sum + g, 0)).toBeCloseTo(10, 9);
    const far = batchLosses({ inG: 600, body: 7, tastings: 2, weighedG: 500 }).losses;
    expect(far.at(-1)?.cause).toBe('other');
    expect(far.at(-1)?.g).toBeGreaterThan(70);
  });
});

describe('what a batch fills', () => {
  test('jars are filled to a tenth under the rim, in the order given, oil in the same room', () => {
    // 200 ml, nine tenths of it at 1.05 g/ml; 9.1 g of oil take 10 ml
    const { fills, leftG, oilG } = fillContainers(600, 1.05, [
      { name: 'jar', ml: 200, count: 2 },
      { name: 'ramekin', ml: 100, count: 6, oilSealG: 9.1 },
    ]);
    expect(fills[0]).toEqual({ name: 'jar', full: 2, g: 189 });
    expect(fills[1]?.g).toBeCloseTo(84, 9);
    expect(fills[1]?.full).toBe(2);
    expect(leftG).toBeCloseTo(600 - 378 - 168, 9);
    expect(oilG).toBeCloseTo(18.2, 9);
  });

  test('grams in are grams in containers, losses and what is left, whatever is filled', () => {
    const container = fc.record({
      name: fc.constant('jar'),
      ml: fc.double({ min: 10, max: 2000, noNaN: true }),
      count: fc.nat(30),
      oilSealG: fc.double({ min: 0, max: 30, noNaN: true }),
    });
    fc.assert(
      fc.property(pulseDip, fc.array(container, { maxLength: 5 }), (parts, containers) => {
        const made = batchOf(parts, conditionsOf(), containers);
        const filled = made.fills.reduce((sum, { full, g }) => sum + full * g, 0);
        const lost = made.losses.reduce((sum, one) => sum + one.g, 0);
        expect(filled + made.leftG + lost).toBeCloseTo(made.inG, 6);
        made.fills.forEach(({ full }, i) =>
          expect(full).toBeLessThanOrEqual(containers[i]?.count ?? 0),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('what it costs', () => {
  const pesto = [part('basil', 80), part('pine-nut', 40), part('water', 20)];

  test('by the pack as bought, the dearest first', () => {
    // 10.00 for 100 g: 40 g cost 4.00; 2.50 for a bunch of 50 g: 80 g cost 4.00 and so half of it each
    const own = prices(
      { ingredient: 'pine-nut', price: 10, forG: 100 },
      { ingredient: 'basil', price: 3, forG: 80 },
    );
    const cost = batchCost(pesto, own);
    expect(cost.batch).toBeCloseTo(7, 3);
    expect(cost.drivers[0]).toMatchObject({ ingredient: 'pine-nut', source: 'own' });
    expect(cost.drivers[0]?.share).toBeCloseTo(4 / 7, 3);
  });

  test('what has no price is missing, and the rest is at least', () => {
    const own = prices({ ingredient: 'basil', price: 3, forG: 80 });
    const cost = batchCost(pesto, own, true);
    expect(cost.batch).toBeCloseTo(3, 9);
    expect(cost.missing).toEqual(['pine-nut']);
    expect(batchCost(pesto, own).missing).toEqual([]);
    expect(batchCost(pesto, own).guessed).toContain('pine-nut');
    expect(pricePerG(ingredient('pine-nut'), new Map())?.source).toBe('larder');
  });

  test('twice the batch costs twice, and shares are of one', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const once = batchCost(parts, new Map());
        const twice = batchCost(
          parts.map((one) => ({ ...one, massG: 2 * one.massG })),
          new Map(),
        );
        expect(twice.batch).toBeCloseTo(2 * once.batch, 9);
        expect(once.drivers.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
      }),
    );
  });

  test('a price from a share of it', () => {
    expect(sellingPrice(1.5, 0.3)).toBeCloseTo(5, 9);
    expect(sellingPrice(1.5, 0)).toBeNull();
  });
});

describe('what stands on a label', () => {
  const hummus = [
    part('water', 60),
    part('chickpeas-canned-drained', 300),
    part('tahini-hulled', 80),
    part('walnut', 20),
    part('garlic-raw', 4),
    part('tahini-hulled', 10),
  ];

  test('the heaviest first, each once, what may be reacted to in capitals and said again', () => {
    const items = labelItems(hummus);
    expect(labelText(items)).toBe('chickpeas, tahini (SESAME), water, WALNUTS, garlic');
    expect(labelAllergens(items)).toEqual(['sesame', 'walnut']);
    expect(items.map(({ g }) => g)).toEqual([300, 90, 60, 20, 4]);
  });

  test('what was made here is opened in its place, its allergens with it', () => {
    const inner = new Map([['hummus-base', hummus]]);
    const made = { ...ingredient('chickpeas-cooked'), id: 'hummus-base', name: 'Hummus base' };
    const green = [
      { ingredient: made, massG: 400 },
      { ingredient: ingredient('parsley'), massG: 40 },
    ];
    const items = labelItems(green, inner);
    expect(labelText(items)).toMatch(/^Hummus base \(chickpeas, tahini \(SESAME\), .*\), parsley/);
    expect(labelAllergens(items)).toContain('sesame');
  });

  test('water that boiled away is not listed before what is left of it', () => {
    const [first, second] = labelItems(
      [part('water', 100), part('chickpeas-cooked', 90)],
      new Map(),
      40,
    );
    expect([first?.name, second?.g]).toEqual(['chickpeas', 60]);
  });
});

describe('nutrition', () => {
  test('by hand: tahini and lemon by the usual factors', () => {
    const { id, ...one } = ingredient('tahini-hulled');
    const parts = [{ ingredient: { id, ...one }, massG: 50 }];
    const found = nutritionOf(parts);
    const carbohydrate = (one.starchG + one.sugarsG) / 2;
    const kcal =
      9 * one.fatG * 0.5 + 4 * one.proteinG * 0.5 + 4 * carbohydrate + one.fibreG + 1.5 * one.acidG;
    expect(found.kcal).toBeCloseTo(kcal, 6);
    // kJ and kcal are two ways of saying it
    expect(found.kJ / found.kcal).toBeCloseTo(4.1, 0);
    expect(found.saturatesG).toBeCloseTo(0.5 * 57 * 0.14, 1);
  });

  test('no thing has more saturated fat than fat, and butter much of it', () => {
    expect(saturatesOf(ingredient('butter')) / ingredient('butter').fatG).toBeGreaterThan(0.55);
    expect(saturatesOf(ingredient('olive-oil-extra-virgin'))).toBeLessThan(16);
    const bare = { ...ingredient('butter'), saturatesG: null };
    expect(saturatesOf(bare)).toBeCloseTo(0.635 * bare.fatG, 6);
    expect(saturatesOf({ ...bare, saturatesG: 99 })).toBe(bare.fatG);
  });

  test.each([
    ['fatG', 12.4, '12'],
    ['fatG', 9.96, '10.0'],
    ['fatG', 0.4, '<0.5'],
    ['saturatesG', 0.05, '<0.1'],
    ['saltG', 1.04, '1.0'],
    ['saltG', 0.333, '0.33'],
    ['saltG', 0.004, '<0.01'],
    ['kJ', 765.7, '766'],
  ] as const)('%s of %d is printed as %s', (name, value, text) => {
    expect(nutritionText(name, value)).toBe(text);
  });
});

test('work and power count only where they have a price', () => {
  expect(workCost({}, 40)).toBe(0);
  expect(workCost({ hour: 18 }, 40)).toBeCloseTo(12, 9);
  expect(workCost({ hour: 18, power: 0.5 }, null)).toBe(0.5);
});
