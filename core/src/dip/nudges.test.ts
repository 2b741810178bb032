import { conditionsOf, endOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { ingredient } from '../../test/larderIngredient';
import { analyse } from './analyse';
import { type Figures, targetFigure } from '../mix/figures';
import type { Part } from '../mix/part';
import { shippedLarder } from '../larder/larder';
import { type Nudge, nudged, mostWanted, nudges, sortedNudges, towards, wants } from './nudges';
import { spoonOf } from '../amounts/spoon';

const nudgesOf = (parts: readonly Part[]) => nudges(parts, shippedLarder, conditionsOf());
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
    let compared = 0;
    fc.assert(
      fc.property(pulseDip, (parts) => {
        const before = endOf(parts);
        for (const nudge of nudgesOf(parts)) {
          const after = endOf([...parts, part(nudge.ingredient, nudge.massG)]);
          for (const figure of nudged) {
            const moved = nudge.change[figure];
            const [from, to] = [targetFigure(figure, before), targetFigure(figure, after)];
            if (moved === null || from === null || to === null) continue;
            expect(moved).toBeCloseTo(to - from, 6);
            compared += 1;
          }
        }
      }),
      { numRuns: 30 },
    );
    expect(compared).toBeGreaterThan(600);
  });

  test('comes once for each thing, then for what is always at hand', () => {
    const ids = nudgesOf(hummus).map(({ ingredient: id }) => id);
    expect(ids.filter((id) => id === 'lemon-juice').length).toBe(1);
    expect(ids).not.toContain('parsley');
    const plain = nudgesOf([part('chickpeas-canned-drained', 300)]);
    expect(plain.map(({ ingredient: id, inDip }) => [id, inDip])).toEqual([
      ['chickpeas-canned-drained', true],
      ['water', false],
      ['lemon-juice', false],
      ['olive-oil-extra-virgin', false],
      ['sea-salt-fine', false],
    ]);
    expect(nudgesOf([])).toEqual([]);
    // nothing is offered unasked that someone may not eat
    expect(plain.flatMap(({ ingredient: id }) => ingredient(id).allergens)).toEqual([]);
  });

  test('costs what the spoon costs', () => {
    const oil = named(nudgesOf(hummus), 'olive-oil-extra-virgin');
    expect(oil.costEur).toBeCloseTo((oil.massG / 1000) * 10, 6);
  });

  test('of something folded in moves the seasoning and not the body', () => {
    const folded = nudgesOf([part('chickpeas-canned-drained', 300), part('capers', 20, 'fold')]);
    const capers = named(folded, 'capers');
    expect(capers.change.freshBody).toBe(0);
    expect(capers.change.saltG).toBeGreaterThan(0);
  });
});

describe('what is wanted', () => {
  test('orders the nudges, the one that does most first', () => {
    for (const want of wants) {
      const effects = sortedNudges(nudgesOf(hummus), want).map((nudge) => towards(nudge, want));
      expect(new Set(effects).size).toBeGreaterThan(3);
      expect(effects).toEqual([...effects].sort((a, b) => b - a));
    }
    expect(sortedNudges(nudgesOf(hummus), 'saltier')[0]?.ingredient).toBe('sea-salt-fine');
    expect(sortedNudges(nudgesOf(hummus), 'sourer')[0]?.ingredient).toBe('lemon-juice');
    expect(sortedNudges(nudgesOf(hummus), 'more garlic')[0]?.ingredient).toBe('garlic-raw');
  });

  test('is the figure furthest outside its band', () => {
    const end = endOf(hummus);
    const seasoned = { ...end.per100g, saltG: 0.7, acidG: 0.4, garlicG: 0.5 };
    const now: Figures = { ...end, freshBody: 7, chilledBody: 8, per100g: seasoned };
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
  const { path } = analyse(hummus, conditionsOf());

  test('are those where a spoon of it moves body by over a half', () => {
    path.forEach((step, i) => {
      const one = hummus[i];
      if (!one || one.place !== 'bowl' || step.body === null) return;
      const spoon = part(one.ingredient.id, spoonOf(one.ingredient, 'us').massG);
      const after = endOf([...hummus.slice(0, i + 1), spoon]).freshBody ?? NaN;
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
