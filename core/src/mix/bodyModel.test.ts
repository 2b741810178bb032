import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bowlOf } from '../../test/bowlOf';
import fixtureFile from '../../test/data/bodyFixtures.json';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import anchorFile from '../../data/anchors.json';
import { type Blending, nutGrindAfter, usualBlending } from './blending';
import { addTo, type BowlSums, copyOf, emptyBowl, sumIndex } from './bowlSums';
import { partSumsPerGram } from './part';
import { shippedLarder } from '../larder/larder';
import { readGrams } from '../amounts/toGrams';
import { type BodyState, bodyState } from './bodyModel';

const stateOf = (sums: BowlSums, blending: Partial<Blending> = {}) =>
  bodyState(sums, { ...usualBlending, ...blending });
const body = (...parts: [string, number][]) => (stateOf(bowlOf(...parts))?.lnTau ?? NaN) / Math.LN2;

interface Described {
  name: string;
  parts: { ingredient: string; amount: string }[];
  method?: { streamed?: number; grind?: number };
}

function described({ name, parts, method = {} }: Described): { sums: BowlSums; state: BodyState } {
  const sums = emptyBowl();
  for (const { ingredient: id, amount } of parts) {
    const one = ingredient(id);
    const grams = readGrams(amount, one, 'us');
    if (!grams.ok) throw new Error(grams.error.message);
    addTo(sums, partSumsPerGram({ ingredient: one }), grams.value.massG);
  }
  const state = stateOf(sums, {
    streamed: method.streamed === 1,
    ...(method.grind === undefined ? {} : { nutGrind: method.grind }),
  });
  if (!state) throw new Error(`${name} is empty`);
  return { sums, state };
}

/** Where a value worked out by others stands here. */
const sumNames: Record<string, keyof typeof sumIndex> = { solidsG: 'structuralSolidsG' };

describe('mixes worked out independently of this code', () => {
  test.each(
    fixtureFile.mixes.map((mix): [string, (typeof fixtureFile.mixes)[number]] => [mix.name, mix]),
  )('%s has the same sums and states between', (_, mix) => {
    const { sums, state } = described(mix as Described);
    for (const [name, value] of Object.entries(mix.sums)) {
      const place = sumIndex[sumNames[name] ?? (name as keyof typeof sumIndex)];
      expect([name, Math.abs(sums[place] - value) < 1e-6]).toEqual([name, true]);
    }
    const { body: figure, crumbs, ...figures } = mix.state;
    expect(state.crumbs).toBe(crumbs);
    expect(state.lnTau / Math.LN2).toBeCloseTo(figure, 6);
    for (const [name, value] of Object.entries(figures)) {
      const here = state[name as keyof BodyState] as number;
      expect([name, Math.abs(here - value) < 1e-6]).toEqual([name, true]);
    }
  });
});

describe('the judged anchors', () => {
  const anchors = anchorFile.anchors as (Described & {
    modelBody: number;
    yieldStressPa: number[];
  })[];

  test.each(anchors.map((anchor): [string, (typeof anchors)[number]] => [anchor.name, anchor]))(
    '%s has the body it is said to have',
    (_, anchor) => {
      const { state } = described(anchor);
      expect(Math.abs(state.lnTau / Math.LN2 - anchor.modelBody)).toBeLessThan(0.005);
    },
  );

  test('at least 94 of 96 lie in their judged range', () => {
    const inside = anchors.filter((anchor) => {
      const tau = Math.exp(described(anchor).state.lnTau);
      const [low = 0, high = 0] = anchor.yieldStressPa;
      return tau >= low && tau <= high;
    });
    expect([inside.length >= 94, anchors.length]).toEqual([true, 96]);
  });
});

