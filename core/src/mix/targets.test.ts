import { conditionsOf } from '../../test/kitchenOf';
import { emptyMix } from './mix';
import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { usualMethod } from './method';
import {
  changeCost,
  type LandingRow,
  bandsOf,
  massesOf,
  prepareLanding,
  mixAt,
  totalMiss,
} from '../landing/landing';
import { elasticConstraints, linearBands } from '../landing/linearise';
import { insetBand, missOf, missUnits, type Targets, targetValue } from './targets';

const row = (id: string, massG: number, extra: Partial<LandingRow> = {}): LandingRow => ({
  ...part(id, massG),
  hold: false,
  ...extra,
});
const rows = [
  row('chickpeas-cooked', 300),
  row('tahini-hulled', 75, { hold: true }),
  row('water', 60),
  row('sea-salt-fine', 5),
  row('capers', 20, { place: 'fold' }),
  row('hazelnut', 15, { place: 'top' }),
];
const conditions = conditionsOf();
const landing = (targets: Targets = {}) => prepareLanding({ rows, targets, conditions });
const masses = rows.map(({ massG }) => massG);

describe('missing a band', () => {
  test.each([
    [6, { low: 7, high: 8 }, 1],
    [9, { low: 7, high: 8 }, -1],
    [7.5, { low: 7, high: 8 }, 0],
    [99, { low: 7, high: null }, 0],
    [1, { low: null, high: 8 }, 0],
  ])('%f against %j is %f', (value, band, miss) => {
    expect(missOf(value, band)).toBe(miss);
  });

  test('compares across targets: 0.3 body, 0.1 salt, 0.05 sour, 5 % of the mass', () => {
    expect(missUnits('chilledBody', 6.7, { low: 7, high: 8 })).toBeCloseTo(1, 9);
    expect(missUnits('saltG', 0.9, { low: 1, high: 2 })).toBeCloseTo(1, 9);
    expect(missUnits('acidG', 0.55, { low: 0.1, high: 0.5 })).toBeCloseTo(1, 9);
    expect(missUnits('massG', 950, { low: 1000, high: null })).toBeCloseTo(1, 9);
  });

  test('aims inside both ends, and leaves an open one open', () => {
    expect(insetBand({ low: 7, high: 8 }, 0.02)).toEqual({ low: 7.02, high: 7.98 });
    expect(insetBand({ low: null, high: 8 }, 0.02)).toEqual({ low: null, high: 8 });
  });
});

describe('a landing made ready', () => {
  test('leaves out what is held and what goes on top', () => {
    expect(landing().free.map(({ index }) => index)).toEqual([0, 2, 3, 4]);
  });

  test('limits a row to three times its amount or its share of the mass, whichever is more', () => {
    const { free } = landing();
    const mass = 300 + 75 + 60 + 5 + 20;
    // salt goes to two in a hundred, other things to a tenth
    expect(free.map(({ upper }) => upper)).toEqual([
      900,
      180,
      Math.max(15, 0.02 * mass),
      Math.max(60, 0.1 * mass),
    ]);
    const limited = prepareLanding({
      rows: [row('water', 60, { minG: 20, maxG: 70 })],
      targets: {},
      conditions,
    });
    expect(limited.free[0]).toMatchObject({ lower: 20, upper: 70 });
  });

  test('moves liquid and salt more willingly than what defines the dip', () => {
    const { free } = landing();
    expect(free.map(({ weight }) => weight)).toEqual([4, 1, 1, 3]);
    // 60 g of water is over 5 % of the mass; 5 g of salt over 1 %
    expect(free.map(({ scale }) => scale)).toEqual([300, 60, 5, 20]);
  });

  test('changes cost by weight and scale', () => {
    const made = landing();
    const reference = made.free.map((one) => one.reference);
    expect(changeCost(made, reference)).toBe(0);
    expect(changeCost(made, [150, 90, 5, 20])).toBeCloseTo(4 * 0.5 + 1 * 0.5, 9);
  });

  test('starts scaled to a yield that is asked for, with what is held as it is', () => {
    const made = landing({ massG: { low: 920, high: 930 } });
    const total = made.free.reduce((sum, { reference }) => sum + reference, 75);
    expect(total).toBeCloseTo(920, 6);
    expect((made.free[0]?.reference ?? NaN) / (made.free[1]?.reference ?? NaN)).toBeCloseTo(5, 9);
  });

  test('puts values back into the masses of all rows', () => {
    expect(massesOf(landing(), [1, 2, 3, 4])).toEqual([1, 75, 2, 3, 4, 15]);
  });
});

