import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ingredient } from '../../test/larderIngredient';
import {
  isKept,
  linearRule,
  noFurtherOff,
  type Rule,
  type RuledPart,
  ruleOff,
  ruleSides,
  rulesMiss,
} from './rule';

const parts: RuledPart[] = [
  { rowId: 't', ingredient: ingredient('tahini-hulled'), place: 'bowl' },
  { rowId: 'l', ingredient: ingredient('lemon-juice'), place: 'bowl' },
  { rowId: 'c', ingredient: ingredient('chickpeas-cooked'), place: 'bowl' },
  { rowId: 'b', ingredient: ingredient('butter-beans-cooked'), place: 'fold' },
  { rowId: 'o', ingredient: ingredient('olive-oil-extra-virgin'), place: 'top' },
];
const rule = (extra: Partial<Rule> = {}): Rule => ({
  id: 'r',
  said: 'as much tahini as lemon',
  of: { rows: ['t'] },
  sense: 'equal',
  times: 1,
  to: { rows: ['l'] },
  by: 'weight',
  ...extra,
});
const over = (extra: Partial<Rule> = {}) => {
  const found = linearRule(rule(extra), parts);
  if (!found) throw new Error('the rule rests');
  return found;
};

describe('a rule over parts', () => {
  test('counts rows, roles and the whole, and never what goes on top', () => {
    expect(ruleSides(over(), [60, 40, 300, 100, 10])).toEqual({ left: 60, right: 40 });
    const pulses = over({ to: { roles: ['legume'] }, times: 0.5 });
    expect(ruleSides(pulses, [60, 40, 300, 100, 10]).right).toBe(200);
    expect(ruleSides(over({ to: { whole: true } }), [60, 40, 300, 100, 10]).right).toBe(500);
    expect(linearRule(rule({ to: { rows: ['o'] } }), parts)).toBeNull();
    expect(linearRule(rule({ of: { roles: ['cheese'] } }), parts)).toBeNull();
  });

  test('by measure a cup of one is a cup of the other', () => {
    const [tahini, lemon] = [ingredient('tahini-hulled'), ingredient('lemon-juice')];
    const cup = 60;
    const masses = [cup * tahini.densityGPerMl, cup * lemon.densityGPerMl, 300, 0, 0];
    expect(ruleOff(over({ by: 'measure' }), masses)).toBeCloseTo(0, 9);
  });

  test.each<[Rule['sense'], number, number]>([
    // 60 against 40 is a third of the larger too much
    ['equal', 60, 1 / 3],
    ['equal', 30, -1 / 4],
    ['atLeast', 60, 0],
    ['atLeast', 30, -1 / 4],
    ['atMost', 60, 1 / 3],
    ['atMost', 30, 0],
  ])('%s with %d g against 40 is off by %d', (sense, tahiniG, off) => {
    expect(ruleOff(over({ sense }), [tahiniG, 40, 300, 0, 0])).toBeCloseTo(off, 9);
  });

  test('holds at any size, to what a spoon can measure', () => {
    const amount = fc.double({ min: 1, max: 500, noNaN: true });
    fc.assert(
      fc.property(amount, amount, fc.double({ min: 0.01, max: 50, noNaN: true }), (t, l, times) => {
        const small = [t, l, 0, 0, 0];
        const large = small.map((one) => one * times);
        expect(ruleOff(over(), large)).toBeCloseTo(ruleOff(over(), small), 9);
      }),
    );
    expect(isKept(over(), [42, 40, 0, 0, 0])).toBe(true);
    expect(isKept(over(), [43, 40, 0, 0, 0])).toBe(false);
    expect(rulesMiss([over()], [42, 40, 0, 0, 0])).toBe(0);
    // a third off, less what a spoon can't tell, in tenths
    expect(rulesMiss([over()], [60, 40, 0, 0, 0])).toBeCloseTo((1 / 3 - 0.05) / 0.1, 6);
  });

  test('what the hand has broken may stay so, and no more', () => {
    const [stands] = noFurtherOff([over()], [60, 40, 0, 0, 0]);
    if (!stands) throw new Error('no rule');
    expect(rulesMiss([stands], [60, 40, 0, 0, 0])).toBe(0);
    expect(rulesMiss([stands], [70, 40, 0, 0, 0])).toBeGreaterThan(0);
    expect(rulesMiss([stands], [60, 50, 0, 0, 0])).toBe(0);
  });
});
