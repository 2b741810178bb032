import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bowlOf } from '../../test/bowlOf';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import anchorFile from '../../data/anchors.json';
import { addTo, copyOf, emptyBowl, sumIndex } from './bowlSums';
import { partSumsPerGram } from './part';
import { shippedLarder } from '../larder/larder';
import { readGrams } from '../amounts/toGrams';
import { bodyState } from './bodyModel';
import { startingBodyParameters as p } from './parameters';

const body = (...parts: [string, number][]) =>
  (bodyState(bowlOf(...parts))?.lnTau ?? NaN) / Math.LN2;

function anchorState(anchor: (typeof anchorFile.anchors)[number]) {
  const sums = emptyBowl();
  for (const { ingredient: id, amount } of anchor.parts) {
    const one = ingredient(id);
    const grams = readGrams(amount, one, 'us');
    if (!grams.ok) throw new Error(grams.error.message);
    addTo(sums, partSumsPerGram({ ingredient: one }), grams.value.massG);
  }
  const state = bodyState(sums);
  if (!state) throw new Error(`${anchor.name} is empty`);
  return state;
}

/** The published equations once more, straight from their text, part by part. */
function byTheBook(parts: [string, number][]): number {
  let [S, D, W, F, H, b, oS] = [0, 0, 0, 0, 0, 0, 0];
  let [freeFat, dairy, vegetable, leaf, liquidWater, hS, dryMl, mass] = [0, 0, 0, 0, 0, 0, 0, 0];
  for (const [id, grams] of parts) {
    const one = ingredient(id);
    const s = p.structures[one.structure];
    const g = grams / 100;
    const solids = g * (one.proteinG + one.starchG + one.fibreG);
    const water = g * one.waterG;
    const fat = g * one.fatG;
    const bound = Math.max(s.waterHeldPerStructuralSolid * solids, s.ownWaterKept * water);
    const held = ((1 - s.fatSetFree) * fat) / 0.915;
    const own = solids / 1.42 + Math.min(water, bound) + held;
    mass += grams;
    S += solids;
    D += g * (one.sugarsG + one.saltG + one.acidG);
    W += water;
    F += (s.fatSetFree * fat) / 0.915;
    freeFat += s.fatSetFree * fat;
    H += held;
    b += bound;
    oS += s.oilHeldPerStructuralSolid * solids;
    if (one.structure === 'dairy-gel') dairy += own;
    if (one.structure.startsWith('vegetable')) vegetable += own;
    if (one.structure === 'leaf') leaf += own;
    if (one.structure === 'liquid') liquidWater += water;
    if (['sesame-paste', 'nut', 'nut-butter'].includes(one.structure)) {
      hS += s.waterHeldPerStructuralSolid * solids;
      dryMl += solids / 1.42;
    }
  }
  const Wb = Math.min(W, b);
  const Wf = W - Wb;
  const A = Math.min(0.9 * freeFat, oS) / 0.915;
  const V = S / 1.42 + D / 1.6 + W + F + H;
  const w = p.waterContinuous;
  const o = p.oilContinuous;
  const phiW = (S / 1.42 + Wb + H + w.freeOilWeight * F) / V;
  const phiO = (S / 1.42 + Wb + H + A + o.freeWaterWeight * Wf) / V;
  const part = S / 1.42 + Wb + H;
  const sl = leaf / part;
  const f = 100 / mass;
  const ratio =
    (Wf * f + 0.1 * W * f + 0.5) /
    (F * f + 0.5) /
    (p.inversion.ratio * (1 + p.inversion.leafDelay * sl));
  const pw = 1 / (1 + ratio ** (-1 / p.inversion.width));
  const g = (phi: number, onset: number, max: number) => Math.log((phi - onset) / (max - phi));
  const x = hS > 0 ? liquidWater / hS : 0;
  const lnW =
    w.a +
    w.b * g(phiW, w.onset, w.max) +
    (w.dairyShare * dairy) / part +
    (w.vegetableShare * vegetable) / part;
  const lnO =
    o.a +
    o.b * g(phiO, o.onset, o.max) +
    o.seizing * (dryMl / V) * x * Math.exp(-x) * Math.max(0, 1 - 3 * sl);
  return (pw * lnW + (1 - pw) * lnO) / Math.LN2;
}

describe('judged anchors', () => {
  test.each(anchorFile.anchors.map((anchor) => [anchor.name, anchor] as const))(
    '%s has the body the starting parameters give',
    (_, anchor) => {
      expect(Math.abs(anchorState(anchor).lnTau / Math.LN2 - anchor.modelBody)).toBeLessThan(0.005);
    },
  );

  test('at least 37 of 40 lie in their judged range', () => {
    const inside = anchorFile.anchors.filter((anchor) => {
      const tau = Math.exp(anchorState(anchor).lnTau);
      const [low = 0, high = 0] = anchor.yieldStressPa;
      return tau >= low && tau <= high;
    });
    expect(inside.length).toBeGreaterThanOrEqual(37);
  });
});

