import { kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ingredient } from '../../test/larderIngredient';
import { plainRow } from '../dip/dip';
import { readRow } from '../dip/readRow';
import { trialRowOf } from '../book/trialParts';
import { resizedRows } from '../batch/resize';
import { compositionKeys } from '../larder/ingredient';
import { shippedLarder } from '../larder/larder';
import { pourOff } from '../amounts/pourOff';
import { routeOfRow } from './routeOfRow';
import { readyIngredient } from './takenUp';

const larder = shippedLarder;
const total = (id: string, raw: Parameters<typeof readyIngredient>[1]) => {
  const ready = readyIngredient(ingredient(id), raw, larder);
  return compositionKeys.reduce((sum, key) => sum + ready[key], 0);
};

describe('what is taken up', () => {
  test('the same way gives the same object, no way the ingredient itself', () => {
    const chickpeas = ingredient('chickpeas-cooked');
    const way = { from: 'dried', saltG: 10 };
    expect(readyIngredient(chickpeas, way, larder)).toBe(
      readyIngredient(chickpeas, { ...way }, larder),
    );
    expect(readyIngredient(chickpeas, { from: 'dried' }, larder)).toBe(chickpeas);
    expect(readyIngredient(chickpeas, null, larder)).toBe(chickpeas);
  });

  test('a hundred grams stay as much as they were, whatever is taken up', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('chickpeas-cooked', 'black-beans-cooked', 'parsley', 'kale'),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.constantFrom('spun' as const, 'shaken' as const, undefined),
        fc.boolean(),
        (id, saltG, stalkShare, wet, skinsOff) => {
          const from = /cooked/.test(id) ? 'dried' : 'bunch';
          const way = { from, saltG, stalkShare, skinsOff, ...(wet ? { wet } : {}) };
          // stalks, water and leaf each come to a hundred only about
          expect(Math.abs(total(id, way) - total(id, null))).toBeLessThan(2);
        },
      ),
    );
  });

  test('leaves only shaken carry a sixth of water', () => {
    const dry = ingredient('parsley');
    const wet = readyIngredient(dry, { from: 'bunch', wet: 'shaken' }, larder);
    expect(wet.proteinG).toBeCloseTo(dry.proteinG / 1.2, 9);
  });

  test('a fifth of stalks lets a bunch go further by a quarter, never beyond the bunch', () => {
    const plain = routeOfRow(ingredient('parsley'), { from: 'bunch' });
    const more = routeOfRow(ingredient('parsley'), { from: 'bunch', stalkShare: 0.2 });
    expect((more?.ratio.typical ?? NaN) / (plain?.ratio.typical ?? NaN)).toBeCloseTo(1.25, 9);
    expect(more?.ratio.high).toBeLessThanOrEqual(1);
    expect(more?.leftovers[0]?.perRawG.typical).toBeLessThan(
      plain?.leftovers[0]?.perRawG.typical ?? NaN,
    );
  });
});

describe('amounts of the raw thing', () => {
  const read = (id: string, amount: string) => readRow(plainRow('a', id, amount), kitchenOf());

  test.each([
    // data/yields.csv: cooked-mass of chickpeas 2.2 typical; cucumber 0.96 grated
    ['chickpeas-cooked', '150 g dried', 150 * 2.2],
    ['aubergine-roasted-drained', '1 kg raw', 1000 * 0.5],
    ['garlic-roasted', '2 bulbs raw', 60],
  ])('%s, %s', (id, amount, massG) => {
    const { error, massG: found, cv, fromRaw } = read(id, amount);
    expect(error).toBeNull();
    expect(fromRaw).not.toBeNull();
    expect(found / massG).toBeGreaterThan(0.75);
    expect(found / massG).toBeLessThan(1.3);
    expect(cv).toBeGreaterThan(0);
  });

  test('a run weighs what goes in; what means nothing still says so', () => {
    const row = trialRowOf(read('chickpeas-cooked', '150 g dried'));
    expect(row?.amount).toBe(`${Math.round(row?.massG ?? NaN)} g`);
    expect(read('chickpeas-cooked', '150 g blue').error).toContain('blue');
    expect(read('water', '1 bunch dried').error).not.toBeNull();
  });

  test('is resized in its own measure', () => {
    const [row] = resizedRows([read('chickpeas-cooked', '150 g dried')], 2, 'us');
    expect(row?.amount).toBe('300 g dried');
    const [pieces] = resizedRows([read('cucumber-squeezed', '1 cucumber')], 3, 'us');
    expect(pieces?.amount).toMatch(/^3 cucumbers?$/);
  });
});

describe('pour-off', () => {
  const liquid = ingredient('chickpea-can-liquid');

  test('what is poured and what stays are what was there, in the measure in hand', () => {
    const there = pourOff('1 cup', ingredient('water'), 59.147, 'poured', 'us');
    expect(there.ok && there.pour.pour.text).toBe('¼ cup');
    expect(there.ok && there.pour.stays.text).toBe('¾ cup');
    const kept = pourOff('1 cup', ingredient('water'), 59.147, 'kept', 'us');
    expect(kept.ok && kept.pour.pour.text).toBe('¾ cup');
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 0, max: 500 }),
        (has, wants) => {
          const poured = pourOff(`${has} g`, liquid, wants, 'poured', 'metric');
          if (!poured.ok) return expect(wants).toBeGreaterThan(has);
          const { pour, stays } = poured.pour;
          expect(pour.massG + stays.massG).toBeCloseTo(has, 6);
          expect(pour.massG).toBeCloseTo(Math.min(has, wants), 6);
        },
      ),
    );
  });

  test('too little is said, and what can’t be read', () => {
    const short = pourOff('50 g', liquid, 200, 'poured', 'us');
    expect(!short.ok && short.message).toMatch(/too little/);
    expect(pourOff('a bit of it', liquid, 20, 'poured', 'us').ok).toBe(false);
  });
});
