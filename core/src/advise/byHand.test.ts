import { beforeAll, describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import { type Fault, faults, type TasteMarks } from '../readings/tastes';
import { advise } from './advise';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const pesto: [string, number][] = [
  ['basil', 60],
  ['olive-oil-extra-virgin', 90],
  ['parmesan-style', 40],
  ['walnut', 40],
  ['lemon-juice', 15],
];

function advised(
  tastes: TasteMarks,
  wrong: Fault[] = [],
  hand = ['water', 'basil', 'walnut', 'sea-salt-fine'],
) {
  return advise(
    {
      parts: pesto.map(([id, massG]) => part(id, massG)),
      conditions: conditionsOf(),
      machine: { mostMl: 1500 },
      family: 'pesto-spread',
      targets: {},
      tastes,
      faults: wrong,
      atHand: hand.map(ingredient),
    },
    solver,
  );
}

describe('what the hand mends', () => {
  test('a bowl with a fault is never said to be where it should be', () => {
    expect(advised({}).suggestions[0]?.add).toEqual([]);
    for (const fault of faults) {
      const { met, suggestions, byHand } = advised({}, [fault]);
      expect(met).toBe(false);
      expect(suggestions).toEqual([]);
      expect(byHand.map(({ about }) => about)).toEqual([fault]);
    }
  });

  test('split takes a spoon of water, where there is some', () => {
    const [step] = advised({}, ['split']).byHand;
    expect(step?.add).toMatchObject([{ ingredient: 'water', amount: '1 tbsp' }]);
    expect(step?.proposal.after.massG).toBeCloseTo(245 + (step?.add[0]?.massG ?? 0), 6);
    expect(advised({}, ['split'], ['basil']).byHand[0]?.add).toEqual([]);
    // another liquid is in it already, and would be the one to loosen with
    const liquids = ['chickpea-can-liquid', 'water'];
    expect(advised({}, ['split'], liquids).byHand[0]?.add[0]?.ingredient).toBe('water');
  });

  test('grainy, gluey and warm take nothing in', () => {
    for (const fault of ['grainy', 'gluey', 'warm'] as const) {
      expect(advised({}, [fault]).byHand[0]?.add).toEqual([]);
    }
  });
});

describe('tastes no figure stands for', () => {
  test('short of herb takes a little more of the herb it has', () => {
    const [step] = advised({ herb: 'short' }).byHand;
    expect(step?.add.map((one) => one.ingredient)).toEqual(['basil']);
    const massG = step?.add[0]?.massG ?? 0;
    expect(massG).toBeGreaterThan(4);
    expect(massG).toBeLessThan(30);
    expect(step?.why).toContain('basil');
  });

  test('short of nut takes nuts, and smoke nothing where nothing smokes', () => {
    expect(advised({ nut: 'short' }).byHand[0]?.add[0]?.ingredient).toBe('walnut');
    const [smoke] = advised({ smoke: 'short' }).byHand;
    expect([smoke?.add, smoke?.why]).toEqual([[], expect.stringContaining('next time')]);
  });

  test('too much of one, and what is right, takes nothing in', () => {
    expect(advised({ herb: 'over' }).byHand[0]?.add).toEqual([]);
    expect(advised({ herb: 'right', nut: 'right', colour: 'right' }).byHand).toEqual([]);
  });
});

test('sweet and heat are answered by their figures', () => {
  const hot = advised({ heat: 'short' }, [], ['chilli-flakes', 'water']);
  expect(hot.misses.map(({ name }) => name)).toContain('heat');
  const sweet = advised({ sweet: 'short' }, [], ['honey', 'water']);
  expect(sweet.suggestions[0]?.add.map((one) => one.ingredient)).toEqual(['honey']);
});
