import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { swapOf, writtenParts } from '../../test/swapOf';
import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import { allergensOf } from '../dip/analyse';
import { patterns } from '../dip/patterns';
import type { LandingPart } from '../landing/landParts';
import { shippedLarder } from '../larder/larder';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { targetFigure } from '../mix/figures';
import { noticedChange } from './keptFigures';
import { readySwap, swapFor } from './swap';
import { conditionsWith } from './swapQuestion';
import { couldStandIn } from './couldStandIn';
import { swaps } from './swaps';

const larder = [...shippedLarder.values()];
const anything = { larder, free: { allergens: [], diets: [] } };

/** A dip of any pattern, in kitchen measures, each part a little its own way. */
const dips = fc
  .record({
    pattern: fc.constantFrom(...patterns),
    size: fc.integer({ min: 3, max: 9 }),
    shares: fc.array(fc.double({ min: 0.8, max: 1.25, noNaN: true }), {
      minLength: 12,
      maxLength: 12,
    }),
  })
  .map(({ pattern, size, shares }) => ({
    family: pattern.family,
    parts: writtenParts(
      pattern.slots.flatMap((slot, i) => {
        const found = shippedLarder.get(slot.first);
        if (!found || slot.usual <= 0) return [];
        const massG = size * slot.usual * (shares[i] ?? 1);
        return [[slot.first, nearestKitchenMeasure(massG, found, 'us').text] as const];
      }),
    ),
  }));

const asked = fc
  .record({ dip: dips, at: fc.nat(30), to: fc.nat(400), inBowl: fc.boolean(), held: fc.nat(30) })
  .map(({ dip, at, to, inBowl, held }) => {
    const index = at % dip.parts.length;
    const hold = held % dip.parts.length;
    const parts = dip.parts.map((part, i): LandingPart =>
      i === hold ? { ...part, hold: true } : part,
    );
    const question = swapOf(parts, index, { family: dip.family, inBowl });
    const among = couldStandIn(question, anything);
    return { question, to: among.length > 0 ? among[to % among.length] : undefined, hold };
  });

describe('a swap, whatever the dip', () => {
  test('says what its parts come to when they are evaluated again, and keeps what it says it keeps', () => {
    fc.assert(
      fc.property(asked, ({ question, to }) => {
        if (!to) return;
        const one = swapFor(readySwap(question), to);
        const again = figuresOf(mixOf(one.parts), conditionsWith(question.under, one.parts));
        expect(again).toEqual(one.proposal.after);
        const before = figuresOf(mixOf(question.parts), question.under.conditions);
        for (const name of one.keeps) {
          const [from, then] = [
            targetFigure(name, before) ?? NaN,
            targetFigure(name, again) ?? NaN,
          ];
          expect(Math.abs(then - from)).toBeLessThanOrEqual(noticedChange(name, from) + 1e-9);
        }
      }),
      { numRuns: 150 },
    );
  });

  test('brings the allergens of its new parts and no others; moves nothing held, and in the bowl takes nothing out', () => {
    fc.assert(
      fc.property(asked, ({ question, to, hold }) => {
        if (!to) return;
        const one = swapFor(readySwap(question), to);
        const [had, has] = [allergensOf(question.parts), allergensOf(one.parts)];
        const { allergensGained, allergensLost } = one.proposal.consequences;
        expect(allergensGained).toEqual(has.filter((each) => !had.includes(each)));
        expect(allergensLost).toEqual(had.filter((each) => !has.includes(each)));
        one.parts.forEach((part, i) => {
          const old = question.parts[i];
          if (i === question.index || !old) return;
          if (i === hold) expect(part).toBe(old);
          if (question.inBowl) expect(part.massG).toBeGreaterThanOrEqual(old.massG - 1e-9);
        });
      }),
      { numRuns: 150 },
    );
  });

  test('a thing for itself changes nothing', () => {
    fc.assert(
      fc.property(asked, ({ question }) => {
        const own = question.parts[question.index]?.ingredient;
        if (!own) return;
        const one = swapFor(readySwap(question), own);
        expect(one.parts).toEqual(question.parts);
        expect([one.distance, one.shifts, one.words]).toEqual([
          0,
          [],
          'no difference to be noticed',
        ]);
      }),
      { numRuns: 60 },
    );
  });

  test('there and back, where all of it was kept, is about what it was', () => {
    let compared = 0;
    fc.assert(
      fc.property(asked, ({ question, to }) => {
        const own = question.parts[question.index];
        if (!to || !own || own.massG < 5) return;
        const there = swapFor(readySwap(question), to);
        if (there.shifts.length > 0) return;
        const back = swapFor(readySwap({ ...question, parts: there.parts }), own.ingredient);
        compared += 1;
        const figures = [question.parts, back.parts].map((parts) =>
          figuresOf(mixOf(parts), conditionsWith(question.under, parts)),
        );
        const [before, after] = figures;
        if (!before || !after) return;
        const off = Math.abs((after.chilledBody ?? NaN) - (before.chilledBody ?? NaN));
        expect(off).toBeLessThan(2 * noticedChange('chilledBody', 0));
        // an eighth of a teaspoon of salt is the least that is measured
        const spoon = (100 * 0.75) / before.massG;
        expect(Math.abs(after.per100g.saltG - before.per100g.saltG)).toBeLessThan(0.16 + spoon);
        expect(Math.abs(after.massG / before.massG - 1)).toBeLessThan(0.12);
      }),
      { numRuns: 120 },
    );
    expect(compared).toBeGreaterThan(5);
  });

  test('what it must be free of never goes in', () => {
    fc.assert(
      fc.property(
        dips,
        fc.nat(30),
        fc.constantFrom('milk', 'sesame', 'gluten', 'soy'),
        (dip, at, allergen) => {
          const question = swapOf(dip.parts, at % dip.parts.length, { family: dip.family });
          const free = { allergens: [allergen], diets: ['vegan' as const] };
          const all = swaps(question, couldStandIn(question, { larder, free }));
          for (const { ingredient } of all) {
            expect(ingredient.allergens).not.toContain(allergen);
            expect(ingredient.vegan).not.toBe(false);
            expect(ingredient.hazards).not.toContain('raw-pulse');
          }
          const ranks = all.map(({ distance }) => distance);
          expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
        },
      ),
      { numRuns: 25 },
    );
  });
});
