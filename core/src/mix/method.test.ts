import { conditionsOf } from '../../test/kitchenOf';
import { uncorrected } from './conditions';
import { describe, expect, test } from '@jest/globals';
import { mixOf, mixVolumeMl } from './mix';
import { bowlOf, everydayHummus, part } from '../../test/bowlOf';
import { bodyAt, shownBody } from './bodyAt';
import { chilled, fresh } from './moment';
import { usualBlending } from './blending';
import { bodyState } from './bodyModel';
import { mlPerG, sumIndex } from './bowlSums';
import { heldAirPct, methodBody, temperatureAndRestBody } from './method';
import { defaultKit, kitMachine } from '../kitchen/kit';
import { machines, stallsOn } from '../kitchen/machines';
import { bodyWord, bodyWords, wordMiddle, wordRange, yieldStressPa } from './bodyWords';

const hummus = bowlOf(...everydayHummus);
const pesto = bowlOf(
  ['basil', 70],
  ['parmesan-style', 50],
  ['pine-nut', 30],
  ['olive-oil-extra-virgin', 95],
  ['garlic-raw', 4],
);

const chives = bowlOf(['cream-cheese', 200], ['greek-yogurt-10', 60], ['chives', 12]);

const model = uncorrected(conditionsOf());

/** Body from the machine and from the fridge. */
function warmAndCold(sums: ReturnType<typeof bowlOf>): [number, number] {
  const state = bodyState(sums, usualBlending);
  if (!state) throw new Error('empty');
  const warm = bodyAt(sums, state, model, { atC: 32, restedForMinutes: 0 });
  return [warm, bodyAt(sums, state, model, chilled)];
}

describe('air whipped in', () => {
  const whipped = { grind: 'normal', overrunPct: 20 } as const;

  test('stays in a cool mix, half of it half-way to 70 °C, none of it there', () => {
    expect(heldAirPct({ ...whipped, blendC: 4 })).toBe(20);
    expect(heldAirPct({ ...whipped, blendC: 55 })).toBeCloseTo(10, 9);
    expect(heldAirPct({ ...whipped, blendC: 95 })).toBe(0);
  });

  test('is body and volume only while it is held', () => {
    const mix = mixOf([{ ...part('tahini-hulled', 100) }, { ...part('water', 80) }]);
    const still = { ...whipped, overrunPct: 0, blendC: 90 };
    expect(mixVolumeMl(mix, { ...whipped, blendC: 90 })).toBe(mixVolumeMl(mix, still));
    expect(mixVolumeMl(mix, { ...whipped, blendC: 10 })).toBeCloseTo(
      1.2 * mixVolumeMl(mix, still),
      6,
    );
    expect(methodBody({ ...whipped, blendC: 90 })).toBe(methodBody(still));
  });
});

describe('temperature and rest', () => {
  test.each([
    ['everyday hummus', hummus, 7.35, 8.288],
    ['a basil pesto', pesto, 5.843, 7.405],
    ['cream cheese and yogurt with chives', chives, 7.643, 8.962],
  ])('%s goes from the machine to the fridge as worked out by others', (_, sums, warm, cold) => {
    const [here, chilledHere] = warmAndCold(sums);
    expect(here).toBeCloseTo(warm, 3);
    expect(chilledHere).toBeCloseTo(cold, 3);
  });

  test('plain cream cheese gains one and a half', () => {
    const [warm, cold] = warmAndCold(bowlOf(['cream-cheese', 200]));
    expect(cold - warm).toBeCloseTo(1.5, 1);
  });

  test('nothing changes at 25 °C just blended', () => {
    expect(temperatureAndRestBody(hummus, 1, fresh.atC, 0)).toBe(0);
  });

  test('water outside, no fat that sets: κ is 0.010 + 0.10 · starch share', () => {
    // 100 g of cooked chickpeas hold 15 g starch: κ = 0.025, over 20 K, in powers of two
    const beans = bowlOf(['chickpeas-cooked', 100]);
    const cold = temperatureAndRestBody(beans, 1, 5, 0);
    expect(cold).toBeCloseTo((0.025 * 20) / Math.LN2, 6);
  });

  test('olive oil alone is wholly set at 4 °C, half at 6 °C, not at 8 °C', () => {
    const oil = bowlOf(['olive-oil-light', 100]);
    const without = (atC: number) => (0.02 * (25 - atC)) / Math.LN2;
    expect(temperatureAndRestBody(oil, 0, 4, 0) - without(4)).toBeCloseTo(1.5, 6);
    expect(temperatureAndRestBody(oil, 0, 6, 0) - without(6)).toBeCloseTo(0.75, 6);
    expect(temperatureAndRestBody(oil, 0, 8, 0) - without(8)).toBeCloseTo(0, 6);
  });

  test.each([
    ['coconut fat', sumIndex.coconutFatMl, 24, 4],
    ['milk fat', sumIndex.milkFatMl, 20, 2.7],
  ] as const)(
    '%s alone is wholly set at 4 °C, half midway, not at its own',
    (_, place, setC, body) => {
      const fat = bowlOf(['rapeseed-oil', 100]);
      fat[place] = 100 * mlPerG.fat;
      const gained = (atC: number) =>
        temperatureAndRestBody(fat, 0, atC, 0) - (0.02 * (25 - atC)) / Math.LN2;
      expect(gained(4)).toBeCloseTo(body, 6);
      expect(gained((4 + setC) / 2)).toBeCloseTo(body / 2, 6);
      expect(gained(setC)).toBeCloseTo(0, 9);
      expect(gained(setC + 1)).toBeCloseTo(0, 9);
    },
  );

  test('seed oils do not set', () => {
    const oil = bowlOf(['rapeseed-oil', 100]);
    expect(temperatureAndRestBody(oil, 0, 4, 0)).toBeCloseTo((0.02 * 21) / Math.LN2, 6);
  });

  test('rest comes in with 45 minutes: two thirds of it by then, all after four hours', () => {
    const rested = (minutes: number) => temperatureAndRestBody(hummus, 1, 25, minutes);
    expect(rested(45)).toBeCloseTo(0.15 * (1 - 1 / Math.E), 6);
    expect(rested(240)).toBeGreaterThan(0.148);
  });

  test('dry things go on swelling while there is free water', () => {
    const plain = bowlOf(['chickpeas-cooked', 200], ['water', 100]);
    const withBread = bowlOf(['chickpeas-cooked', 200], ['water', 100], ['breadcrumbs-dry', 20]);
    const rest = (sums: typeof plain) => temperatureAndRestBody(sums, 1, 25, 240);
    expect(rest(withBread)).toBeGreaterThan(rest(plain) + 0.05);
  });
});