describe('mixes a cook knows by hand', () => {
  const hummus: [string, number][] = [
    ['chickpeas-canned-drained', 240],
    ['tahini-hulled', 80],
    ['lemon-juice', 40],
    ['garlic-raw', 4],
    ['sea-salt-fine', 4],
  ];
  const between = (low: number, high: number, ...parts: [string, number][]) => {
    const state = stateOf(bowlOf(...parts));
    const figure = state && !state.crumbs ? state.lnTau / Math.LN2 : NaN;
    expect([figure >= low && figure <= high, figure]).toEqual([true, figure]);
  };

  test('dry crumbs stiffen a hummus by half a point to a point and a half', () => {
    const gained = body(...hummus, ['breadcrumbs-dry', 20]) - body(...hummus);
    expect(gained).toBeGreaterThan(0.5);
    expect(gained).toBeLessThan(1.5);
  });

  test('wet bread packs to scoops', () => {
    between(6.1, 10.2, ['bread-stale', 100], ['water', 150]);
  });

  test('a hummus takes 60 g of oil and stays water outside, and so does a bread, potato and almond cream', () => {
    const oily = stateOf(bowlOf(...hummus, ['olive-oil-extra-virgin', 60]));
    expect(oily?.waterOutside).toBeGreaterThan(0.5);
    expect(oily?.lnTau ?? NaN).toBeLessThan(stateOf(bowlOf(...hummus))?.lnTau ?? NaN);
  });

  test('garlic and oil, streamed, are a stiff white cream; poured in at once they are oil', () => {
    const cream = bowlOf(['garlic-raw', 60], ['lemon-juice', 30], ['olive-oil-extra-virgin', 240]);
    const streamed = stateOf(cream, { streamed: true });
    const poured = stateOf(cream);
    expect((streamed?.lnTau ?? NaN) / Math.LN2).toBeGreaterThan(6);
    expect(streamed?.waterOutside).toBeGreaterThan(0.5);
    expect(poured?.waterOutside).toBeLessThan(0.5);
  });

  test('mint makes yogurt no thicker', () => {
    const plain = body(['greek-yogurt-10', 300]);
    for (const mint of [80, 240]) {
      expect(body(['greek-yogurt-10', 300], ['mint', mint])).toBeLessThan(plain + 0.3);
    }
  });

  test('yogurts of ten and of no fat are within a point; cream cheese packs cold', () => {
    expect(Math.abs(body(['greek-yogurt-10', 100]) - body(['greek-yogurt-0', 100]))).toBeLessThan(
      1,
    );
    between(6, 8.8, ['cream-cheese', 100]);
    between(5, 6.5, ['sour-cream', 100]);
    between(6, 7.5, ['ricotta', 100]);
    between(3.6, 5.2, ['tofu-silken', 100]);
  });

  test('roasted peppers ribbon to slump, with walnuts and crumbs they scoop', () => {
    between(3, 6.1, ['red-pepper-roasted', 300]);
    between(
      5.6,
      8,
      ['red-pepper-roasted', 300],
      ['walnut', 100],
      ['breadcrumbs-dry', 40],
      ['olive-oil-extra-virgin', 40],
    );
  });

  test('sweet potato with tahini, and by itself, spreads', () => {
    between(
      6.5,
      9,
      ['sweet-potato-baked', 400],
      ['tahini-hulled', 60],
      ['lemon-juice', 30],
      ['water', 40],
    );
    between(7, 10, ['sweet-potato-baked', 400]);
  });

  test('cashews take water to a cream; peanut butter seizes with water, then loosens', () => {
    between(6.1, 10.2, ['cashew', 200], ['water', 150]);
    const bodies = [0, 10, 20, 40, 60, 100].map((waterG) =>
      body(['peanut-butter', 100], ['water', waterG]),
    );
    expect(Math.max(...bodies)).toBeGreaterThan((bodies[0] ?? NaN) + 1);
    expect(bodies.at(-1)).toBeLessThan(Math.max(...bodies) - 2);
  });

  test('mayonnaise stays a cream, alone and in what it is stirred into', () => {
    between(5.5, 8.8, ['mayonnaise', 150]);
    between(6.1, 8.8, ['tuna-canned', 150], ['mayonnaise', 60]);
    between(4.6, 7.5, ['mayonnaise', 150], ['greek-yogurt-10', 150]);
  });

  test('honey seizes tahini hard', () => {
    expect(body(['tahini-hulled', 100], ['honey', 40])).toBeGreaterThan(
      body(['tahini-hulled', 100]) + 2,
    );
  });

  test('almonds go from meal to paste to butter by the minutes they are run', () => {
    const after = (minutes: number) =>
      stateOf(bowlOf(['almond', 300]), { nutGrind: nutGrindAfter(minutes, 'food-processor') });
    const [meal, paste, butter] = [1, 6, 14].map(after);
    expect(meal?.crumbs).toBe(true);
    expect(butter?.crumbs).toBe(false);
    expect(meal?.lnTau ?? NaN).toBeGreaterThan(paste?.lnTau ?? NaN);
    expect(paste?.lnTau ?? NaN).toBeGreaterThan(butter?.lnTau ?? NaN);
  });
});

