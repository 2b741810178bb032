import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { plainRow } from '../dip/dip';
import { readRow } from '../dip/readRow';
import { shippedLarder } from '../larder/larder';
import {
  type Batch,
  batchCode,
  mayFreeze,
  movedPot,
  outMinutes,
  type Pot,
  unpotted,
} from './batch';
import { eatFirst, ownDays } from './batchKeeping';
import { batchSchema } from './batchSchemas';
import { batchShare } from './batchYield';
import { newBatch } from './newBatch';
import { bookLarder } from './bookKitchen';
import { latestPrices, type KeptPrice } from './price';
import { trialRowOf } from './trialParts';

const hummus = dip('a', {
  name: 'Weir House hummus',
  rows: [
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('t', 'tahini-hulled', '80 g'),
  ],
});
const rows = hummus.rows.flatMap((row) => trialRowOf(readRow(row, kitchenOf())) ?? []);
const made = trial('1', 'a', { rows });
const batch = (extra: Partial<Batch> = {}): Batch => ({
  ...newBatch('b', made, hummus, kitchenOf(), '2026-06-12', new Set()),
  ...extra,
});
const pot = (id: string, extra: Partial<Pot> = {}): Pot => ({
  ...{ id, name: 'jar', g: 100, oilG: 0, place: 'fridge', outMin: 0, outSince: null, gone: null },
  ...extra,
});

describe('a batch', () => {
  test('has a short code of its own, to be read aloud', () => {
    expect(batchCode(hummus, '2026-06-12', new Set())).toBe('WHH-1206-1');
    expect(batchCode(hummus, '2026-06-12', new Set(['WHH-1206-1', 'WHH-1206-2']))).toBe(
      'WHH-1206-3',
    );
    expect(batchCode({ name: '77 …' }, '2026-06-12', new Set())).toBe('D-1206-1');
  });

  test('accounts for everything that went in, weighed or not, and is a record', () => {
    for (const yieldG of [null, 350, 399]) {
      const one = newBatch('b', { ...made, yieldG }, hummus, kitchenOf(), '2026-06-12', new Set());
      const lost = one.losses.reduce((sum, { g }) => sum + g, 0);
      expect(one.yieldG + lost).toBeCloseTo(400, 6);
      expect(one.weighed).toBe(yieldG !== null);
      expect(batchSchema.validate(one).error).toBeUndefined();
    }
  });

  test('is counted once, however it is divided', () => {
    const jars = fc.array(fc.double({ min: 1, max: 120, noNaN: true }), { maxLength: 3 });
    fc.assert(
      fc.property(jars, (grams) => {
        const one = batch({ pots: grams.map((g, i) => pot(String(i), { g })) });
        const filled = grams.reduce((sum, g) => sum + g, 0);
        expect(unpotted(one)).toBeCloseTo(Math.max(0, one.yieldG - filled), 6);
      }),
    );
  });
});

describe('a pot', () => {
  const at = (time: string) => `2026-06-12T${time}:00.000Z`;

  test('has its time out run on, over several times', () => {
    const out = movedPot(pot('1'), 'table', at('12:00'), '2026-06-12');
    expect(outMinutes(out, Date.parse(at('12:45')))).toBe(45);
    const back = movedPot(out, 'fridge', at('12:45'), '2026-06-12');
    expect(outMinutes(back, Date.parse(at('18:00')))).toBe(45);
    const again = movedPot(back, 'table', at('18:00'), '2026-06-12');
    expect(outMinutes(again, Date.parse(at('19:20')))).toBe(125);
  });

  test('thawed is not frozen again', () => {
    const frozen = movedPot(pot('1'), 'freezer', at('12:00'), '2026-06-12');
    expect(frozen.frozenOn).toBe('2026-06-12');
    const thawed = movedPot(frozen, 'fridge', at('18:00'), '2026-07-01');
    expect(thawed.thawedOn).toBe('2026-07-01');
    expect([mayFreeze(pot('1')), mayFreeze(frozen), mayFreeze(thawed)]).toEqual([
      true,
      false,
      false,
    ]);
  });

  test('what is due first stands first; what is frozen last; what is gone nowhere', () => {
    const old = batch({ id: 'old', madeOn: '2026-06-10', pots: [pot('1')] });
    const gone = pot('4', { gone: { how: 'eaten', on: '2026-06-13', why: '' } });
    const fresh = batch({
      id: 'fresh',
      pots: [pot('2', { frozenOn: '2026-06-12' }), pot('3'), gone],
    });
    const due = eatFirst([fresh, old], kitchenOf(), Date.parse(at('12:00')));
    expect(due.map(({ pot: { id } }) => id)).toEqual(['1', '3', '2']);
    expect(due[0]?.keeping.useBy).toBe('2026-06-14');
    expect(due[2]?.keeping.useBy).toBeNull();
  });

  test('what went sour here is kept a day less, what stayed fine no longer', () => {
    const sour = batch({ kept: { how: 'sour', days: 3 } });
    const fine = batch({ kept: { how: 'fine', days: 9 } });
    expect(ownDays([sour, fine], 'a')).toBe(2);
    expect(ownDays([fine], 'a')).toBeUndefined();
    expect(ownDays([sour], 'other')).toBeUndefined();
  });
});

describe('what comes out of what goes in', () => {
  const weighed = (id: string, dipId: string, yieldG: number, machineId = 'food-processor') =>
    trial(id, dipId, { rows, yieldG, machineId });

  test('is the usual share, drawn to what was weighed here', () => {
    const where = { dipId: 'a', machineId: 'food-processor' };
    const none = batchShare([], where, shippedLarder);
    expect([none.typical, none.n]).toEqual([0.97, 0]);
    const some = [1, 2, 3, 4].map((i) => weighed(String(i), 'a', 360));
    const learned = batchShare(some, where, shippedLarder);
    expect(learned.n).toBe(4);
    expect(learned.typical).toBeLessThan(0.95);
    expect(learned.typical).toBeGreaterThan(0.9);
    // another machine has taught nothing of this one; another dip of it has
    expect(batchShare([weighed('1', 'a', 360, 'mortar')], where, shippedLarder).n).toBe(0);
    expect(batchShare([weighed('1', 'b', 360)], where, shippedLarder).n).toBe(1);
  });
});

test('what was paid last is what the whole kitchen reckons with', () => {
  const paid: KeptPrice = {
    ...{ id: '1', on: '2026-06-10', price: 5.6, ingredientId: 'tahini-hulled' },
    ...{ forAmount: '350 g', forG: 350, shop: '' },
  };
  const prices = new Map([[paid.id, paid]]);
  const own = new Map();
  const larder = bookLarder(own, prices);
  expect(larder.get('tahini-hulled')?.costHintEurPerKg).toBeCloseTo(16, 9);
  expect(larder.get('water')).toBe(shippedLarder.get('water'));
  expect(bookLarder(own, prices)).toBe(larder);
  expect(bookLarder(own)).toBe(shippedLarder);
});

test('the latest price of a thing counts', () => {
  const price = (id: string, on: string, paid: number): KeptPrice => ({
    ...{ id, on, price: paid, ingredientId: 'pine-nut', forAmount: '100 g', forG: 100, shop: '' },
  });
  const latest = latestPrices([price('2', '2026-06-10', 11), price('1', '2026-05-01', 9)]);
  expect(latest.get('pine-nut')).toEqual({ ingredient: 'pine-nut', price: 11, forG: 100 });
});