test.each([
  ['coarse' as const, 0, -0.3],
  ['normal' as const, 0, 0],
  ['silky' as const, 0, 0.2],
  ['normal' as const, 10, 0.15],
  ['silky' as const, 20, 0.5],
])('%s with %i %% air is %f body', (grind, overrunPct, body) => {
  expect(methodBody({ grind, overrunPct, blendC: 32 })).toBeCloseTo(body, 9);
});

describe('words', () => {
  test.each([
    [2.9, 'pours'],
    [3, 'ribbons'],
    [4.6, 'slumps'],
    [6.1, 'scoops'],
    [7.5, 'spreads'],
    [8.8, 'packs'],
    [10.2, 'shapes'],
    [14, 'shapes'],
  ])('body %f %s', (body, word) => {
    expect(bodyWord(body)).toBe(word);
  });

  test('the middle of each word lies in its range', () => {
    for (const word of bodyWords) {
      expect(bodyWord(wordMiddle[word])).toBe(word);
      const { low, high } = wordRange(word);
      expect(wordMiddle[word]).toBeGreaterThan(low);
      expect(wordMiddle[word]).toBeLessThan(high);
    }
  });

  test('the ranges in Pa are those of the table', () => {
    expect(yieldStressPa(3)).toBeCloseTo(8, 9);
    expect(Math.round(yieldStressPa(4.6))).toBe(24);
    expect(Math.abs(yieldStressPa(7.5) - 180)).toBeLessThan(3);
  });
});

describe('what is shown', () => {
  const shown = (sums: ReturnType<typeof bowlOf>) =>
    shownBody(sums, bodyState(sums, usualBlending), model, fresh);

  test('crumbs and an empty bowl have no figure', () => {
    expect(shown(bowlOf(['hazelnut', 100], ['parmesan-style', 60]))).toBeNull();
    expect(shown(bowlOf())).toBeNull();
  });
  test('water pours, and is never shown below 0', () => {
    expect(shown(bowlOf(['water', 100]))).toBe(0);
  });
});

test('machines stall where they are said to, hand tools never', () => {
  expect(kitMachine(defaultKit, 'jug-blender').stallBody).toBe(8.5);
  expect(kitMachine(defaultKit, 'stick-blender').stallBody).toBe(9.5);
  expect(kitMachine(defaultKit, 'food-processor').stallBody).toBe(11.5);
  for (const id of ['mortar', 'knife', 'fork', 'whisk'])
    expect(kitMachine(defaultKit, id).stallBody).toBeNull();
  expect(kitMachine(defaultKit, 'no such thing').id).toBe('food-processor');
  const jug = kitMachine(defaultKit, 'jug-blender');
  expect([8.4, 8.6, null].map((body) => stallsOn(jug, body, false))).toEqual([false, true, false]);
  expect(stallsOn(jug, null, true)).toBe(true);
  expect(stallsOn(kitMachine(defaultKit, 'food-processor'), null, true)).toBe(false);
  expect(stallsOn(kitMachine(defaultKit, 'fork'), 12, false)).toBe(false);
  expect(machines.every(({ leastMl, mostMl }) => leastMl < mostMl)).toBe(true);
});