describe('grind of nuts', () => {
  test.each([
    [0, 'food-processor', 0],
    [5, 'food-processor', 1 - 1 / Math.E],
    [4, 'jug-blender', 1 - 1 / Math.E],
    [30, 'stick-blender', 1 - Math.exp(-2)],
    [20, 'mortar', 1 - 1 / Math.E],
    [5, 'a machine of one’s own', 1 - 1 / Math.E],
    [60, 'knife', 0],
  ])('after %d min in the %s is %d', (minutes, machine, grind) => {
    expect(nutGrindAfter(minutes, machine)).toBeCloseTo(grind, 9);
  });

  test('of which nothing is said is the usual meal, but by hand', () => {
    expect(nutGrindAfter(undefined, 'food-processor')).toBe(0.4);
    expect(nutGrindAfter(undefined, 'fork')).toBe(0);
  });
});

describe('crumbs', () => {
  test('dry nuts and cheese are no paste', () => {
    expect(stateOf(bowlOf(['hazelnut', 100], ['parmesan-style', 60]))?.crumbs).toBe(true);
  });
  test('a hummus is one', () => {
    expect(stateOf(bowlOf(['chickpeas-cooked', 300], ['water', 80]))?.crumbs).toBe(false);
  });
  test('an empty bowl has no body', () => {
    expect(stateOf(emptyBowl())).toBeNull();
  });
});

