import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../../core/test/bookOf';
import { put } from '@cobbet/core/book/change';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import { bookLarder } from '@cobbet/core/book/bookKitchen';
import { closeBook, useBook } from './bookStore';
import { addWholeDip } from './dipCommands';
import { dropStock, keepIngredient, keepStock, takeBackIngredient } from './larderCommands';
import { addPlan, deletePlan, editPlan } from './planCommands';
import { leaveReadingOut, readTrial } from './trialReadings';
import { deleteDip } from './variantCommands';
import { addDipFromTrial } from './trialCommands';

let names = 0;
const state = () => useBook.getState();
const book = () => state().book;
const reading = (when: KeptReading['when']): KeptReading => ({
  taken: { eye: 'scoops' },
  atC: null,
  when,
  takenAt: '2026-06-01T10:00:00.000Z',
  leftOut: false,
});

beforeEach(async () => {
  await state().open(`rooms-${(names += 1)}`);
  await state().act('Begin', () => [put('dips', dip('a')), put('trials', trial('t', 'a'))]);
});
afterEach(() => {
  closeBook();
  useBook.setState(useBook.getInitialState());
});

describe('readings', () => {
  test('are kept with their trial, left out and put back, each a step of undo', async () => {
    await readTrial('t', reading('machine'));
    await readTrial('t', reading('chilled'));
    await leaveReadingOut('t', 1, true);
    const out = () =>
      book()
        .trials.get('t')
        ?.readings.map(({ leftOut }) => leftOut);
    expect(out()).toEqual([false, true]);
    await leaveReadingOut('t', 1, false);
    expect(out()).toEqual([false, false]);
    await state().undo();
    expect(out()).toEqual([false, true]);
    await readTrial('gone', reading('machine'));
    expect(state().history.undoLabel).toBe('Leave a reading out');
  });
});

describe('days', () => {
  test('are started, changed and deleted; a dip that goes leaves its days', async () => {
    const id = await addPlan({ name: 'Regatta', serveAt: '2027-06-12T12:30', dips: [] });
    await editPlan(id, 'With it', (plan) => ({ ...plan, dips: [{ dipId: 'a', massG: 900 }] }));
    await editPlan(id, 'Pin', (plan) => ({ ...plan, pins: { 'a/blend': -90 } }), 'pin');
    expect(book().plans.get(id)).toMatchObject({ pins: { 'a/blend': -90 } });
    const made = book().dips.get('a');
    if (made) await deleteDip(made);
    expect(book().plans.get(id)?.dips).toEqual([]);
    await state().undo();
    expect(book().plans.get(id)?.dips).toEqual([{ dipId: 'a', massG: 900 }]);
    const plan = book().plans.get(id);
    if (plan) await deletePlan(plan);
    expect(book().plans.size).toBe(0);
  });

  test('are still there after the book is opened again', async () => {
    const id = await addPlan({ name: 'Regatta', serveAt: '2027-06-12T12:30', dips: [] });
    await keepStock({ id: 'labneh', amount: '180 g', useBy: '2027-06-13' }, 'Labneh');
    closeBook();
    useBook.setState(useBook.getInitialState());
    await state().open(`rooms-${names}`);
    expect(book().plans.get(id)?.name).toBe('Regatta');
    expect(book().stock.get('labneh')?.amount).toBe('180 g');
  });
});

test('stock is one entry a thing, and used up it is gone', async () => {
  await keepStock({ id: 'water', amount: '1 cup', useBy: null }, 'Water');
  await keepStock({ id: 'water', amount: '2 cups', useBy: null }, 'Water');
  expect([...book().stock.values()]).toEqual([{ id: 'water', amount: '2 cups', useBy: null }]);
  await dropStock('water', 'Water');
  expect(book().stock.size).toBe(0);
});

test('one’s own numbers lie over the shipped ones until they are taken back', async () => {
  const fat = () => bookLarder(book().larder).get('tahini-hulled')?.fatG;
  const shipped = fat();
  await keepIngredient({ id: 'tahini-hulled', like: 'tahini-hulled', fatG: 61 }, 'Tahini');
  expect(fat()).toBe(61);
  await takeBackIngredient('tahini-hulled', 'Tahini');
  expect(fat()).toBe(shipped);
});

test('a dip put together, and one from a trial, stand in the book with rows of their own', async () => {
  const whole = await addWholeDip('From the house', {
    family: 'yogurt',
    targets: { saltG: { low: 0.5, high: 0.9 } },
    note: 'from what there was',
    rows: [
      { ingredientId: 'labneh', amount: '180 g' },
      { ingredientId: 'labneh', amount: '2 tbsp' },
    ],
  });
  const made = book().dips.get(whole);
  expect(made).toMatchObject({ name: 'From the house', family: 'yogurt', parentId: null });
  expect(new Set(made?.rows.map(({ id }) => id)).size).toBe(2);
  const from = await addDipFromTrial(trial('t', 'a'), 'Again');
  expect(from !== null && book().dips.get(from)).toMatchObject({ parentId: 'a', name: 'Again' });
  expect(await addDipFromTrial(trial('x', 'gone'), 'Never')).toBeNull();
});
