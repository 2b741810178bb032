import { mixOf } from '../mix/mix';
import { priorSd } from '../mix/priorSd';
import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { usualMethod } from '../mix/method';
import type { Part } from '../mix/part';
import { analyse } from './analyse';

const analysed = (parts: Part[], method = usualMethod, servedAtC = 5) =>
  analyse(parts, conditionsOf({ method, servedAtC }));

const hummus = [
  part('tahini-hulled', 80),
  part('lemon-juice', 30),
  part('water', 60),
  part('garlic-raw', 4),
  part('sea-salt-fine', 3),
  part('chickpeas-canned-drained', 310),
];

describe('a dip read from top to bottom', () => {
  test('has one step for each addition, the last being the whole', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const { path, freshBody, massG, per100g } = analysed(parts);
        expect(path.length).toBe(parts.length);
        const last = path.at(-1);
        expect(last?.body).toBe(freshBody);
        expect(last?.totalG).toBeCloseTo(massG, 9);
        expect(last?.saltG).toBeCloseTo(per100g.saltG, 9);
        path.forEach((step, i) => expect(step.massG).toBe(parts[i]?.massG));
      }),
    );
  });

  test('a prefix of it is that much of the path', () => {
    fc.assert(
      fc.property(pulseDip, fc.integer({ min: 1, max: 7 }), (parts, count) => {
        const whole = analysed(parts)
          .path.slice(0, count)
          .map((step) => ({
            ...step,
            modelSd: expect.closeTo(step.modelSd, 9) as unknown,
          }));
        expect(analysed(parts.slice(0, count)).path).toEqual(whole);
      }),
    );
  });

  test('tahini seizes with lemon, breaks with water, stiffens with chickpeas', () => {
    const [tahini, lemon, water, , , beans] = analysed(hummus).path.map((step) => step.body ?? NaN);
    expect(lemon).toBeGreaterThan((tahini ?? NaN) + 2);
    expect(water).toBeLessThan((lemon ?? NaN) - 2);
    expect(beans).toBeGreaterThan((water ?? NaN) + 1);
  });

  test('the same ingredient may stand in several rows', () => {
    const split = [
      part('water', 20),
      ...hummus.filter((one) => one.ingredient.id !== 'water'),
      part('water', 40),
    ];
    expect(analysed(split).freshBody).toBeCloseTo(analysed(hummus).freshBody ?? NaN, 9);
  });
});

describe('body at its moments', () => {
  test('served at 5 °C is chilled; words are those of the figures', () => {
    const { servedBody, chilledBody, freshBody, warmBody, waterOutside } = analysed(hummus);
    expect(servedBody).toBeCloseTo(chilledBody ?? NaN, 9);
    expect(chilledBody).toBeGreaterThan(freshBody ?? NaN);
    expect(warmBody).toBeLessThan(freshBody ?? NaN);
    expect(waterOutside).toBeGreaterThan(0.9);
  });

  test('crumbs have no figures', () => {
    const { path, ...end } = analysed([part('hazelnut', 100), part('parmesan-style', 60)]);
    expect(end).toMatchObject({
      freshBody: null,
      warmBody: null,
      chilledBody: null,
      servedBody: null,
      state: 'crumbs',
    });
    expect(path.at(-1)).toMatchObject({ body: null, state: 'crumbs' });
  });

  test('a mix under body 3 pours', () => {
    expect(analysed([part('chickpeas-cooked', 100), part('water', 900)]).state).toBe('pours');
  });

  test('grind and air move every step alike', () => {
    const silky = analysed(hummus, { ...usualMethod, grind: 'silky', overrunPct: 10 });
    const plain = analysed(hummus);
    silky.path.forEach((step, i) =>
      expect(step.body).toBeCloseTo((plain.path[i]?.body ?? NaN) + 0.35, 9),
    );
    expect(silky.volumeMl).toBeCloseTo(plain.volumeMl * 1.1, 6);
    expect(silky.massG).toBeCloseTo(plain.massG, 9);
  });
});

