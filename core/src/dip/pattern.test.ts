import { beforeAll, describe, expect, test } from '@jest/globals';
import { ingredient } from '../../test/larderIngredient';
import { landing } from '../../test/landingOf';
import { conditionsOf } from '../../test/kitchenOf';
import { highsSolver } from '../landing/highsSolver';
import { landInGrams } from '../landing/land';
import type { LinearSolver } from '../landing/linearProgram';
import { shippedLarder } from '../larder/larder';
import { fillPattern, fromHouse, type InHouse, massUsingAll, startingAmounts } from './fromHouse';
import { canPlay, patterns } from './patterns';

const pattern = (id: string) => {
  const found = patterns.find((one) => one.id === id);
  if (!found) throw new Error(`no pattern ${id}`);
  return found;
};
const item = (
  ingredientId: string,
  massG: number,
  useWithinDays: number | null = null,
): InHouse => ({
  ingredientId,
  massG,
  useWithinDays,
});

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

describe('every pattern', () => {
  test.each(patterns.map((one) => [one.name, one] as const))(
    '%s: its usual parts can play, add up to a dip, and land on what it asks for',
    (_, one) => {
      for (const slot of one.slots) {
        expect([slot.first, canPlay(slot, ingredient(slot.first))]).toEqual([slot.first, true]);
        expect(slot.least).toBeLessThanOrEqual(slot.usual);
        expect(slot.usual).toBeLessThanOrEqual(slot.most);
      }
      const sum = one.slots.reduce((total, { usual }) => total + usual, 0);
      expect(Math.abs(sum - 100)).toBeLessThan(12);
      const amounts = startingAmounts(fillPattern(one, [], shippedLarder), 600);
      const rows = amounts.map(({ ingredientId, massG, minG, maxG }) =>
        landing(
          { ingredient: ingredient(ingredientId), massG, cv: 0.01, place: 'bowl' },
          { minG, maxG },
        ),
      );
      const { miss } = landInGrams(
        { rows, targets: one.targets, conditions: conditionsOf() },
        solver,
      );
      expect(miss).toBeLessThan(1e-4);
    },
  );
});

describe('another thing in a part', () => {
  test('is taken where it can play, and the dip still lands', () => {
    const swaps: [string, string][] = [
      ['hummus', 'sunflower-butter'],
      ['hummus', 'butter-beans-canned-drained'],
      ['pesto-cheese', 'watercress'],
      ['pesto-cheese', 'hazelnut'],
      ['aubergine', 'tahini-hulled'],
    ];
    for (const [id, ingredientId] of swaps) {
      const one = pattern(id);
      const at = one.slots.findIndex(
        (slot) => slot.needed && canPlay(slot, ingredient(ingredientId)),
      );
      expect([id, ingredientId, at >= 0]).toEqual([id, ingredientId, true]);
      const filled = fillPattern(one, [], shippedLarder, { [at]: ingredientId });
      expect(filled.filled[at]?.ingredientId).toBe(ingredientId);
      const rows = startingAmounts(filled, 500).map(({ ingredientId: own, massG, minG, maxG }) =>
        landing({ ingredient: ingredient(own), massG, cv: 0.01, place: 'bowl' }, { minG, maxG }),
      );
      const { miss } = landInGrams(
        { rows, targets: one.targets, conditions: conditionsOf() },
        solver,
      );
      expect([id, ingredientId, miss < 1e-4]).toEqual([id, ingredientId, true]);
    }
  });

  test('what is still dried, and what has another part, can’t', () => {
    const base = pattern('hummus').slots.find(({ name }) => name === 'base');
    expect(base && canPlay(base, ingredient('chickpeas-dried'))).toBe(false);
    expect(base && canPlay(base, ingredient('tahini-hulled'))).toBe(false);
  });
});

describe('from what is in the house', () => {
  const house = [
    item('chickpeas-canned-drained', 240),
    item('tahini-hulled', 400),
    item('lemon-juice', 60),
    item('parsley', 80, 2),
    item('basil', 60, 1),
    item('greek-yogurt-10', 200, 3),
  ];

  test('what can be made now comes first, with what runs out first and how much it makes', () => {
    const [first] = fromHouse(patterns, house, shippedLarder);
    expect(first?.missing).toEqual([]);
    const hummus = fillPattern(pattern('hummus'), house, shippedLarder);
    expect(hummus.limitedBy).toBe('chickpeas-canned-drained');
    // 240 g of what is 60 in 100
    expect(hummus.mostG).toBeCloseTo(400, 9);
    expect(hummus.missing).toEqual([]);
    expect(hummus.little).toEqual(expect.arrayContaining(['sea-salt-fine', 'garlic-raw']));
    expect(hummus.little).not.toContain('water');
  });

  test('what spoils soonest is used first', () => {
    const plain = fillPattern(pattern('bean-and-oil'), house, shippedLarder);
    const herb = plain.filled.find(({ slot }) => slot.name === 'herb');
    expect(herb?.ingredientId).toBe('basil');
    expect(plain.usesUp).toEqual(['basil']);
  });

  test('what is missing is named', () => {
    const pesto = fillPattern(pattern('pesto-cheese'), house, shippedLarder);
    expect(pesto.missing).toEqual(
      expect.arrayContaining(['parmesan-style', 'pine-nut', 'olive-oil-extra-virgin']),
    );
  });

  test('all of one thing sets the size', () => {
    const hummus = fillPattern(pattern('hummus'), house, shippedLarder);
    const tahini = item('tahini-hulled', 280);
    expect(massUsingAll(hummus, tahini)).toBeCloseTo(2000, 9);
    expect(massUsingAll(hummus, item('capers', 50))).toBeNull();
    const amounts = startingAmounts(hummus, 1000);
    expect(amounts.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(1000, 9);
  });
});
