import { endOf } from '../../test/kitchenOf';
import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { landing, landRequestOf } from '../../test/landingOf';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import { readGrams } from '../amounts/toGrams';
import { highsSolver } from './highsSolver';
import { type LandAnswer, type LandingPart, landParts } from './landParts';
import type { LinearSolver } from './linearProgram';
import { targetFigure } from '../mix/figures';
import { type Band, type TargetName, targetNames, type Targets } from '../mix/targets';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const hummus = (): LandingPart[] => [
  landing(part('tahini-hulled', 80)),
  landing(part('lemon-juice', 30)),
  landing(part('water', 40)),
  landing(part('garlic-raw', 4)),
  landing(part('sea-salt-fine', 2)),
  landing(part('chickpeas-canned-drained', 400)),
  landing(part('olive-oil-extra-virgin', 15)),
];

/** Every target evaluated again from the amounts that were answered, as a cook would measure them. */
function valuesOf(parts: readonly LandingPart[], answer: LandAnswer) {
  const landed = answer.feasible ? answer.parts : answer.nearest.parts;
  const again = endOf(
    landed.map((one, i) => {
      const original = parts[i];
      const read = readGrams(one.amount, ingredient(one.ingredient), 'us');
      if (!read.ok || !original)
        throw new Error(`${one.amount} of ${one.ingredient} can't be read`);
      return { ...original, massG: read.value.massG, cv: 0 };
    }),
  );
  const values = Object.fromEntries(
    targetNames.map((name) => [name, targetFigure(name, again) ?? NaN]),
  ) as Record<TargetName, number>;
  return values;
}

function expectInside(values: Record<TargetName, number>, targets: Targets) {
  for (const [name, band] of Object.entries(targets) as [TargetName, Band][]) {
    expect([name, Number.isFinite(values[name])]).toEqual([name, true]);
    if (band.low !== null)
      expect(values[name]).toBeGreaterThanOrEqual(band.low - 1e-4 * Math.max(1, band.low));
    if (band.high !== null)
      expect(values[name]).toBeLessThanOrEqual(band.high + 1e-4 * Math.max(1, band.high));
  }
}

