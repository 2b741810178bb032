import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { dip } from '../../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { analyseTrialRows, readRow, trialRowOf } from '@cobbet/core/book/dipParts';
import { type Dip, plainRow } from '@cobbet/core/book/dip';
import { loggedRows, type Run, startRun } from '@cobbet/core/book/run';
import type { TrialRow } from '@cobbet/core/book/trial';
import { priorCorrection } from '@cobbet/core/calibration/correction';
import { shippedLarder as larder } from '@cobbet/core/larder/larder';
import { closeBook, useBook } from '@/store/bookStore';
import { aimOff } from './runBody';
import { aimOfTargets, targetsOfAim } from './AimSelect';
import { nextOpen, oneSpoon, useRun } from './useRun';

const now = '2026-06-01T10:00:00.000Z';
const hummus: Dip = dip('a', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
const planned = hummus.rows.flatMap((row): TrialRow[] => {
  const read = trialRowOf(readRow(row, larder, 'us'));
  return read ? [read] : [];
});
const begun = startRun('run', hummus, planned, now);
/** The run with its first additions in. */
const after = (count: number): Run => ({
  ...begun,
  step: count,
  entries: begun.entries.map((entry, i) => {
    const { amount, massG, cv } = entry.planned;
    return i < count ? { ...entry, done: { amount, massG, cv, at: now } } : entry;
  }),
});

let names = 0;
const state = () => useBook.getState();
const run = () => {
  const found = state().book.runs.get('run');
  if (!found) throw new Error('no run');
  return found;
};
const control = () => renderHook(() => useRun(hummus, run())).result.current;

beforeEach(async () => {
  await state().open(`make-${(names += 1)}`);
  await state().act('Begin', () => [put('dips', hummus), put('runs', after(2))]);
});
afterEach(() => {
  cleanup();
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('an addition nobody planned', () => {
  const lemon = { ingredient: 'lemon-juice', massG: 15, amount: '1 tbsp' };
  const salt = { ingredient: 'sea-salt-fine', massG: 1.4, amount: '¼ tsp' };

  test('stands where it went in: before what is still to come, after what is in', async () => {
    const { add } = control();
    await act(async () => void (await add([lemon, salt])));
    const ids = run().entries.map(({ planned: { ingredientId } }) => ingredientId);
    expect(ids).toEqual([
      'tahini-hulled',
      'water',
      'lemon-juice',
      'sea-salt-fine',
      'chickpeas-canned-drained',
      'sea-salt-fine',
    ]);
    expect(run().step).toBe(4);
    expect(loggedRows(run()).map(({ planned: text }) => text)).toEqual([
      '80 g',
      '60 g',
      null,
      null,
    ]);
  });

  test('from the check it still stands before what was passed over', async () => {
    const { go } = control();
    await act(async () => void (await go(4)));
    const { add } = control();
    await act(async () => void (await add([lemon])));
    expect(run().entries[2]?.planned.ingredientId).toBe('lemon-juice');
    expect(run().step).toBe(5);
    expect(nextOpen(run())).toBe(3);
  });

  test('is one step of undo', async () => {
    const { add } = control();
    await act(async () => void (await add([lemon, salt])));
    expect(state().history.undoLabel).toBe('Add 1 tbsp, ¼ tsp');
    await act(async () => state().undo());
    await waitFor(() => expect(run().entries.length).toBe(4));
  });
});

describe('what is still to come', () => {
  const input = { dip: hummus, larder, correction: priorCorrection };
  const bodyOf = (rows: readonly TrialRow[]) =>
    analyseTrialRows(rows, hummus.method, 5, larder, priorCorrection).body.fresh;

  test('is aimed off for by what it will do to the bowl as it then is', () => {
    const next = bodyOf(planned.slice(0, 2));
    const end = bodyOf(planned);
    expect(aimOff(after(1), input, next)).toBeCloseTo((end ?? NaN) - (next ?? NaN), 9);
    expect(aimOff(after(1), input, next)).toBeGreaterThan(0.3);
  });

  test('at the last of them, in crumbs, and where it does little there is nothing to aim off for', () => {
    expect(aimOff(after(3), input, bodyOf(planned))).toBeNull();
    expect(aimOff(after(1), input, null)).toBeNull();
    expect(aimOff(after(2), input, bodyOf(planned.slice(0, 3)))).toBeNull();
  });

  test('what is left out does not come', () => {
    const skipped: Run = {
      ...after(1),
      entries: after(1).entries.map((entry, i) => (i === 2 ? { ...entry, skipped: true } : entry)),
    };
    const next = bodyOf(planned.slice(0, 2));
    expect(aimOff(skipped, input, next)).toBeNull();
  });

  test('the first open addition is neither in nor left out', () => {
    expect(nextOpen(begun)).toBe(0);
    expect(nextOpen(after(3))).toBe(3);
    expect(nextOpen(after(4))).toBe(4);
  });
});

describe('a spoon more', () => {
  test('is logged as what was written with a spoon of it, small for what is strong', async () => {
    const { logMore } = control();
    await act(async () => void (await logMore()));
    expect(run().entries[2]?.done?.amount).toBe('320 g + 1 tbsp');
    expect(run().entries[2]?.done?.massG).toBeGreaterThan(320);
    expect(run().step).toBe(3);
    const salt = control();
    await act(async () => void (await salt.logMore()));
    expect(run().entries[3]?.done?.amount).toBe('4 g + 1 tsp');
  });

  test('of what is counted it is one more', () => {
    const garlic = larder.get('garlic-raw');
    expect(garlic && oneSpoon(garlic)).toBe('1 clove');
  });
});

describe('what a bowl is to be', () => {
  const wanted = { saltG: { low: 1, high: 1.2 }, freshBody: { low: 6, high: 7 } };

  test('its own body takes the place of the dip’s, its seasoning stays', () => {
    // ribbons are 3 to 4.6
    expect(targetsOfAim(wanted, 'ribbons')).toEqual({
      saltG: wanted.saltG,
      chilledBody: { low: 3, high: 4.6 },
    });
    expect(targetsOfAim(wanted, 'dip')).toBeUndefined();
  });

  test('is known again by its targets', () => {
    for (const aim of ['pours', 'scoops', 'shapes', 'dip'] as const) {
      expect(aimOfTargets(targetsOfAim(wanted, aim))).toBe(aim);
    }
    expect(aimOfTargets(undefined)).toBe('dip');
  });
});
