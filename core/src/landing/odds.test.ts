import { mixOf } from '../mix/mix';
import { priorSd } from '../mix/priorSd';
import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { landing, landRequestOf } from '../../test/landingOf';
import { analyse } from '../dip/analyse';
import { calibrate, correctionOf } from '../readings/calibrate';
import { prepareLanding } from './landing';
import { drawnPath } from '../dip/drawnPath';
import { landingOdds, oddsDeviates } from './landingOdds';
import { logSpread, measuredFactor } from '../statistics/logNormal';
import { normals, seeded } from '../statistics/random';
import { spoonProof } from './spoonProof';
import { readGrams } from '../amounts/toGrams';

const conditions = conditionsOf();
const spooned = (id: string, massG: number, cv = 0.08) => ({ ...part(id, massG), cv });

/** Standard normal distribution by its series (Abramowitz & Stegun 26.2.10). */
function phi(z: number): number {
  let sum = z;
  let term = z;
  for (let n = 1; n < 60; n += 1) {
    term *= -(z * z) / (2 * n);
    sum += term / (2 * n + 1);
  }
  return 0.5 + sum / Math.sqrt(2 * Math.PI);
}

describe('draws', () => {
  test('are standard normal and the same for the same seed', () => {
    const table = normals(20_000, 3);
    const mean = table.reduce((sum, z) => sum + z, 0) / table.length;
    const variance = table.reduce((sum, z) => sum + z * z, 0) / table.length;
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(Math.abs(variance - 1)).toBeLessThan(0.04);
    expect(normals(20, 3)).toEqual(table.slice(0, 20));
    const random = seeded(5);
    for (let i = 0; i < 100; i += 1) {
      const value = random();
      expect(value >= 0 && value < 1).toBe(true);
    }
  });

  test('of a measured amount have its spread and its middle', () => {
    const factors = [...normals(20_000, 9)].map((z) => measuredFactor(0.25, z));
    const mean = factors.reduce((sum, one) => sum + one, 0) / factors.length;
    const sd = Math.sqrt(factors.reduce((sum, one) => sum + (one - mean) ** 2, 0) / factors.length);
    expect(sd / mean).toBeCloseTo(0.25, 1);
    expect(factors.sort((a, b) => a - b)[10_000]).toBeCloseTo(1, 1);
    expect(measuredFactor(0, 2)).toBe(1);
    expect(logSpread(0.25)).toBeCloseTo(Math.sqrt(Math.log(1.0625)), 12);
  });
});

describe('the odds of landing', () => {
  test('of a share of salt are those of the log-normal spoon', () => {
    const rows = [landing(part('water', 990)), landing(spooned('sea-salt-fine', 10, 0.25))];
    const pure = (rows[1]?.ingredient.saltG ?? 0) / 100;
    const band = { low: 0.9, high: 1.2 };
    const prepared = prepareLanding({ rows, targets: { saltG: band }, conditions });
    const z = oddsDeviates(2, 8000);
    const odds = landingOdds(prepared, [990, 10], [0, 0.25], z);
    // 100 · pure x / (990 + x) inside the band ⇔ x between these
    const x = (salt: number) => (990 * salt) / (100 * pure - salt);
    const at = (salt: number) => phi(Math.log(x(salt) / 10) / logSpread(0.25));
    expect(odds.measured).toBeCloseTo(at(1.2) - at(0.9), 1);
    // the model’s own doubt is about body, and no body is asked for
    expect(odds.withModel).toBe(odds.measured);
  });

  test('with the model’s doubt are smaller where the band is wide for the measuring alone', () => {
    const parts = [spooned('chickpeas-cooked', 300, 0.02), spooned('water', 80, 0.02)];
    const body = analyse(parts, conditionsOf()).freshBody ?? NaN;
    const targets = { freshBody: { low: body - 0.5, high: body + 0.5 } };
    const rows = parts.map((one) => landing(one));
    const z = oddsDeviates(2, 4000);
    const odds = landingOdds(
      prepareLanding({ rows, targets, conditions }),
      [300, 80],
      [0.02, 0.02],
      z,
    );
    expect(odds.measured).toBeGreaterThan(0.95);
    // ± 0.5 of the doubt about such a mix
    const doubt = priorSd(mixOf(rows).blended);
    expect(odds.withModel).toBeCloseTo(phi(0.5 / doubt) - phi(-0.5 / doubt), 1);
    const read = {
      formulaId: 'a',
      modelBody: body,
      waterOutside: 1,
      difference: 0,
      variance: 0.01,
    };
    const correction = correctionOf(calibrate([read, read, read]), 'a');
    const learned = prepareLanding({ rows, targets, conditions: conditionsOf({ correction }) });
    expect(landingOdds(learned, [300, 80], [0.02, 0.02], z).withModel).toBeGreaterThan(0.9);
  });

  test('of salt hang on the can as well as on the spoon', () => {
    const rows = [landing(part('chickpeas-canned-drained', 240)), landing(part('water', 60))];
    // 240 g at 0.63 ± a quarter of it, in 300 g: 0.504 ± 0.126
    const targets = { saltG: { low: 0.504 - 0.126, high: 0.504 + 0.126 } };
    const prepared = prepareLanding({ rows, targets, conditions });
    const odds = landingOdds(prepared, [240, 60], [0, 0], oddsDeviates(2, 8000));
    expect(odds.measured).toBe(1);
    expect(odds.withModel).toBeCloseTo(phi(1) - phi(-1), 1);
    expect(odds.withModel).toBeLessThan(0.72);
  });

  test('without a band are certain', () => {
    const rows = [landing(part('water', 100))];
    const prepared = prepareLanding({ rows, targets: {}, conditions });
    expect(landingOdds(prepared, [100], [0.4], oddsDeviates(1, 50)).measured).toBe(1);
  });
});

