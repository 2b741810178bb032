import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { runOf } from '../../test/runOf';
import { plainRow } from '../dip/dip';
import { analyseDip } from '../dip/analyseDip';
import { dipMass } from '../mix/part';
import { applyEdits } from '../proposal/edit';
import { dipFromTrial, proposeTrial } from './dipFromTrial';
import { recipeRows } from './recipeRows';
import { finishRun, type Run } from './run';
import { withAdditions, withLogged, withPartLogged, withSkipped } from './runEdits';
import { splitRun } from './splitRun';

const kitchen = kitchenOf();
const hummus = dip('weir', {
  name: 'Weir House hummus',
  rows: [
    plainRow('t', 'tahini-hulled', '1/3 cup'),
    plainRow('l1', 'lemon-juice', '2 tbsp'),
    { ...plainRow('c', 'chickpeas-canned-drained', '2 cups'), prep: 'rinsed' },
    plainRow('s', 'sea-salt-fine', '1/2 tsp'),
    plainRow('l2', 'lemon-juice', '2 tsp'),
  ],
});
const at = '2026-06-01T10:30:00.000Z';
const went = (amount: string, massG: number) => ({ amount, massG, cv: 0.08, at });
const spoonOf = (ingredient: string, massG: number) => ({
  ...{ ingredient, massG, amount: '1 tbsp', place: 'bowl' as const },
});
const all = runOf(hummus, 5, kitchen);
/** The salt left out, two spoons of water on top, one spoon of lemon more. */
function otherwise(): Run {
  const left = withSkipped(all, 's', at);
  const wet = withAdditions({ ...left, step: 5 }, [spoonOf('water', 14.8)], ['x'], at);
  const wetter = withAdditions(wet, [spoonOf('water', 14.8)], ['y'], at);
  return withAdditions(wetter, [spoonOf('lemon-juice', 15)], ['z'], at);
}
const trial = finishRun(otherwise(), 'trial', 3, at);
const amounts = (rows: readonly { ingredientId: string; amount: string }[]) =>
  rows.map(({ ingredientId, amount }) => `${amount} ${ingredientId}`);

describe('a trial as a recipe', () => {
  test('sums what was added again, keeps what was planned twice apart, drops what was left out', () => {
    expect(amounts(recipeRows(trial).map(({ row }) => row))).toEqual([
      '1/3 cup tahini-hulled',
      '2 tbsp lemon-juice',
      '2 cups chickpeas-canned-drained',
      '2 tsp + 1 tbsp lemon-juice',
      '2 tbsp water',
    ]);
    const mass = dipMass(recipeRows(trial).map(({ row }) => row));
    expect(mass).toBeCloseTo(dipMass(trial.rows), 9);
  });

  test('counts the rest of an addition to it', () => {
    const one = runOf(hummus, 1, kitchen);
    const [, lemon] = one.plan;
    if (!lemon) throw new Error('no lemon');
    const restRow = { ...lemon.planned, planned: '1 tbsp', amount: '1 tbsp', massG: 15 };
    const half = withPartLogged(one, 'l1', went('1 tbsp', 15), { id: 'r', row: restRow });
    const made = finishRun(withLogged(half, 'r', went('1 tbsp', 15)), 't', 1, at);
    expect(amounts(recipeRows(made).map(({ row }) => row))).toEqual([
      '1/3 cup tahini-hulled',
      '2 tbsp lemon-juice',
    ]);
    expect(recipeRows(made)[1]).toMatchObject({ rowId: 'l1', times: 2 });
  });
});

describe('the bowl that worked becomes the dip', () => {
  const proposal = proposeTrial(hummus, trial, ['n1', 'n2', 'n3', 'n4', 'n5', 'n6'], kitchen);
  const made = applyEdits(hummus, proposal.edits);

  test('with rows it has kept as they are but for the amount, and new ones for the rest', () => {
    expect(made.rows.map(({ id }) => id)).toEqual(['t', 'l1', 'c', 'l2', 'n5']);
    expect(made.rows[2]).toMatchObject({ prep: 'rinsed', amount: '2 cups' });
    expect(made.name).toBe(hummus.name);
  });

  test('and comes to what went in, with what it changes said before', () => {
    const { analysis } = analyseDip(made, kitchen);
    expect(analysis.massG / dipMass(trial.rows)).toBeCloseTo(1, 2);
    expect(proposal.after.massG).toBeCloseTo(analysis.massG, 6);
    expect(proposal.after.per100g.saltG).toBeLessThan(proposal.before.per100g.saltG);
    // 2 tsp and 1 tbsp are no longer two measures side by side as they were said, but how a spoon says it best
    expect(made.rows[3]?.amount).toMatch(/^1[½⅔]? tbsp( \+ [½2] tsp)?$/);
  });

  test('as it was made as written, nothing changes', () => {
    const plain = finishRun(all, 't', 1, at);
    const rows = proposeTrial(hummus, plain, [], kitchen).edits.filter(
      ({ kind }) => kind === 'add' || kind === 'remove' || kind === 'amount',
    );
    expect(rows).toEqual([]);
  });
});

test('a part of a divided bowl becomes a dip of its own, in kitchen measures, and says what it came from', () => {
  const ids = { trial: 'base', runs: ['one'] };
  const { base, runs } = splitRun(all, [{ name: 'with shallot', massG: 250 }], ids, 4, at);
  expect(base.made?.events.at(-1)).toMatchObject({ kind: 'divided', into: [{ massG: 250 }] });
  const [part] = runs;
  if (!part) throw new Error('no part');
  const more = withAdditions(part, [spoonOf('shallot-raw', 10)], ['s'], at);
  const made = finishRun(more, 'p', 5, at);
  const ids2 = made.rows.map((_, i) => `n${i}`);
  const own = dipFromTrial(hummus, made, 'new', 'With shallot', ids2, at, kitchen);
  expect(own).toMatchObject({ id: 'new', name: 'With shallot', parentId: 'weir' });
  expect(own.note).toBe('From trial 5 of Weir House hummus, with shallot.');
  // no cook writes 41.3 g of tahini where the dip has a third of a cup
  expect(own.rows.every(({ amount }) => !/\d\.\d+ g$/.test(amount))).toBe(true);
  expect(own.rows.at(-1)).toMatchObject({ ingredientId: 'shallot-raw' });
  const { analysis } = analyseDip(own, kitchen);
  expect(analysis.massG / 260).toBeGreaterThan(0.93);
  expect(analysis.massG / 260).toBeLessThan(1.07);
});