describe('values of targets', () => {
  const made = landing();
  const sums = mixAt(made, masses);

  test('folds count in mass, volume and salt, toppings in nothing', () => {
    expect(targetValue('massG', sums, made.conditions)).toBeCloseTo(460, 9);
    expect(targetValue('saltG', sums, made.conditions)).toBeCloseTo(
      ((300 * 0.0002 + 75 * 0.001 + 5 * 0.988 + 20 * 0.06) / 460) * 100,
      9,
    );
    const airy = conditionsOf({ method: { ...usualMethod, overrunPct: 10 } });
    const plain = targetValue('volumeMl', sums, made.conditions);
    expect(targetValue('volumeMl', sums, airy)).toBeLessThan(plain * 1.1);
    expect(targetValue('volumeMl', sums, airy)).toBeGreaterThan(plain * 1.09);
  });

  test('an empty bowl has no body', () => {
    expect(targetValue('freshBody', emptyMix(), made.conditions)).toBeNaN();
    expect(
      totalMiss(
        made,
        { freshBody: { low: 5, high: 6 } },
        masses.map(() => 0),
      ),
    ).toBe(10);
  });
});

describe('bands as linear rows', () => {
  const targets: Targets = {
    chilledBody: { low: 6, high: 7 },
    saltG: { low: 1, high: 1.2 },
    massG: { low: 400, high: 500 },
    volumeMl: { low: 380, high: null },
  };
  const made = landing(targets);
  const start = made.free.map(({ reference }) => reference);
  const at = (values: readonly number[]) => mixAt(made, massesOf(made, values));
  const bands = linearBands(made, bandsOf(targets), start);
  const value = (band: (typeof bands)[number], values: readonly number[]) =>
    band.terms.reduce((sum, [i, c]) => sum + c * (values[i] ?? 0), 0);

  test('body agrees with the model here, and nearby to first order', () => {
    const [body] = bands;
    if (!body) throw new Error('no body row');
    const offset = body.low - 6;
    expect(value(body, start) - offset).toBeCloseTo(
      targetValue('chilledBody', at(start), made.conditions),
      6,
    );
    const near = start.map((one, i) => (i === 1 ? one + 0.5 : one));
    expect(value(body, near) - offset).toBeCloseTo(
      targetValue('chilledBody', at(near), made.conditions),
      3,
    );
  });

  test('salt, mass and volume are exact however far one goes', () => {
    const far = [120, 300, 1, 60];
    const inside = (values: readonly number[]) =>
      bands.slice(1).map((band) => {
        const now = value(band, values);
        return now >= band.low - 1e-9 && now <= band.high + 1e-9;
      });
    const truth = (values: readonly number[]) => {
      const salt = targetValue('saltG', at(values), made.conditions);
      const mass = targetValue('massG', at(values), made.conditions);
      const volume = targetValue('volumeMl', at(values), made.conditions);
      return [salt >= 1, salt <= 1.2, mass >= 400 && mass <= 500, volume >= 380];
    };
    expect(inside(far)).toEqual(truth(far));
    expect(inside(start)).toEqual(truth(start));
  });

  test('each closed end becomes one constraint with its slack', () => {
    const [body, saltLow] = bands;
    if (!body || !saltLow) throw new Error('two rows');
    expect(elasticConstraints(body, 9).length).toBe(2);
    const [only, ...none] = elasticConstraints(saltLow, 9);
    expect(none).toEqual([]);
    expect(only?.terms.at(-1)).toEqual([9, saltLow.perMiss]);
  });
});
