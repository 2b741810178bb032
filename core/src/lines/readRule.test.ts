import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ingredient } from '../../test/larderIngredient';
import type { Rule, RuleSide } from '../mix/rule';
import { readRule, type RuleRead } from './readRule';
import type { RuleRow } from './ruleSides';

const row = (id: string, ingredientId: string, amount: string): RuleRow => ({
  ...{ id, amount, ingredient: ingredient(ingredientId) },
});
const rows = [
  row('tahini', 'tahini-hulled', '¼ cup'),
  row('lemon', 'lemon-juice', '¼ cup'),
  row('chickpeas', 'chickpeas-cooked', '300 g'),
  row('pumpkin', 'pumpkin-roasted', '300 g'),
  row('oil', 'olive-oil-extra-virgin', '40 g'),
  row('walnut', 'walnut', '60 g'),
  row('pine', 'pine-nut', '60 g'),
  row('salt', 'sea-salt-fine', '6 g'),
  row('liquid', 'chickpea-can-liquid', '20 g'),
  row('beans', 'butter-beans-cooked', '100 g'),
];
const one = (...ids: string[]): RuleSide => ({ rows: ids });
const pulses: RuleSide = { roles: ['legume'] };
const nuts: RuleSide = { roles: ['nut-seed', 'nut-butter'] };
const oils: RuleSide = { roles: ['oil'] };
const salts: RuleSide = { roles: ['salt'] };
const whole: RuleSide = { whole: true };

type Expected = [text: string, of: RuleSide, sense: Rule['sense'], times: number, to: RuleSide];

const readings: Expected[] = [
  ['as much tahini as lemon', one('tahini'), 'equal', 1, one('lemon')],
  ['As much tahini as lemon juice.', one('tahini'), 'equal', 1, one('lemon')],
  ['at least as much pumpkin as pulse', one('pumpkin'), 'atLeast', 1, pulses],
  ['salt 9 g a kilo', salts, 'equal', 0.009, whole],
  ['9 g salt per kilo', salts, 'equal', 0.009, whole],
  ['9 g of salt to the kilo', salts, 'equal', 0.009, whole],
  ['0.9 % salt', salts, 'equal', 0.009, whole],
  ['salt 0.9 g per 100 g', salts, 'equal', 0.009, whole],
  ['oil to a third of the nuts', oils, 'equal', 1 / 3, nuts],
  ['oil at most half the nuts', oils, 'atMost', 0.5, nuts],
  ['oil two thirds of the nuts', oils, 'equal', 2 / 3, nuts],
  ['twice as much tahini as lemon', one('tahini'), 'equal', 2, one('lemon')],
  ['half as much tahini as lemon', one('tahini'), 'equal', 0.5, one('lemon')],
  ['tahini half as much as lemon', one('tahini'), 'equal', 0.5, one('lemon')],
  ['at least twice as much pumpkin as nuts', one('pumpkin'), 'atLeast', 2, nuts],
  ['no more pumpkin than pulse', one('pumpkin'), 'atMost', 1, pulses],
  ['more pulse than nuts', pulses, 'atLeast', 1, nuts],
  ['2 parts tahini to 1 part lemon', one('tahini'), 'equal', 2, one('lemon')],
  ['3:1 chickpeas to tahini', one('chickpeas'), 'equal', 3, one('tahini')],
  ['equal parts tahini and lemon', one('tahini'), 'equal', 1, one('lemon')],
  ['tahini = lemon', one('tahini'), 'equal', 1, one('lemon')],
  ['pumpkin at least 35 %', one('pumpkin'), 'atLeast', 0.35, whole],
  ['at least 350 g pumpkin a kilo', one('pumpkin'), 'atLeast', 0.35, whole],
  ['salt 1 % of the pulse', salts, 'equal', 0.01, pulses],
  ['as much walnut and pine nuts as pumpkin', one('walnut', 'pine'), 'equal', 1, one('pumpkin')],
];

function ruleOf(read: RuleRead | null): Omit<Rule, 'id'> {
  if (!read?.ok) throw new Error(read?.message ?? 'no rule');
  return read.rule;
}

describe('a rule as a cook says it', () => {
  test.each(readings)('%s', (text, of, sense, times, to) => {
    const rule = ruleOf(readRule(text, rows));
    expect(rule).toMatchObject({ of, sense, to });
    expect(rule.times).toBeCloseTo(times, 6);
    expect(rule.said).toBe(text);
  });

  test.each([
    ['as much tahini as lemon', 'measure'],
    ['as much tahini as lemon, by weight', 'weight'],
    ['the same weight of tahini as lemon', 'weight'],
    ['as much chickpeas as pumpkin', 'weight'],
    ['as much chickpeas as pumpkin by the cup', 'measure'],
    ['salt 9 g a kilo', 'weight'],
  ])('%s is counted by %s', (text, by) => {
    expect(ruleOf(readRule(text, rows)).by).toBe(by);
  });

  test.each([
    '2 tbsp lemon juice',
    '⅓ cup tahini',
    'a third of a cup of tahini',
    'juice of half a lemon',
    'half of the lemon',
    'salt to taste',
    '1 can of the beans',
    'chickpeas, drained',
    'olive oil, for the top',
    '',
  ])('“%s” is none', (text) => {
    expect(readRule(text, rows)).toBeNull();
  });

  test.each([
    ['as much tahini as cumin', '“cumin”'],
    ['as much cheese as lemon', '“cheese”'],
    ['as much cooked as lemon', 'Chickpeas'],
    ['as much tahini as tahini', 'two different'],
    ['as much tahini as the whole dip', 'can’t be as much'],
    ['the whole dip as much as tahini', 'not all of it'],
  ])('“%s” is not followed, and says why: %s', (text, words) => {
    const read = readRule(text, rows);
    expect(read).toMatchObject({ ok: false });
    expect(read && !read.ok ? read.message : '').toContain(words);
  });

  test('nothing typed breaks it, and it is never read for things that are not there', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const read = readRule(`as much ${text} as lemon`, rows.slice(0, 2));
        if (read?.ok === true && 'rows' in read.rule.of) {
          expect(read.rule.of.rows).toEqual(['tahini']);
        }
      }),
      { numRuns: 500 },
    );
  });
});