describe('in grams', () => {
  const targets: Targets = {
    chilledBody: { low: 7, high: 7.6 },
    saltG: { low: 0.9, high: 1.1 },
    acidG: { low: 0.3, high: 0.4 },
  };

  test('meets every band when its amounts are read again', () => {
    const parts = hummus();
    const answer = landParts(landRequestOf(parts, targets), solver);
    expect(answer.feasible).toBe(true);
    expectInside(valuesOf(parts, answer), targets);
  });

  test('leaves what is held as it was typed, to the letter', () => {
    const parts = hummus().map((one) =>
      ['tahini-hulled', 'chickpeas-canned-drained'].includes(one.ingredient.id)
        ? { ...one, hold: true, amountText: `${one.massG}  g` }
        : one,
    );
    const answer = landParts(landRequestOf(parts, targets), solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts[0]).toEqual({ ingredient: 'tahini-hulled', massG: 80, amount: '80  g' });
    expect(answer.parts[5]).toMatchObject({ massG: 400, amount: '400  g' });
    expectInside(valuesOf(parts, answer), targets);
  });

  test('keeps to least and most', () => {
    const parts = hummus().map((one) =>
      one.ingredient.id === 'water'
        ? { ...one, maxG: 50 }
        : one.ingredient.id === 'lemon-juice'
          ? { ...one, minG: 25 }
          : one,
    );
    const answer = landParts(landRequestOf(parts, targets), solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts[2]?.massG).toBeLessThanOrEqual(50.001);
    expect(answer.parts[1]?.massG).toBeGreaterThanOrEqual(24.999);
  });

  test('changes nothing that need not change', () => {
    const parts = hummus();
    const wide: Targets = { chilledBody: { low: 1, high: 12 } };
    const answer = landParts(landRequestOf(parts, wide), solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts.map(({ amount }) => amount)).toEqual(
      parts.map(({ amountText }) => amountText),
    );
  });

  test('fills in salt to taste', () => {
    const parts = hummus().map((one) =>
      one.ingredient.id === 'sea-salt-fine' ? { ...one, massG: 0, amountText: 'to taste' } : one,
    );
    const answer = landParts(landRequestOf(parts, { saltG: { low: 1, high: 1.1 } }), solver);
    expect(answer.feasible).toBe(true);
    expectInside(valuesOf(parts, answer), { saltG: { low: 1, high: 1.1 } });
  });

  test('an asked-for mass is the same dip in another size', () => {
    const parts = hummus();
    const wanted: Targets = { massG: { low: 1980, high: 2020 } };
    const answer = landParts(landRequestOf(parts, wanted), solver);
    if (!answer.feasible) throw new Error('should land');
    const factor = 1980 / parts.reduce((sum, { massG }) => sum + massG, 0);
    answer.parts.forEach((one, i) => {
      expect(one.massG / ((parts[i]?.massG ?? NaN) * factor)).toBeCloseTo(1, 1);
    });
    expectInside(valuesOf(parts, answer), wanted);
  });

  test('volume, warm and cold bodies at once', () => {
    const parts = hummus();
    const both: Targets = {
      freshBody: { low: 6.4, high: 7 },
      chilledBody: { low: 7.1, high: 7.7 },
      volumeMl: { low: 700, high: null },
    };
    const answer = landParts(landRequestOf(parts, both), solver);
    expect(answer.feasible).toBe(true);
    expectInside(valuesOf(parts, answer), both);
  });

  test('where warm and cold fight over a gap, says what buys it', () => {
    const parts = [
      landing(part('basil', 70)),
      landing(part('parmesan-style', 50)),
      landing(part('pine-nut', 30)),
      landing(part('olive-oil-light', 45)),
      landing(part('rapeseed-oil', 45)),
    ];
    const wide: Targets = {
      freshBody: { low: 5.8, high: 6.2 },
      chilledBody: { low: 7.45, high: 8 },
    };
    const answer = landParts(landRequestOf(parts, wide), solver);
    if (!answer.feasible) throw new Error(JSON.stringify(answer.conflicts));
    expectInside(valuesOf(parts, answer), wide);
    // only fats that set can widen the gap: more olive oil or cheese, or less of the oil that does not
    expect(['olive-oil-light', 'rapeseed-oil', 'parmesan-style']).toContain(
      answer.buysDifference?.ingredient,
    );
    expect(answer.buysDifference?.body).toBeGreaterThan(0);
  });

  test('gets past the bump where tahini seizes', () => {
    const parts = [landing(part('tahini-hulled', 100)), landing(part('water', 18))];
    const loose: Targets = { freshBody: { low: 5.8, high: 6.6 } };
    const answer = landParts(landRequestOf(parts, loose), solver);
    expect(answer.feasible).toBe(true);
    expectInside(valuesOf(parts, answer), loose);
  });

  test('300 everyday dips land on a band that a nearby dip has', () => {
    let landed = 0;
    fc.assert(
      fc.property(
        pulseDip,
        fc.double({ min: -0.8, max: 0.8, noNaN: true }),
        fc.double({ min: 0.7, max: 1.3, noNaN: true }),
        (dip, bodyBy, saltTimes) => {
          const parts = dip.map((one) => landing(one));
          const now = endOf(dip);
          fc.pre(now.chilledBody !== null && now.per100g.acidG >= 0.05);
          const middle = Math.min(9.5, Math.max(5, now.chilledBody + bodyBy));
          const salt = Math.max(0.4, now.per100g.saltG * saltTimes);
          const targets: Targets = {
            chilledBody: { low: middle - 0.3, high: middle + 0.3 },
            saltG: { low: salt * 0.9, high: salt * 1.1 },
            acidG: { low: now.per100g.acidG * 0.8, high: now.per100g.acidG * 1.2 },
          };
          const answer = landParts(landRequestOf(parts, targets), solver);
          expect(answer.feasible).toBe(true);
          expectInside(valuesOf(parts, answer), targets);
          landed += 1;
        },
      ),
      { numRuns: 300 },
    );
    expect(landed).toBeGreaterThan(250);
  }, 120_000);
});

describe('in kitchen measures', () => {
  const targets: Targets = {
    chilledBody: { low: 6.9, high: 7.8 },
    saltG: { low: 0.85, high: 1.15 },
    acidG: { low: 0.28, high: 0.45 },
  };
  const spooned = (): LandingPart[] => [
    landing(part('tahini-hulled', 81.2285), { amountText: '1/3 cup', hold: true }),
    landing(part('lemon-juice', 30.46), { amountText: '2 tbsp' }),
    landing(part('water', 29.5), { amountText: '2 tbsp' }),
    landing(part('garlic-raw', 4), { amountText: '1 clove' }),
    landing(part('sea-salt-fine', 1.42), { amountText: '1/4 tsp' }),
    landing(part('chickpeas-canned-drained', 390.4), { amountText: '2 1/2 cups' }),
  ];

  test('every amount is one a cook can measure, and the dip lands with it', () => {
    const parts = spooned();
    const answer = landParts(landRequestOf(parts, targets, { kitchenMeasures: true }), solver);
    if (!answer.feasible) throw new Error(JSON.stringify(answer.conflicts));
    expect(answer.parts[0]?.amount).toBe('1/3 cup');
    for (const { amount } of answer.parts) expect(amount).toMatch(/cup|tbsp|tsp|clove|taste/);
    expectInside(valuesOf(parts, answer), targets);
  });

  test('keeps within a row’s own least and most', () => {
    const free = landParts(landRequestOf(spooned(), targets, { kitchenMeasures: true }), solver);
    if (!free.feasible) throw new Error('it lands');
    const waterG = free.parts[2]?.massG ?? NaN;
    // a tablespoon either side of where it would go
    for (const limits of [{ maxG: waterG - 15 }, { minG: waterG + 15, maxG: waterG + 60 }]) {
      const parts = spooned().map((one, i) => (i === 2 ? { ...one, ...limits } : one));
      const answer = landParts(landRequestOf(parts, targets, { kitchenMeasures: true }), solver);
      const landed = (answer.feasible ? answer.parts : answer.nearest.parts)[2]?.massG ?? NaN;
      expect(landed).toBeLessThanOrEqual(limits.maxG + 1e-6);
      expect(landed).toBeGreaterThanOrEqual((limits.minG ?? 0) - 1e-6);
    }
  });

  test('a band finer than spoons says that grams would do', () => {
    const fine: Targets = {
      saltG: { low: 1, high: 1.0005 },
      chilledBody: { low: 7.2, high: 7.202 },
    };
    const answer = landParts(landRequestOf(spooned(), fine, { kitchenMeasures: true }), solver);
    expect(answer.feasible).toBe(false);
    if (!answer.feasible) expect(answer.conflicts[0]?.message).toContain('Weighed in grams');
  });

  test('works without branch and bound, by local search alone', () => {
    const parts = spooned();
    const noBinaries: LinearSolver = {
      solve: (program, limit) => (program.binary ? { values: null } : solver.solve(program, limit)),
    };
    const answer = landParts(landRequestOf(parts, targets, { kitchenMeasures: true }), noBinaries);
    expect(answer.feasible).toBe(true);
    expectInside(valuesOf(parts, answer), targets);
  });
});

