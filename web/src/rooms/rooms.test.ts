import { describe, expect, test } from '@jest/globals';
import { kitchenOf } from '../../../core/test/kitchenOf';
import { dip, trial } from '../../../core/test/bookOf';
import type { TrialRow } from '@cobbet/core/book/trialRow';
import { against } from '@/components/SeasoningMark';
import { bodyText, capital } from '@/components/bodyText';
import { dipSummary } from '@/components/dipSummary';
import { dipTree } from './book/dipTree';
import { lastMadeFirst } from '@/components/ChooseDip';
import { lastTrials } from '@/components/lastTrials';
import { trialDifference } from './trials/trialDifference';

describe('the book’s tree', () => {
  const dips = [
    dip('a'),
    dip('b', { parentId: 'a', family: 'yogurt' }),
    dip('c', { parentId: 'b' }),
    dip('d', { family: 'pate' }),
    dip('e', { parentId: 'gone' }),
  ];
  const tree = dipTree(new Map(dips.map((one) => [one.id, one])));

  test('stands by family, bases first, each with its descent', () => {
    expect(tree.map(({ family }) => family)).toEqual(['pulse', 'pate']);
    expect(tree[0]?.bases.map(({ dip: one }) => one.id)).toEqual(['a', 'e']);
    expect(tree[0]?.bases[0]?.children[0]?.dip.id).toBe('b');
    expect(tree[0]?.bases[0]?.children[0]?.children[0]?.dip.id).toBe('c');
  });

  test('the latest trial of each dip is the one shown', () => {
    const trials = [
      trial('1', 'a', { number: 1 }),
      trial('2', 'a', { number: 5 }),
      trial('3', 'b'),
    ];
    const last = lastTrials(new Map(trials.map((one) => [one.id, one])));
    expect([last.get('a')?.id, last.get('b')?.id, last.get('c')]).toEqual(['2', '3', undefined]);
  });

  test('a leaf says its body as it is served', () => {
    const cold = dipSummary(dip('a', { servedAtC: 5 }), kitchenOf());
    const warm = dipSummary(dip('a', { servedAtC: 20 }), kitchenOf());
    expect(cold.moment.when).toBe('chilled');
    expect(warm.moment.when).toBe('fresh');
    expect(cold.body).toBeGreaterThan(warm.body ?? NaN);
    const empty = dipSummary(dip('a', { rows: [] }), kitchenOf());
    expect([empty.body, empty.word]).toEqual([undefined, null]);
  });
});

test('dips are gone on with in the order they were made last, those never made as the book has them', () => {
  const last = new Map([
    ['a', { madeAt: '2026-05-01T10:00:00.000Z' }],
    ['c', { madeAt: '2026-05-03T10:00:00.000Z' }],
  ]);
  const order = lastMadeFirst([dip('n'), dip('a'), dip('m'), dip('c')], last);
  expect(order.map(({ id }) => id)).toEqual(['c', 'a', 'n', 'm']);
});

describe('what differed between trials', () => {
  const row = (ingredientId: string, amount: string): TrialRow => ({
    ingredientId,
    planned: amount,
    amount,
    massG: 1,
    cv: 0,
    place: 'bowl',
  });
  test('is named by amount, comings and goings included', () => {
    const before = trial('1', 'a', {
      rows: [row('water', '1 cup'), row('lemon-juice', '1 tbsp'), row('sugar', '1 tsp')],
    });
    const after = trial('2', 'a', {
      rows: [row('water', '2 cups'), row('lemon-juice', '1 tbsp'), row('honey', '1 tsp')],
    });
    expect(trialDifference(before, after)).toEqual([
      { ingredientId: 'water', from: '1 cup', to: '2 cups' },
      { ingredientId: 'sugar', from: '1 tsp', to: null },
      { ingredientId: 'honey', from: null, to: '1 tsp' },
    ]);
  });
  test('tells two rows of one ingredient apart', () => {
    const before = trial('1', 'a', { rows: [row('water', '1 cup'), row('water', '1 tbsp')] });
    const after = trial('2', 'a', { rows: [row('water', '1 cup'), row('water', '2 tbsp')] });
    expect(trialDifference(before, after)).toEqual([
      { ingredientId: 'water', from: '1 tbsp', to: '2 tbsp' },
    ]);
    expect(trialDifference(after, after)).toEqual([]);
  });
});

test('words come before figures', () => {
  expect(bodyText(6.94)).toBe('scoops, body 6.9');
  expect(bodyText(null)).toBe('crumbs');
  expect(capital('scoops')).toBe('Scoops');
});

test.each([
  [0.5, 'short'],
  [1, 'right'],
  [1.5, 'over'],
] as const)('%f against 0.8–1.2 is %s', (value, word) => {
  expect(against(value, { low: 0.8, high: 1.2 })).toBe(word);
  expect(against(value, { low: null, high: null })).toBe('right');
});
