import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf, endOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { dippers, dippersWithout } from './dippers';
import { loosenTo, type ToLoosen } from './loosen';
import { plateOf } from './pasta';
import { portionOf } from './portion';
import { potsOf } from './pots';

const conditions = conditionsOf();
const hummus = [
  part('tahini-hulled', 80),
  part('lemon-juice', 30),
  part('chickpeas-canned-drained', 330),
  part('water', 40),
  part('sea-salt-fine', 3),
];
const pesto = [
  part('basil', 80),
  part('hazelnut', 60),
  part('grana-style', 50),
  part('olive-oil-extra-virgin', 100),
  part('sea-salt-fine', 2),
];

const taken = (dipG: number): ToLoosen => ({
  parts: hummus,
  dipG,
  conditions,
  family: 'pulse',
});

describe('loosened on purpose', () => {
  test('the liquid makes it just as loose as is wanted, and the salt is brought back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2.5, max: 6, noNaN: true }),
        fc.integer({ min: 50, max: 800 }),
        (wanted, dipG) => {
          const found = loosenTo(taken(dipG), ingredient('water'), wanted);
          expect(found?.proposal.after.freshBody).toBeCloseTo(wanted, 1);
          expect(found?.proposal.after.massG).toBeCloseTo(dipG + (found?.liquidG ?? NaN), 6);
          const share = 483 / dipG;
          const salted = endOf(
            [
              ...hummus,
              part('water', (found?.liquidG ?? NaN) * share),
              part('sea-salt-fine', (found?.saltG ?? NaN) * share),
            ],
            conditions,
          );
          // what is added weighs a little itself
          expect(salted.per100g.saltG / endOf(hummus).per100g.saltG).toBeCloseTo(1, 1);
        },
      ),
      { numRuns: 20 },
    );
  });

  test('is a change like any other: pasta water brings its wheat along', () => {
    const { allergensGained, massG } =
      loosenTo(taken(100), ingredient('pasta-water'), 4)?.proposal.consequences ?? {};
    expect(allergensGained).toEqual(['gluten']);
    expect(massG).toBeGreaterThan(5);
    expect(
      loosenTo(taken(100), ingredient('water'), 4)?.proposal.consequences.allergensGained,
    ).toEqual([]);
  });

  test('nothing where it is that loose already, or for what never gets there', () => {
    expect(loosenTo(taken(100), ingredient('water'), 11.5)).toBeNull();
    expect(loosenTo(taken(100), ingredient('tahini-hulled'), 2)).toBeNull();
    expect(loosenTo({ ...taken(100), parts: [] }, ingredient('water'), 3)).toBeNull();
  });
});

describe('pesto to pasta', () => {
  test('salt of a plate is that of pesto, water and what the pasta took up', () => {
    const water = ingredient('pasta-water');
    const plate = plateOf(pesto, { dipG: 60, pastaG: 100, waterG: 30 }, water, conditions);
    expect(plate.cookedG).toBe(225);
    const inDip = (endOf(pesto).per100g.saltG * 60) / 100;
    // 30 g of water, and 125 g taken up
    expect(plate.saltG).toBeCloseTo(inDip + (155 * water.saltG) / 100, 6);
    expect(plate.saltPer100G).toBeCloseTo((100 * plate.saltG) / (60 + 30 + 225), 6);
    expect(plate.coatPer100G).toBeCloseTo(40, 6);
  });

  test('more of the water coats looser once the mix is water outside', () => {
    const coat = (waterG: number) =>
      plateOf(pesto, { dipG: 60, pastaG: 100, waterG }, ingredient('pasta-water'), conditions)
        .coatBody ?? NaN;
    expect(coat(60)).toBeLessThan(coat(30));
  });
});

describe('so much of a dip', () => {
  test('is its parts in their proportions, and nothing of nothing', () => {
    const some = portionOf(hummus, 100);
    expect(some.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(100, 9);
    // 330 of 483 g are chickpeas
    expect(some[2]?.massG).toBeCloseTo((100 * 330) / 483, 9);
    expect(portionOf([], 100)).toEqual([]);
    expect(portionOf([part('water', 0)], 100)[0]?.massG).toBe(0);
  });
});

describe('pots and what is dipped', () => {
  test('pots and what stays over come to the dip', () => {
    // 480 g in 450 ml: a pot of 100 ml takes 96 g to nine tenths
    expect(potsOf(480, 450, 100)).toEqual({
      full: 5,
      eachG: expect.closeTo(96, 9),
      overG: expect.closeTo(0, 6),
    });
    const { full, eachG, overG } = potsOf(1000, 950, 120);
    expect(full * eachG + overG).toBeCloseTo(1000, 6);
    expect(overG).toBeLessThan(eachG);
  });

  test('without gluten there is still plenty to dip, and none of it is bread', () => {
    const free = dippersWithout(['gluten']);
    expect(free.length).toBeGreaterThan(4);
    expect(free.some(({ name }) => /bread|oat/.test(name))).toBe(false);
    expect(dippersWithout([])).toEqual(dippers);
    expect(dippersWithout(['celery']).some(({ name }) => name.includes('celery'))).toBe(false);
  });
});