describe('what can’t be met', () => {
  test('a held salt fights a salt target: named, measured, and let go', () => {
    const held = ['sea-salt-fine', 'chickpeas-canned-drained', 'tahini-hulled'];
    const parts = hummus().map((one) => ({ ...one, hold: held.includes(one.ingredient.id) }));
    const targets: Targets = { saltG: { low: 1.6, high: 1.8 }, chilledBody: { low: 7, high: 8 } };
    const answer = landParts(landRequestOf(parts, targets), solver);
    if (answer.feasible) throw new Error('should not land');
    expect(answer.conflicts.length).toBe(1);
    const [conflict] = answer.conflicts;
    expect(conflict?.targets).toEqual(['saltG']);
    expect(conflict?.holds).toContain('sea-salt-fine');
    expect(conflict?.shortBy.saltG).toBeGreaterThan(0.2);
    expect(conflict?.message).toContain('let go of Fine sea salt');
    const short = Number(conflict?.shortBy.saltG?.toFixed(2));
    expect(conflict?.message).toContain(`The nearest is salt ${short} g per 100 g short.`);
    // the other band is still met by the nearest
    expectInside(valuesOf(parts, answer), { chilledBody: { low: 7, high: 8 } });
  });

  test('warm and cold bodies too far apart fight each other', () => {
    const targets: Targets = {
      freshBody: { low: 9, high: 9.2 },
      chilledBody: { low: 6, high: 6.4 },
    };
    const answer = landParts(landRequestOf(hummus(), targets), solver);
    if (answer.feasible) throw new Error('should not land');
    expect(answer.conflicts[0]?.targets.sort()).toEqual(['chilledBody', 'freshBody']);
    expect(answer.conflicts[0]?.message).toContain("can't all be met");
  });

  test('a dip with nothing free says what is missed and keeps its amounts', () => {
    const parts = hummus().map((one) => ({ ...one, hold: true }));
    const answer = landParts(landRequestOf(parts, { chilledBody: { low: 3, high: 4 } }), solver);
    if (answer.feasible) throw new Error('should not land');
    expect(answer.nearest.parts.map(({ massG }) => massG)).toEqual(parts.map(({ massG }) => massG));
    expect(answer.conflicts[0]?.shortBy.chilledBody).toBeLessThan(0);
    expect(answer.conflicts[0]?.message).toMatch(/The nearest is body, chilled \d\.\d+ over\./);
  });

  test('the nearest is no vanishing dip', () => {
    const parts = hummus();
    // lemon juice itself has 5 g of acid in 100 g
    const targets: Targets = { acidG: { low: 20, high: 30 } };
    const answer = landParts(landRequestOf(parts, targets), solver);
    if (answer.feasible) throw new Error('should not land');
    const before = parts.reduce((sum, { massG }) => sum + massG, 0);
    const after = answer.nearest.parts.reduce((sum, { massG }) => sum + massG, 0);
    expect(after).toBeGreaterThan(0.5 * before);
  });
});

test('the solver solves a program known by hand', () => {
  // most of x + y with x + 2y ≤ 4 and 3x + y ≤ 6 is at x = 1.6, y = 1.2
  const { values } = solver.solve(
    {
      cost: [-1, -1],
      lower: [0, 0],
      upper: [Infinity, Infinity],
      constraints: [
        {
          terms: [
            [0, 1],
            [1, 2],
          ],
          low: -Infinity,
          high: 4,
        },
        {
          terms: [
            [0, 3],
            [1, 1],
          ],
          low: -Infinity,
          high: 6,
        },
      ],
    },
    1,
  );
  expect(values?.[0]).toBeCloseTo(1.6, 6);
  expect(values?.[1]).toBeCloseTo(1.2, 6);
});

test('a program nobody can meet has no values', () => {
  const { values } = solver.solve(
    {
      cost: [1],
      lower: [0],
      upper: [1],
      constraints: [{ terms: [[0, 1]], low: 2, high: Infinity }],
    },
    1,
  );
  expect(values).toBeNull();
});