describe('the drawn band', () => {
  const parts = [
    spooned('tahini-hulled', 80, 0.04),
    spooned('lemon-juice', 30),
    spooned('water', 60, 0.04),
    spooned('chickpeas-canned-drained', 310, 0.1),
    spooned('parsley', 10, 0.2),
    { ...spooned('olive-oil-extra-virgin', 10), place: 'top' as const },
  ];
  const { path } = analyse(parts, conditionsOf());

  test('is what slopes say where the model is about straight', () => {
    const band = drawnPath(parts, conditions, 4000);
    for (const i of [3, 4]) {
      const step = path[i];
      const half = ((band[i]?.high ?? NaN) - (band[i]?.low ?? NaN)) / 2;
      const sd = Math.hypot(step?.modelSd ?? NaN, step?.measuringSd ?? NaN);
      expect(half / sd).toBeCloseTo(1, 1);
      expect(band[i]?.low).toBeLessThan(step?.body ?? NaN);
      expect(band[i]?.high).toBeGreaterThan(step?.body ?? NaN);
    }
  });

  test('goes on past what changes nothing in the bowl', () => {
    const band = drawnPath(parts, conditions);
    expect(band[5]).toEqual(band[4]);
    expect(band.length).toBe(parts.length);
  });

  test('is none where most draws are no paste', () => {
    expect(drawnPath([part('breadcrumbs-dry', 50)], conditions)).toEqual([null]);
    expect(drawnPath([], conditions)).toEqual([]);
  });
});

describe('spoon-proof amounts', () => {
  const parts = [
    landing(spooned('tahini-hulled', 80), { amountText: '1/3 cup', hold: true }),
    landing(spooned('lemon-juice', 30), { amountText: '2 tbsp' }),
    landing(spooned('water', 44), { amountText: '3 tbsp' }),
    landing(spooned('chickpeas-canned-drained', 312, 0.1), { amountText: '2 cups', hold: true }),
    landing(spooned('sea-salt-fine', 2.8), { amountText: '1/2 tsp' }),
  ];
  const now = analyse(parts, conditionsOf());
  const body = now.freshBody ?? NaN;
  const salt = now.per100g.saltG;
  // where it stands is at the stiff edge of its band
  const targets = {
    freshBody: { low: body - 1.2, high: body + 0.05 },
    saltG: { low: salt - 0.15, high: salt + 0.3 },
  };
  const shares: number[] = [];
  const found = spoonProof(landRequestOf(parts, targets, { kitchenMeasures: true }), (share) =>
    shares.push(share),
  );

  test('land more often than those asked about', () => {
    expect(found.better?.odds.measured).toBeGreaterThan(found.odds.measured);
    expect(found.odds.measured).toBeLessThan(0.7);
  });

  test('are kitchen measures of rows that may move', () => {
    expect(found.better?.amounts.length).toBeGreaterThan(0);
    for (const { index, text, massG } of found.better?.amounts ?? []) {
      expect(parts[index]?.hold).toBe(false);
      const one = parts[index]?.ingredient;
      const read = one && readGrams(text, one, 'us');
      expect(read && read.ok && read.value.massG).toBeCloseTo(massG, 6);
    }
  });

  test('say how far the work is', () => {
    expect(shares.at(-1)).toBe(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  test('are not looked for where it lands anyway', () => {
    const wide = { freshBody: { low: 0, high: 14 } };
    const sure = spoonProof(landRequestOf(parts, wide, { kitchenMeasures: true }));
    expect(sure.odds).toMatchObject({ measured: 1, withModel: 1 });
    expect(sure.better).toBeNull();
  });
});
