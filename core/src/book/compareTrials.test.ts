import { kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../test/bookOf';
import { compareTrials } from './compareTrials';
import { dipFromTrial } from './dipFromTrial';
import type { TrialRow } from './trialRow';

const row = (ingredientId: string, amount: string, massG: number): TrialRow => ({
  ingredientId,
  planned: amount,
  amount,
  massG,
  cv: 0.04,
  place: 'bowl',
});

describe('trials side by side', () => {
  const first = trial('1', 'a', {
    rows: [
      row('chickpeas-cooked', '2 cups', 300),
      row('water', '1/4 cup', 60),
      row('water', '1 tbsp', 15),
    ],
  });
  const second = trial('2', 'a', {
    rows: [
      row('chickpeas-cooked', '2 cups', 305),
      row('water', '1/3 cup', 80),
      row('water', '1 tbsp', 15),
    ],
  });
  const third = trial('3', 'b', {
    rows: [
      row('chickpeas-cooked', '4 cups', 600),
      row('water', '1/2 cup', 120),
      row('capers', '1 tbsp', 9),
    ],
  });

  test('what differs stands apart from what is the same', () => {
    const { differing, same } = compareTrials([first, second]);
    expect(differing.map(({ key }) => key)).toEqual(['water 1']);
    expect(same.map(({ key }) => key)).toEqual(['chickpeas-cooked 1', 'water 2']);
    expect(differing[0]?.cells.map((cell) => cell?.amount)).toEqual(['1/4 cup', '1/3 cup']);
  });

  test('another size of the same dip is the same dip', () => {
    const doubled = trial('4', 'a', {
      rows: first.rows.map((one) => ({
        ...one,
        amount: `2 x ${one.amount}`,
        massG: 2 * one.massG,
      })),
    });
    expect(compareTrials([first, doubled]).differing).toEqual([]);
  });

  test('across dips, what one does without is none', () => {
    const { differing } = compareTrials([first, third]);
    const capers = differing.find(({ ingredientId }) => ingredientId === 'capers');
    expect(capers?.cells[0]).toBeNull();
    expect(capers?.cells[1]?.gPer100g).toBeCloseTo((100 * 9) / 729, 9);
    expect(differing.find(({ key }) => key === 'water 2')?.cells[1]).toBeNull();
  });
});

test('a dip from a trial has the trial’s amounts and the dip’s ways of preparing', () => {
  const parent = dip('a', { targets: { saltG: { low: 1, high: 1.2 } } });
  const made = trial('t', 'a', {
    number: 4,
    machineId: 'mortar',
    method: { grind: 'coarse', blendC: 20, overrunPct: 0 },
    rows: [row('water', '3 tbsp', 44), row('capers', '1 tbsp', 9)],
  });
  const started = dipFromTrial(
    parent,
    made,
    'new',
    'Again',
    ['r1', 'r2'],
    '2026-06-01T08:00:00.000Z',
    kitchenOf(),
  );
  expect(started).toMatchObject({
    id: 'new',
    name: 'Again',
    parentId: 'a',
    machineId: 'mortar',
    method: { grind: 'coarse' },
    targets: parent.targets,
  });
  expect(started.rows).toEqual([
    { id: 'r1', ingredientId: 'water', amount: '3 tbsp', place: 'bowl', prep: 'cold', hold: false },
    { id: 'r2', ingredientId: 'capers', amount: '1 tbsp', place: 'bowl', prep: '', hold: false },
  ]);
});
