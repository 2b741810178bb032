import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { families } from '../mix/families';
import { targetNames } from '../mix/targets';
import { dipSchema } from '../book/recordSchemas';
import { eatenAt, restBefore } from './eatenAt';
import { familyUsual, withFamilyUsual } from './familyUsual';

const band = { low: 5, high: 6 };

describe('the moment a dip is eaten at', () => {
  test('goes by how cold it is served where nobody has said', () => {
    expect(eatenAt(dip('a', { servedAtC: 5, targets: {} }))).toBe('chilledBody');
    expect(eatenAt(dip('a', { servedAtC: 20, targets: {} }))).toBe('freshBody');
  });

  test('is the one that is aimed at, before one that is only looked at', () => {
    const looked = dip('a', { moments: ['warmBody', 'servedBody'], targets: {} });
    expect(eatenAt(looked)).toBe('servedBody');
    expect(eatenAt({ ...looked, targets: { warmBody: band } })).toBe('warmBody');
    expect(eatenAt({ ...looked, targets: { warmBody: band, pastaBody: band } })).toBe('pastaBody');
  });
});

describe('what a dip waits for before it is eaten', () => {
  test('is as it always was where nobody has said', () => {
    expect(restBefore(dip('a', { servedAtC: 5 }))).toEqual({ minutes: null, cold: true });
    expect(restBefore(dip('a', { servedAtC: 20 }))).toEqual({ minutes: null, cold: false });
    // a target for the bowl as it comes out is no way of eating it
    const fresh = dip('a', { servedAtC: 5, targets: { freshBody: band } });
    expect(restBefore(fresh)).toEqual({ minutes: null, cold: true });
  });

  test('is nothing on hot pasta, and as long as was said at the table', () => {
    expect(restBefore(dip('a', { moments: ['pastaBody'], targets: {} }))).toBeNull();
    expect(restBefore(dip('a', { servedAfterMin: 0 }))).toBeNull();
    const table = dip('a', { servedAtC: 18, servedAfterMin: 30, moments: ['servedBody'] });
    expect(restBefore({ ...table, targets: {} })).toEqual({ minutes: 30, cold: false });
  });
});

describe('what is usual of a family', () => {
  test.each(families)(
    '%s: a body at the moment it is eaten, and seasoning; the book takes it',
    (family) => {
      const usual = familyUsual(family);
      const taken = withFamilyUsual(dip('a', { family, targets: { massG: band } }));
      expect(dipSchema.validate(taken).error).toBeUndefined();
      expect(taken.targets).toEqual(usual.targets);
      const asked = targetNames.filter((name) => usual.targets[name]);
      expect(asked).toHaveLength(3);
      expect(asked[0]).toBe(eatenAt(taken));
      expect(usual.moments).toContain(asked[0]);
    },
  );

  test('how long another family stands is not left behind', () => {
    const dress = withFamilyUsual(dip('a', { family: 'pesto-dress' }));
    expect(dress.servedAfterMin).toBe(0);
    expect(withFamilyUsual({ ...dress, family: 'pulse' })).not.toHaveProperty('servedAfterMin');
  });
});
