import { beforeAll, describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import { analyseRequest } from './headless';
import { designRequest } from './designRequest';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const components = [
  { ingredient: 'chickpeas-canned-drained', min: 0.6, max: 0.9 },
  { ingredient: 'tahini-hulled', min: 0.1, max: 0.3 },
  { ingredient: 'olive-oil-extra-virgin', min: 0, max: 0.12 },
];
const parts = [
  { ingredient: 'tahini-hulled', amount: '81 g' },
  { ingredient: 'lemon-juice', amount: '46 g' },
  { ingredient: 'chickpeas-canned-drained', amount: '312 g' },
  { ingredient: 'olive-oil-extra-virgin', amount: '13 g' },
  { ingredient: 'water', amount: '80 g' },
  { ingredient: 'garlic-raw', amount: '4 g' },
  { ingredient: 'salt', amount: '1/2 tsp' },
];
const target = { chilledBody: [6.8, 7.6], saltG: [0.9, 1.1], acidG: [0.3, 0.6] };

describe('design', () => {
  test('shares inside their limits, as many trials as asked, the same for a seed', () => {
    const answer = designRequest({ components, n: 8, seed: 5 }, solver);
    expect(answer).toEqual(designRequest({ components, n: 8, seed: 5 }, solver));
    expect(answer.model).toBe('quadratic');
    expect(answer.trials).toHaveLength(8);
    expect(answer).not.toHaveProperty('cut');
    for (const { shares, parts: none } of answer.trials) {
      expect(none).toBeUndefined();
      expect(shares.reduce((sum, x) => sum + x, 0)).toBeCloseTo(1, 9);
      components.forEach(({ min, max }, i) => {
        expect(shares[i]).toBeGreaterThanOrEqual(min - 1e-9);
        expect(shares[i]).toBeLessThanOrEqual(max + 1e-9);
      });
    }
  });

  test('fewer trials than a quadratic needs are a linear design', () => {
    expect(designRequest({ components, n: 4 }, solver).model).toBe('linear');
  });

  test('in a dip every trial is a bowl that lands, of these shares, and only what follows moves', () => {
    const answer = designRequest({ components, n: 7, dip: { parts, target } }, solver);
    expect(answer.cut?.landing).toBeLessThanOrEqual(answer.cut?.of ?? 0);
    expect(answer.trials).toHaveLength(7);
    for (const { shares, parts: amounts } of answer.trials) {
      const made = amounts ?? [];
      const massOf = (ingredient: string) =>
        made.find((part) => part.ingredient === ingredient)?.massG ?? 0;
      const together = components.reduce((sum, { ingredient }) => sum + massOf(ingredient), 0);
      expect(together).toBeCloseTo(81 + 312 + 13, 1);
      components.forEach(({ ingredient }, i) => {
        expect(massOf(ingredient) / together).toBeCloseTo(shares[i] ?? 0, 3);
      });
      expect(massOf('garlic-raw')).toBeCloseTo(4, 6);
      // worked out anew from what it says
      const { body, per100g } = analyseRequest({
        parts: made.map(({ ingredient, massG }) => ({ ingredient, amount: `${massG} g` })),
      });
      expect(body.chilled).toBeGreaterThan(6.8 - 0.02);
      expect(body.chilled).toBeLessThan(7.6 + 0.02);
      expect(per100g.saltG).toBeGreaterThan(0.9 - 0.01);
      expect(per100g.saltG).toBeLessThan(1.1 + 0.01);
    }
  });

  test('a figure varied beside it is where it is set in every bowl', () => {
    const varies = [{ figure: 'saltG', low: 0.7, high: 1.5 }];
    const asked = { components: components.slice(0, 2), n: 9, varies };
    const wide = asked.components.map((one) => ({ ...one, max: 1 }));
    const answer = designRequest({ ...asked, components: wide, dip: { parts, target } }, solver);
    expect(answer.trials).toHaveLength(9);
    for (const { levels = [], parts: amounts = [] } of answer.trials) {
      const { per100g } = analyseRequest({
        parts: amounts.map(({ ingredient, massG }) => ({ ingredient, amount: `${massG} g` })),
      });
      expect(Math.abs(per100g.saltG - (0.7 + 0.8 * (levels[0] ?? NaN)))).toBeLessThan(0.06);
    }
    // without a dip there is nothing to land, and the levels are chosen all the same
    const free = designRequest({ ...asked, components: wide }, solver);
    expect(new Set(free.trials.map(({ levels }) => levels?.[0]))).toEqual(new Set([0, 0.5, 1]));
  });

  test('what can’t be is refused by its field', () => {
    const asked = (change: object) =>
      refusal(() => designRequest({ components, n: 7, ...change }, solver)).field;
    expect(asked({ n: 2 })).toBe('n');
    const salt = { figure: 'saltG', low: 1, high: 1.2 };
    expect(asked({ varies: [{ ...salt, high: 0.9 }] })).toBe('varies[0].high');
    expect(asked({ varies: [salt, salt] })).toBe('varies[1]');
    expect(
      asked({ components: components.map((one) => ({ ...one, min: 1 / 3, max: 1 / 3 })) }),
    ).toBe('components');
    expect(asked({ components: components.map((one) => ({ ...one, max: 0.2, min: 0 })) })).toBe(
      'components',
    );
    expect(asked({ dip: { parts: parts.slice(1), target } })).toBe('components[1].ingredient');
    expect(asked({ dip: { parts: [...parts, parts[0]], target } })).toBe(
      'components[1].ingredient',
    );
    expect(asked({ dip: { parts, target: { ...target, massG: 40 } } })).toBe('dip');
  });
});