describe('what holds for any version of the model', () => {
  const per = (id: string) => partSumsPerGram({ ingredient: ingredient(id) });

  test('1: where water is clearly outside, more water never stiffens', () => {
    fc.assert(
      fc.property(pulseDip, fc.double({ min: 1, max: 60, noNaN: true }), (parts, waterG) => {
        const sums = bowlOf(
          ...parts.map((one): [string, number] => [one.ingredient.id, one.massG]),
        );
        const before = stateOf(sums);
        if (!before || before.waterOutside < 0.97) return;
        addTo(sums, per('water'), waterG);
        const after = stateOf(sums);
        expect(after?.lnTau ?? NaN).toBeLessThanOrEqual(before.lnTau + 1e-9);
      }),
      { numRuns: 400 },
    );
  });

  test('1: straight tahini seizes with a little water and loosens with more', () => {
    const bodies = [0, 10, 20, 40, 80, 120, 160].map((waterG) =>
      body(['tahini-hulled', 100], ['water', waterG]),
    );
    const stiffest = bodies.indexOf(Math.max(...bodies));
    expect(bodies[stiffest]).toBeGreaterThan((bodies[0] ?? 0) + 2);
    expect(stiffest).toBeGreaterThan(0);
    bodies.slice(stiffest + 1).forEach((one, i) => {
      expect(one).toBeLessThan(bodies[stiffest + i] ?? NaN);
    });
    expect(bodies.at(-1)).toBeLessThan(bodies[0] ?? NaN);
  });

  test('2: a dip falls with water, step by step and without a jump, down to pouring', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const sums = bowlOf(
          ...parts.map((one): [string, number] => [one.ingredient.id, one.massG]),
        );
        const mass = sums[0] ?? 0;
        let last = stateOf(sums);
        if (!last || last.waterOutside < 0.97) return;
        for (let i = 0; i < 300; i += 1) {
          addTo(sums, per('water'), mass * 0.02);
          const next = stateOf(sums);
          if (!next || !last) throw new Error('empty');
          const fall = (last.lnTau - next.lnTau) / Math.LN2;
          expect(fall).toBeGreaterThanOrEqual(-1e-9);
          if (!last.crumbs) expect(fall).toBeLessThan(1.5);
          last = next;
        }
        expect(last.lnTau / Math.LN2).toBeLessThan(3);
      }),
      { numRuns: 60 },
    );
  });

  test.each(['parmesan-style', 'hazelnut', 'breadcrumbs-dry', 'almond'])(
    '3: %s stiffens a paste',
    (id) => {
      fc.assert(
        fc.property(pulseDip, (parts) => {
          const sums = bowlOf(
            ...parts.map((one): [string, number] => [one.ingredient.id, one.massG]),
          );
          const before = stateOf(sums);
          fc.pre(before !== null && before.waterOutside >= 0.9 && !before.crumbs);
          const more = copyOf(sums);
          addTo(more, per(id), sums[sumIndex.massG] * 0.03);
          expect(stateOf(more)?.lnTau ?? NaN).toBeGreaterThan(before.lnTau - 0.01);
        }),
        { numRuns: 100 },
      );
    },
  );

  test('3: oil loosens what is clearly oil-continuous', () => {
    for (const extra of [5, 20, 60, 120]) {
      const before = body(
        ['basil', 70],
        ['parmesan-style', 50],
        ['pine-nut', 30],
        ['olive-oil-extra-virgin', 90],
      );
      const after = body(
        ['basil', 70],
        ['parmesan-style', 50],
        ['pine-nut', 30],
        ['olive-oil-extra-virgin', 90 + extra],
      );
      expect(after).toBeLessThan(before);
    }
  });

  test('3: oil moves a water-continuous dip by under 0.7 of what the same volume of water does', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const sums = bowlOf(
          ...parts.map((one): [string, number] => [one.ingredient.id, one.massG]),
        );
        const before = stateOf(sums);
        fc.pre(before !== null && before.waterOutside >= 0.98 && !before.crumbs);
        const ml = sums[sumIndex.massG] * 0.01;
        const withOil = copyOf(sums);
        addTo(withOil, per('rapeseed-oil'), ml * 0.915);
        const withWater = copyOf(sums);
        addTo(withWater, per('water'), ml);
        const oil = Math.abs((stateOf(withOil)?.lnTau ?? NaN) - before.lnTau);
        const water = Math.abs((stateOf(withWater)?.lnTau ?? NaN) - before.lnTau);
        expect(oil).toBeLessThan(0.7 * water);
      }),
      { numRuns: 200 },
    );
  });

  test('4: the size of a batch does not matter', () => {
    fc.assert(
      fc.property(pulseDip, fc.double({ min: 0.05, max: 40, noNaN: true }), (parts, times) => {
        const named = parts.map((one): [string, number] => [one.ingredient.id, one.massG]);
        const one = stateOf(bowlOf(...named));
        const many = stateOf(bowlOf(...named.map(([id, g]): [string, number] => [id, g * times])));
        expect(many?.lnTau).toBeCloseTo(one?.lnTau ?? NaN, 8);
        expect(many?.waterOutside).toBeCloseTo(one?.waterOutside ?? NaN, 8);
      }),
    );
  });

  test('every single ingredient gives a finite slope for a solver', () => {
    for (const one of shippedLarder.values()) {
      const state = stateOf(bowlOf([one.id, 100]));
      expect([one.id, Number.isFinite(state?.lnTau)]).toEqual([one.id, true]);
    }
  });
});