describe('folded in and on top', () => {
  test('folds are mass, volume and salt, but no body', () => {
    const folded = analysed([...hummus, part('capers', 40, 'fold')]);
    const plain = analysed(hummus);
    expect(folded.freshBody).toBeCloseTo(plain.freshBody ?? NaN, 9);
    expect(folded.massG).toBeCloseTo(plain.massG + 40, 9);
    expect(folded.volumeMl).toBeGreaterThan(plain.volumeMl + 30);
    expect(folded.per100g.saltG).toBeGreaterThan(plain.per100g.saltG);
  });

  test('what goes on top is counted apart, its allergens with the rest', () => {
    const topped = analysed([...hummus, part('hazelnut', 15, 'top')]);
    const plain = analysed(hummus);
    expect(topped.massG).toBeCloseTo(plain.massG, 9);
    expect(topped.topG).toBe(15);
    expect(topped.per100g).toEqual(plain.per100g);
    expect(topped.allergens).toEqual(['sesame', 'tree-nut:hazelnut']);
  });
});

describe('spread', () => {
  const spooned = hummus.map((one) => ({ ...one, cv: 0.1 }));

  test('sd joins that of the model for such a mix and the measuring', () => {
    const { sd, path } = analysed(spooned);
    expect(sd).toBeCloseTo(
      Math.hypot(priorSd(mixOf(spooned).blended), path.at(-1)?.measuringSd ?? NaN),
      9,
    );
  });

  test('a lone ingredient can’t be mismeasured into another body', () => {
    expect(analysed([{ ...part('tahini-hulled', 80), cv: 0.3 }]).path[0]?.measuringSd).toBeCloseTo(
      0,
      6,
    );
  });

  test('first order agrees with drawing amounts at random', () => {
    let seed = 7;
    const uniform = () => {
      seed = (seed * 48_271) % 2_147_483_647;
      return seed / 2_147_483_647;
    };
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const some = spooned.map((one) => ({ ...one, cv: 0.04 }));
    const bodies: number[] = [];
    const salts: number[] = [];
    for (let i = 0; i < 4000; i += 1) {
      const drawn = analysed(
        some.map((one) => {
          const { saltG, saltCv } = one.ingredient;
          const bought = { ...one.ingredient, saltG: saltG * (1 + saltCv * normal()) };
          return { ...one, ingredient: bought, massG: one.massG * (1 + one.cv * normal()), cv: 0 };
        }),
      );
      bodies.push(drawn.freshBody ?? NaN);
      salts.push(drawn.per100g.saltG);
    }
    const sd = (values: number[]) => {
      const mean = values.reduce((a, b) => a + b, 0) / values.length;
      return Math.sqrt(values.reduce((a, b) => a + (b - mean) ** 2, 0) / values.length);
    };
    const last = analysed(some).path.at(-1);
    expect((last?.measuringSd ?? NaN) / sd(bodies)).toBeCloseTo(1, 1);
    expect((last?.seasoningSd.saltG ?? NaN) / sd(salts)).toBeCloseTo(1, 1);
  });
});

test('an empty dip is nothing, and says so calmly', () => {
  const { massG, volumeMl, path, freshBody } = analysed([]);
  expect([massG, volumeMl, path.length]).toEqual([0, 0, 0]);
  expect(freshBody).toBeNull();
});

test('nobody steers by cloves: what a clove does is never fragile, what a spoon of water does is', () => {
  const { path } = analysed([part('tahini-hulled', 30), part('garlic-raw', 4), part('water', 15)]);
  const [, garlic, water] = path;
  // one clove more would seize it
  expect(Math.abs(garlic?.spoonBody ?? 0)).toBeGreaterThan(2);
  expect(garlic?.fragile).toBe(false);
  expect(water?.fragile).toBe(true);
});
