import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { changeCost, type LandingRow, prepareLanding, totalMiss } from './landing';
import type { Targets } from '../mix/targets';

const free = (id: string, massG: number, extra: Partial<LandingRow> = {}): LandingRow => ({
  ...part(id, massG),
  hold: false,
  ...extra,
});
const prepared = (rows: LandingRow[], targets: Targets = {}) =>
  prepareLanding({ rows, targets, conditions: conditionsOf() });

describe('a landing made ready', () => {
  test('a row may go from nothing to three times as much, or a tenth of the bowl; what is strong no further than its share', () => {
    const { free: variables } = prepared([
      free('chickpeas-canned-drained', 380),
      free('lemon-juice', 20),
      free('sea-salt-fine', 0),
    ]);
    expect(variables.map(({ lower, upper }) => [lower, upper])).toEqual([
      [0, 1140],
      [0, 60],
      // two in a hundred of 400 g: nobody salts a bowl further
      [0, 8],
    ]);
  });

  test('its own least and most go before that, and a least above the most wins', () => {
    const { free: variables } = prepared([
      free('water', 40, { minG: 50, maxG: 90 }),
      free('lemon-juice', 20, { minG: 30, maxG: 10 }),
      free('chickpeas-canned-drained', 100),
    ]);
    expect(variables.slice(0, 2)).toMatchObject([
      { reference: 50, lower: 50, upper: 90 },
      { reference: 30, lower: 30, upper: 30 },
    ]);
  });

  test('a little of a thing changes by shares of the bowl, by what it is', () => {
    const { free: variables } = prepared([
      free('water', 1),
      free('sea-salt-fine', 1),
      free('cumin-ground', 1),
      free('chickpeas-canned-drained', 97),
    ]);
    expect(variables.map(({ scale }) => scale)).toEqual([5, 1, 3, 97]);
    expect(variables.map(({ weight }) => weight)).toEqual([1, 1, 3, 4]);
  });

  test('of next to nothing in the bowl, shares are of a gram', () => {
    const { free: variables } = prepared([free('water', 0.2), free('sea-salt-fine', 0)]);
    expect(variables.map(({ scale }) => scale)).toEqual([0.2, 0.01]);
  });

  test('another size starts from the same dip scaled, what is held left as it is', () => {
    const { free: variables } = prepared(
      [free('tahini-hulled', 100, { hold: true }), free('chickpeas-canned-drained', 300)],
      { massG: { low: 700, high: 720 } },
    );
    // 700 g with 100 g that can't grow: twice the chickpeas
    expect(variables).toMatchObject([{ reference: 600, upper: 1800 }]);
    const smaller = prepared([free('chickpeas-canned-drained', 300)], {
      massG: { low: null, high: 150 },
    });
    // it may come back to three times of what it was
    expect(smaller.free).toMatchObject([{ reference: 150, upper: 900 }]);
  });

  test('a change costs its weight for each whole change, up or down alike', () => {
    const landing = prepared([free('chickpeas-canned-drained', 200), free('water', 100)]);
    expect(changeCost(landing, [200, 100])).toBe(0);
    expect(changeCost(landing, [250, 100])).toBeCloseTo(4 * 0.25, 9);
    expect(changeCost(landing, [150, 130])).toBeCloseTo(4 * 0.25 + 0.3, 9);
  });

  test('misses add up in units that compare', () => {
    const rows = [free('water', 98), free('sea-salt-fine', 2)];
    const targets: Targets = { massG: { low: 110, high: null }, saltG: { low: null, high: 1.5 } };
    const salt = 2 * ((part('sea-salt-fine', 1).ingredient.saltG ?? NaN) / 100);
    const expected = (110 - 100) / (0.05 * 110) + (salt - 1.5) / 0.1;
    expect(totalMiss(prepared(rows, targets), targets, [98, 2])).toBeCloseTo(expected, 1);
    expect(totalMiss(prepared(rows), { freshBody: { low: 5, high: 6 } }, [0, 0])).toBe(10);
  });
});
