import { expect, test } from '@jest/globals';
import { bookOf } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { shippedLarder } from '../larder/larder';
import { larderWithMade, madeHere } from './madeHere';
import { madeId, offId } from '../larder/madeId';
import { expectedYield } from './thingBatch';
import { newThing, thingKinds, withFreeNames } from './thingKinds';
import { thingSchema } from './thingSchema';

let ids = 0;
const now = '2026-05-04T10:00:00.000Z';
const begun = (key: string) => newThing(key, key, () => `row-${(ids += 1)}`, now);

test.each(thingKinds.map(({ key }) => key))('%s can be made as it is written', (key) => {
  const thing = begun(key);
  expect(thingSchema.validate(thing).error).toBeUndefined();
  const book = { ...bookOf([]), things: new Map([[key, thing]]) };
  const larder = larderWithMade(shippedLarder, madeHere(book), 'us');
  const { inG, staysG, offG } = expectedYield(thing, kitchenOf({ larder }));
  // every row is read, and both are there to run off and to stay
  expect(staysG).toBeCloseTo(thing.stays.share * inG, 6);
  expect(offG).toBeCloseTo((thing.off?.share ?? 0) * inG, 6);
  expect(larder.has(madeId(key))).toBe(thing.stays.share > 0);
  expect(larder.has(offId(key))).toBe(thing.off !== null);
  for (const id of [madeId(key), offId(key)]) {
    const one = larder.get(id);
    if (!one) continue;
    const sum = one.waterG + one.fatG + one.proteinG + one.starchG + one.sugarsG + one.fibreG;
    expect(sum).toBeLessThanOrEqual(100.01);
    expect(one.keepsDays ?? 0).toBeLessThanOrEqual(thing.keepDays);
  }
});

test('one of no kind has nothing in it and gives one thing', () => {
  expect(begun('another')).toMatchObject({ rows: [], off: null, keepDays: 3 });
});

test('a thing that gives more than went in is refused', () => {
  const thing = begun('garlic-oil');
  const faulty = { ...thing, stays: { ...thing.stays, share: 0.4 } };
  expect(thingSchema.validate(faulty).error?.message).toMatch(/more than went in/);
});

test('a second of its kind goes by names of its own', () => {
  const taken = new Set(['Slow garlic', 'Slow garlic 2']);
  const { stays, off } = withFreeNames(begun('garlic-oil'), taken);
  expect([stays.name, off?.name]).toEqual(['Slow garlic 3', 'Garlic oil, our own']);
});
