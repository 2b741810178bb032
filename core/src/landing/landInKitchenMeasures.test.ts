import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { kitchenMeasures } from '../amounts/kitchenMeasure';
import { highsSolver } from './highsSolver';
import { changeCost, massesOf, prepareLanding, totalMiss } from './landing';
import { type KitchenRow, landInKitchenMeasures } from './landInKitchenMeasures';
import type { LinearSolver } from './linearProgram';
import type { Targets } from '../mix/targets';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const row = (id: string, massG: number, extra: Partial<KitchenRow> = {}): KitchenRow => ({
  ...part(id, massG),
  hold: true,
  amountText: `${massG} g`,
  inKitchenMeasures: false,
  ...extra,
});

/** A bowl of which only salt and lemon are free, so that every pair of spoons can be tried by hand. */
const bowl = (saltG: number, lemonG: number, extra: Partial<KitchenRow> = {}): KitchenRow[] => [
  row('tahini-hulled', 80),
  row('water', 60),
  row('chickpeas-canned-drained', 320),
  row('sea-salt-fine', saltG, { hold: false, ...extra }),
  row('lemon-juice', lemonG, { hold: false }),
];

describe('landing in spoons', () => {
  test('finds the least change of all pairs of measures that land', () => {
    let held = 0;
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 1.4, noNaN: true }),
        fc.double({ min: 0.2, max: 0.5, noNaN: true }),
        (salt, acid) => {
          const rows = bowl(2.1, 22);
          const targets: Targets = {
            saltG: { low: salt - 0.1, high: salt + 0.1 },
            acidG: { low: acid - 0.05, high: acid + 0.05 },
          };
          const request = { rows, targets, conditions: conditionsOf() };
          const landed = landInKitchenMeasures(request, solver);
          const landing = prepareLanding(request);
          // the little extra for a cup with spoons beside it
          const costOf = (values: number[], fuss: number) =>
            changeCost(landing, values) + 0.05 * fuss;
          const [salts, lemons] = landing.free.map(({ index, upper }) => {
            const found = rows[index]?.ingredient;
            return found
              ? kitchenMeasures(found, 'us', 1.2 * upper).filter(({ massG }) => massG <= upper)
              : [];
          });
          let least = Infinity;
          for (const one of salts ?? []) {
            for (const other of lemons ?? []) {
              const values = [one.massG, other.massG];
              const misses = totalMiss(landing, targets, massesOf(landing, values));
              const fuss = [one, other].filter(({ text }) => text.includes('+')).length;
              if (misses === 0) least = Math.min(least, costOf(values, fuss));
            }
          }
          fc.pre(Number.isFinite(least));
          held += 1;
          expect(landed.miss).toBe(0);
          const values = landing.free.map(({ index }) => landed.masses[index] ?? NaN);
          const fuss = landed.texts.filter((text) => text?.includes('+')).length;
          expect(costOf(values, fuss)).toBeLessThanOrEqual(least + 0.02);
        },
      ),
      { numRuns: 40 },
    );
    expect(held).toBeGreaterThan(15);
  });

  test('an amount already in spoons stays to the letter where it lands', () => {
    const rows = bowl(4.27, 22, { amountText: '3/4 teaspoon', inKitchenMeasures: true });
    const targets: Targets = { saltG: { low: 0.5, high: 2 } };
    const { texts, masses } = landInKitchenMeasures(
      { rows, targets, conditions: conditionsOf() },
      solver,
    );
    expect(texts[3]).toBe('3/4 teaspoon');
    expect(masses[3]).toBe(4.27);
    expect(texts.slice(0, 3)).toEqual([null, null, null]);
  });

  test('where grams can’t land, spoons are tried once and the nearest is kept', () => {
    let mixed = 0;
    const counting: LinearSolver = {
      solve: (program, limitS) => {
        mixed += program.binary ? 1 : 0;
        return solver.solve(program, limitS);
      },
    };
    const rows = bowl(2.1, 22, { maxG: 3 });
    const targets: Targets = { saltG: { low: 3, high: 4 } };
    const landed = landInKitchenMeasures({ rows, targets, conditions: conditionsOf() }, counting);
    expect(mixed).toBe(1);
    expect(landed.miss).toBeGreaterThan(5);
    // the largest measure of salt under 3 g is ½ tsp, which is nearer to it than what was there
    expect(landed.texts[3]).toBe('½ tsp');
  });

  test('limits between two measures leave the mass itself, in grams', () => {
    const rows = bowl(2.1, 22, { minG: 3.01, maxG: 3.02 });
    const targets: Targets = { saltG: { low: 0.5, high: 2 } };
    const { texts, masses } = landInKitchenMeasures(
      { rows, targets, conditions: conditionsOf() },
      solver,
    );
    expect(texts[3]).toBe('3 g');
    expect(masses[3]).toBeGreaterThanOrEqual(3.01 - 1e-6);
    expect(masses[3]).toBeLessThanOrEqual(3.02 + 1e-6);
  });

  test('what nothing is needed of is “to taste”', () => {
    const rows = bowl(0.2, 22);
    const targets: Targets = { saltG: { low: null, high: 0.49 } };
    const { texts, masses, miss } = landInKitchenMeasures(
      { rows, targets, conditions: conditionsOf() },
      solver,
    );
    // chickpeas out of a can bring nearly all of that salt themselves
    expect(miss).toBe(0);
    expect([texts[3], masses[3]]).toEqual(['to taste', 0]);
  });
});

test('the solver picks whole things: the best of a knapsack known by hand', () => {
  // worth 6, 5, 4 at weights 5, 4, 3 into 7: the last two, though the first alone is worth most
  const { values } = solver.solve(
    {
      cost: [-6, -5, -4],
      lower: [0, 0, 0],
      upper: [1, 1, 1],
      binary: new Set([0, 1, 2]),
      constraints: [
        {
          terms: [
            [0, 5],
            [1, 4],
            [2, 3],
          ],
          low: -Infinity,
          high: 7,
        },
      ],
    },
    1,
  );
  expect(values?.map((value) => Math.round(value))).toEqual([0, 1, 1]);
});
