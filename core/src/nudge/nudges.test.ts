import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { ingredient } from '../../test/larderIngredient';
import { analyse } from '../analysis/analyse';
import { usualMethod } from '../body/conditions';
import type { Part } from '../bowl/part';
import { shippedLarder } from '../larder/larder';
import {
  type Nudge,
  type NudgedFigures,
  mostWanted,
  nudges,
  sortedNudges,
  towards,
  wants,
} from './nudges';
import { spoonOf } from './spoon';

const of = (parts: readonly Part[]) =>
  nudges({ parts, method: usualMethod, measures: 'us', larder: shippedLarder });
const figuresOf = (parts: readonly Part[]): NudgedFigures => {
  const { body, per100g } = analyse({ parts, method: usualMethod, servedAtC: 5 });
  const { saltG, acidG, garlicG } = per100g;
  return { freshBody: body.fresh, chilledBody: body.chilled, saltG, acidG, garlicG };
};
const hummus = [
  part('tahini-hulled', 80),
  part('lemon-juice', 30),
  part('water', 60),
  part('garlic-raw', 4),
  part('sea-salt-fine', 3),
  part('chickpeas-canned-drained', 310),
  part('olive-oil-extra-virgin', 14),
  part('lemon-juice', 10),
  part('parsley', 5, 'top'),
];
const named = (all: readonly Nudge[], id: string) => {
  const found = all.find((nudge) => nudge.ingredient === id);
  if (!found) throw new Error(`no nudge of ${id}`);
  return found;
};

describe('a spoon', () => {
  test.each([
    ['water', '1 tbsp', 14.787],
    ['sea-salt-fine', '¼ tsp', 4.929 / 4],
    ['cumin-ground', '¼ tsp', 4.929 / 4],
  ])('of %s is %s', (id, text, ml) => {
    const one = ingredient(id);
    expect(spoonOf(one, 'us').text).toBe(text);
    expect(spoonOf(one, 'us').massG).toBeCloseTo(ml * one.densityGPerMl, 1);
  });

  test('of what is counted is one piece, and the cook’s own spoon counts', () => {
    expect(spoonOf(ingredient('garlic-raw'), 'us')).toEqual({ massG: 4, text: '1 clove' });
    const water = ingredient('water');
    expect(spoonOf(water, 'australian').massG / spoonOf(water, 'metric').massG).toBeCloseTo(4 / 3);
  });
});

describe('a nudge', () => {
  test('is the dip with the spoon in, less the dip without', () => {
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const before = figuresOf(parts);
        for (const nudge of of(parts)) {
          const after = figuresOf([...parts, part(nudge.ingredient, nudge.massG)]);
          for (const figure of ['freshBody', 'chilledBody', 'saltG', 'acidG', 'garlicG'] as const) {
            const moved = nudge[figure];
            const [from, to] = [before[figure], after[figure]];
            if (moved === null || from === null || to === null) continue;
            // what is shown stops at 0, what is reckoned does not
            if (from > 0 && to > 0) expect(moved).toBeCloseTo(to - from, 6);
          }
        }
      }),
      { numRuns: 30 },
    );
  });

  test('comes once for each thing, then for what is always at hand', () => {
    const ids = of(hummus).map(({ ingredient: id }) => id);
    expect(ids.filter((id) => id === 'lemon-juice').length).toBe(1);
    expect(ids).not.toContain('parsley');
    const plain = of([part('chickpeas-canned-drained', 300)]);
    expect(plain.map(({ ingredient: id, inDip }) => [id, inDip])).toEqual([
      ['chickpeas-canned-drained', true],
      ['water', false],
      ['lemon-juice', false],
      ['olive-oil-extra-virgin', false],
      ['sea-salt-fine', false],
    ]);
    expect(of([])).toEqual([]);
    // nothing is offered unasked that someone may not eat
    expect(plain.flatMap(({ ingredient: id }) => ingredient(id).allergens)).toEqual([]);
  });

  test('costs what the spoon costs', () => {
    const oil = named(of(hummus), 'olive-oil-extra-virgin');
    expect(oil.costEur).toBeCloseTo((oil.massG / 1000) * 10, 6);
  });

  test('of something folded in moves the seasoning and not the body', () => {
    const folded = of([part('chickpeas-canned-drained', 300), part('capers', 20, 'fold')]);
    const capers = named(folded, 'capers');
    expect(capers.freshBody).toBe(0);
    expect(capers.saltG).toBeGreaterThan(0);
  });
});

describe('what is wanted', () => {
  test('orders the nudges, the one that does most first', () => {
    for (const want of wants) {
      const effects = sortedNudges(of(hummus), want).map((nudge) => towards(nudge, want));
      expect(effects).toEqual([...effects].sort((a, b) => b - a));
    }
    expect(sortedNudges(of(hummus), 'saltier')[0]?.ingredient).toBe('sea-salt-fine');
    expect(sortedNudges(of(hummus), 'sourer')[0]?.ingredient).toBe('lemon-juice');
    expect(sortedNudges(of(hummus), 'more garlic')[0]?.ingredient).toBe('garlic-raw');
  });

  test('is the figure furthest outside its band', () => {
    const now = { freshBody: 7, chilledBody: 8, saltG: 0.7, acidG: 0.4, garlicG: 0.5 };
    const band = (low: number, high: number) => ({ low, high });
    expect(mostWanted(now, {})).toBeNull();
    expect(mostWanted(now, { freshBody: band(6, 8) })).toBeNull();
    // half a body is under two misses of 0.3, three tenths of salt are three of 0.1
    expect(mostWanted(now, { freshBody: band(7.5, 8), saltG: band(1, 1.2) })).toBe('saltier');
    expect(mostWanted(now, { chilledBody: band(6, 7), saltG: band(0.8, 1.2) })).toBe('looser');
    expect(mostWanted(now, { acidG: band(0.1, 0.2), garlicG: band(0.6, 1) })).toBe('less sour');
    expect(mostWanted({ ...now, freshBody: null }, { freshBody: band(8, 9) })).toBeNull();
  });
});

describe('fragile steps', () => {
  const { path } = analyse({ parts: hummus, method: usualMethod, servedAtC: 5 });

  test('are those where a spoon of it moves body by over a half', () => {
    path.forEach((step, i) => {
      const one = hummus[i];
      if (!one || one.place !== 'bowl' || step.body === null) return;
      const spoon = part(one.ingredient.id, spoonOf(one.ingredient, 'us').massG);
      const after = figuresOf([...hummus.slice(0, i + 1), spoon]).freshBody ?? NaN;
      expect(step.spoonBody).toBeCloseTo(after - step.body, 6);
      expect(step.fragile).toBe(Math.abs(after - step.body) > 0.5);
    });
  });

  test('lemon into tahini is one, lemon at the end is not', () => {
    expect(path[1]?.fragile).toBe(true);
    expect(path[7]?.fragile).toBe(false);
    expect(path[8]?.spoonBody).toBeNull();
  });
});