test.each<[string, [string, number][]]>([
  [
    'hummus',
    [
      ['chickpeas-cooked', 300],
      ['tahini-hulled', 80],
      ['lemon-juice', 45],
      ['water', 60],
    ],
  ],
  [
    'yogurt and cucumber',
    [
      ['greek-yogurt-10', 400],
      ['cucumber-squeezed', 150],
      ['mint', 8],
    ],
  ],
  [
    'pesto',
    [
      ['basil', 70],
      ['parmesan-style', 50],
      ['pine-nut', 30],
      ['olive-oil-extra-virgin', 80],
    ],
  ],
  [
    'tahini and water',
    [
      ['tahini-hulled', 100],
      ['water', 40],
    ],
  ],
])('%s agrees with the equations written out', (_, parts) => {
  expect(body(...parts)).toBeCloseTo(byTheBook(parts), 9);
});

describe('crumbs', () => {
  test('dry nuts and cheese are no paste', () => {
    expect(bodyState(bowlOf(['hazelnut', 100], ['parmesan-style', 60]))?.crumbs).toBe(true);
  });
  test('a hummus is one', () => {
    expect(bodyState(bowlOf(['chickpeas-cooked', 300], ['water', 80]))?.crumbs).toBe(false);
  });
  test('an empty bowl has no body', () => {
    expect(bodyState(emptyBowl())).toBeNull();
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
        const before = bodyState(sums);
        if (!before || before.waterOutside < 0.9) return;
        addTo(sums, per('water'), waterG);
        const after = bodyState(sums);
        expect(after?.lnTau ?? NaN).toBeLessThanOrEqual(before.lnTau + 1e-9);
      }),
      { numRuns: 400 },
    );
  });

  test('1: straight tahini seizes with a little water and loosens with more', () => {
    const bodies = [0, 10, 20, 40, 80, 120].map((waterG) =>
      body(['tahini-hulled', 100], ['water', waterG]),
    );
    expect(Math.max(...bodies)).toBeGreaterThan((bodies[0] ?? 0) + 2);
    expect(bodies.at(-1)).toBeLessThan(bodies[0] ?? 0);
  });

  test('2: a dip falls with water, step by step and without a jump, down to pouring', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const sums = bowlOf(
          ...parts.map((one): [string, number] => [one.ingredient.id, one.massG]),
        );
        const mass = sums[0] ?? 0;
        let last = bodyState(sums);
        if (!last || last.waterOutside < 0.9) return;
        for (let i = 0; i < 300; i += 1) {
          addTo(sums, per('water'), mass * 0.02);
          const next = bodyState(sums);
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
          const before = bodyState(sums);
          fc.pre(before !== null && before.waterOutside >= 0.9 && !before.crumbs);
          const more = copyOf(sums);
          addTo(more, per(id), sums[sumIndex.massG] * 0.03);
          expect(bodyState(more)?.lnTau ?? NaN).toBeGreaterThan(before.lnTau - 0.01);
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
        const before = bodyState(sums);
        fc.pre(before !== null && before.waterOutside >= 0.98 && !before.crumbs);
        const ml = sums[sumIndex.massG] * 0.01;
        const withOil = copyOf(sums);
        addTo(withOil, per('rapeseed-oil'), ml * 0.915);
        const withWater = copyOf(sums);
        addTo(withWater, per('water'), ml);
        const oil = Math.abs((bodyState(withOil)?.lnTau ?? NaN) - before.lnTau);
        const water = Math.abs((bodyState(withWater)?.lnTau ?? NaN) - before.lnTau);
        expect(oil).toBeLessThan(0.7 * water);
      }),
      { numRuns: 200 },
    );
  });

  test('4: the size of a batch does not matter', () => {
    fc.assert(
      fc.property(pulseDip, fc.double({ min: 0.05, max: 40, noNaN: true }), (parts, times) => {
        const named = parts.map((one): [string, number] => [one.ingredient.id, one.massG]);
        const one = bodyState(bowlOf(...named));
        const many = bodyState(
          bowlOf(...named.map(([id, g]): [string, number] => [id, g * times])),
        );
        expect(many?.lnTau).toBeCloseTo(one?.lnTau ?? NaN, 8);
        expect(many?.waterOutside).toBeCloseTo(one?.waterOutside ?? NaN, 8);
      }),
    );
  });

  test('every single ingredient gives a finite slope for a solver', () => {
    for (const one of shippedLarder.values()) {
      const state = bodyState(bowlOf([one.id, 100]), p, true);
      expect([one.id, Number.isFinite(state?.lnTau)]).toEqual([one.id, true]);
    }
  });
});
