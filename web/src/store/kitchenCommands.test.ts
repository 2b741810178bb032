import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { dip } from '../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import { plainRow } from '@cobbet/core/dip/dip';
import { emptyPlan } from '@cobbet/core/day/plan';
import { secondsLeft } from '@cobbet/core/book/timer';
import { closeBook, useBook } from './bookStore';
import { byproductGone, keepByproducts } from './byproductCommands';
import { hurryDay } from './dayCommands';
import { beginTimer, lengthenTimer, stopTimer } from './timerCommands';
import { today } from './today';

let names = 0;
const state = () => useBook.getState();
const book = () => state().book;
const cooked = dip('night', { rows: [plainRow('c', 'chickpeas-cooked', '2 cups')] });
const lentils = dip('lentils', { rows: [plainRow('l', 'red-lentils-cooked', '300 g')] });
const plan = {
  ...emptyPlan('p', 'Regatta', '2026-06-12T12:30', '2026-06-01T08:00:00.000Z'),
  dips: [
    { dipId: 'night', massG: 600 },
    { dipId: 'lentils', massG: 300 },
  ],
};

beforeEach(async () => {
  await state().open(`kitchen-${(names += 1)}`);
  await state().act('Begin', () => [put('dips', cooked), put('dips', lentils), put('plans', plan)]);
});
afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('timers', () => {
  test('are kept by their end; one for the same task takes the place of the earlier', async () => {
    const before = Date.now();
    await beginTimer('Soak', 480, 'p soak');
    await beginTimer('Simmer', 52, 'p simmer');
    await beginTimer('Soak again', 60, 'p soak');
    const all = [...book().timers.values()];
    expect(all.map(({ label }) => label).sort()).toEqual(['Simmer', 'Soak again']);
    const simmer = all.find(({ label }) => label === 'Simmer');
    if (!simmer) throw new Error('no timer');
    expect(Math.abs(secondsLeft(simmer, before) - 52 * 60)).toBeLessThan(5);
    await lengthenTimer(simmer, 5);
    const longer = book().timers.get(simmer.id);
    expect(Math.abs(secondsLeft(longer ?? simmer, before) - 57 * 60)).toBeLessThan(5);
    await stopTimer(simmer);
    expect(book().timers.size).toBe(1);
  });

  test('run out, a longer one counts from now and not from when it ended', async () => {
    await beginTimer('Toast', 1, null);
    const [timer] = [...book().timers.values()];
    if (!timer) throw new Error('no timer');
    const out = { ...timer, endsAt: '2026-06-01T08:00:00.000Z' };
    await lengthenTimer(out, 5);
    const left = secondsLeft(book().timers.get(timer.id) ?? timer, Date.now());
    expect(left).toBeGreaterThan(290);
    expect(left).toBeLessThanOrEqual(300);
  });
});

describe('the ledger', () => {
  const leftover = (what: string, typical: number) => ({
    what,
    ingredient: null,
    unit: 'ml' as const,
    low: typical / 2,
    typical,
    high: typical * 2,
    keepDays: 3,
    nextUse: 'soup',
  });

  test('keeps several as one step, and what became of one', async () => {
    await keepByproducts([leftover('whey', 120), leftover('can liquid', 150)], 'Regatta');
    expect([...book().byproducts.values()].map(({ what }) => what).sort()).toEqual([
      'can liquid',
      'whey',
    ]);
    expect(state().history.undoLabel).toBe('Keep whey, can liquid');
    const whey = [...book().byproducts.values()].find(({ what }) => what === 'whey');
    if (!whey) throw new Error('no whey');
    await byproductGone(whey, 'thrown');
    expect(book().byproducts.get(whey.id)?.gone).toEqual({ how: 'thrown', on: today() });
    await state().undo();
    expect(book().byproducts.get(whey.id)?.gone).toBeNull();
  });
});

describe('a day in a hurry', () => {
  test('takes cans in as many grams for what is cooked from dried, and leaves the rest', async () => {
    await hurryDay(plan, 'cans');
    const [row] = book().dips.get('night')?.rows ?? [];
    expect(row?.ingredientId).toBe('chickpeas-canned-drained');
    expect(row?.amount).toMatch(/^\d+ g$/);
    expect(row?.raw).toEqual({ from: 'can' });
    // lentils are not soaked and come in no can here
    expect(book().dips.get('lentils')?.rows[0]?.ingredientId).toBe('red-lentils-cooked');
    await state().undo();
    expect(book().dips.get('night')).toEqual(cooked);
  });

  test('soaks hot what would soak overnight', async () => {
    await hurryDay(plan, 'hot-soak');
    expect(book().dips.get('night')?.rows[0]?.raw).toMatchObject({ from: 'dried', soak: 'hot' });
    expect(book().dips.get('night')?.rows[0]?.amount).toBe('2 cups');
  });
});
