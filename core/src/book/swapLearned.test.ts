import { describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { readySwap, swapFor } from '../swap/swap';
import { swapOf, writtenParts } from '../../test/swapOf';
import { ingredient } from '../../test/larderIngredient';
import { learnedFarther } from '../swap/learnedDistance';
import { readRow } from '../dip/readRow';
import { plainRow } from '../dip/dip';
import { shippedLarder } from '../larder/larder';
import type { BodyWord } from '../mix/bodyWords';
import type { KeptSwap } from './keptSwap';
import { learnedShifts } from './swapLearned';
import { trialRowOf } from './trialParts';
import type { Trial } from './trial';
import type { TrialRow } from './trialRow';

const rowsOf = (paste: string): TrialRow[] => {
  const rows = [
    plainRow('p', paste, '80 g'),
    plainRow('l', 'lemon-juice', '40 g'),
    plainRow('c', 'chickpeas-canned-drained', '300 g'),
    plainRow('w', 'water', '60 g'),
  ];
  return dip('a', { rows }).rows.flatMap((row) => trialRowOf(readRow(row, kitchenOf())) ?? []);
};
const read = (id: string, dipId: string, paste: string, eye: BodyWord, leftOut = false): Trial =>
  trial(id, dipId, {
    madeAt: '2026-05-20T10:00:00.000Z',
    rows: rowsOf(paste),
    readings: [
      { taken: { eye }, atC: null, when: 'machine', takenAt: '2026-05-20T10:05:00.000Z', leftOut },
    ],
  });
const swap = (extra: Partial<KeptSwap> = {}): KeptSwap => ({
  ...{ id: 's', dipId: 'b', rowId: 'p', said: '', why: null, runId: null, trialId: null },
  ...{ verdict: null, at: '2026-05-01T10:00:00.000Z' },
  from: { ingredientId: 'tahini-hulled', amount: '80 g', massG: 80 },
  to: { ingredientId: 'sunflower-butter', amount: '80 g', massG: 80 },
  ...extra,
});
const learned = (trials: readonly Trial[], swaps: readonly KeptSwap[] = [swap()]) =>
  learnedShifts(
    {
      swaps: new Map(swaps.map((one) => [one.id, one])),
      trials: new Map(trials.map((one) => [one.id, one])),
    },
    'tahini-hulled',
    shippedLarder,
  ).get('sunflower-butter');

describe('what reading swaps has taught', () => {
  const plain = ['1', '2', '3'].map((id) => read(id, 'a', 'tahini-hulled', 'scoops'));
  const stiff = (count: number) =>
    Array.from({ length: count }, (_, i) => read(`s${i}`, 'b', 'sunflower-butter', 'packs'));

  test('is little by one trial and more by several, never more than was measured', () => {
    const one = learned([...plain, ...stiff(1)]);
    const many = learned([...plain, ...stiff(6)]);
    if (!one || !many) throw new Error('nothing was learned');
    expect([one.n, many.n]).toEqual([1, 6]);
    expect(one.measured).toBeGreaterThan(0.3);
    expect(one.believed).toBeGreaterThan(0);
    expect(one.believed).toBeLessThan(0.7 * one.measured);
    expect(many.believed).toBeGreaterThan(one.believed);
    expect(many.believed).toBeLessThan(many.measured);
  });

  test('is held against all other trials and not against itself', () => {
    // a kitchen where everything stands stiffer than the model says has taught nothing of the swap
    const packed = ['1', '2', '3', '4', '5', '6'].map((id) =>
      read(id, 'a', 'tahini-hulled', 'packs'),
    );
    const alike = learned([...packed, ...stiff(2)]);
    const apart = learned([...plain, ...stiff(2)]);
    expect(alike?.measured).toBeLessThan(apart?.measured ?? NaN);
  });

  test('says nothing where nobody read it, where the reading was left out, or of another dip', () => {
    expect(learned(plain)).toBeUndefined();
    expect(learned([read('s', 'b', 'sunflower-butter', 'packs', true)])).toBeUndefined();
    expect(learned([read('s', 'other', 'sunflower-butter', 'packs')])).toBeUndefined();
    const atBowl = swap({ runId: 'run', trialId: 's' });
    expect(learned([read('s', 'other', 'sunflower-butter', 'packs')], [atBowl])?.n).toBe(1);
  });

  test('moves a candidate away where it stands further off than reckoned, and nearer where it makes up for it', () => {
    const parts = writtenParts([
      ['tahini-hulled', '80 g'],
      ['lemon-juice', '40 g'],
      ['chickpeas-cooked', '300 g'],
      ['water', '60 g'],
    ]);
    const one = swapFor(readySwap(swapOf(parts, 0)), ingredient('cashew-butter'));
    const off = (one.proposal.after.chilledBody ?? 0) - (one.proposal.before.chilledBody ?? 0);
    const away = off >= 0 ? 2 : -2;
    expect(learnedFarther(one, 0)).toBe(0);
    expect(learnedFarther(one, away)).toBeGreaterThan(0);
    expect(learnedFarther(one, 2 * away)).toBeGreaterThan(learnedFarther(one, away));
  });
});
