import { describe, expect, test } from '@jest/globals';
import { ingredient } from '../../../../core/test/larderIngredient';
import { larderWith, shippedLarder } from '@cobbet/core/larder/larder';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { compositionSum, faultsOf, idFrom, ownFrom, textsOf } from './ingredientForm';
import { mostly, segments } from './composition';

const cupMl = 250;
const lemon = ingredient('lemon-juice');

describe('the form of an ingredient', () => {
  test('left as it is changes nothing, whatever the thing', () => {
    for (const one of shippedLarder.values()) {
      const texts = textsOf(one, cupMl);
      expect(faultsOf(texts)).toEqual({});
      expect(ownFrom(one.id, one, texts, cupMl)).toEqual({ id: one.id, like: one.id });
    }
  });

  test('keeps what differs, and an amount is then read by it', () => {
    const texts = { ...textsOf(lemon, cupMl), pieceG: '36', price: '4,2' };
    const own = ownFrom('lemon-juice', lemon, texts, cupMl);
    expect(own).toEqual({
      id: 'lemon-juice',
      like: 'lemon-juice',
      pieceG: 36,
      costHintEurPerKg: 4.2,
    });
    const mine = larderWith([own]).get('lemon-juice');
    const read = mine && readGrams('juice of 2 lemons', mine, 'us');
    expect(read?.ok && read.value.massG).toBeCloseTo(72, 6);
  });

  test('a can or pack of the cook’s own size counts', () => {
    const beans = ingredient('butter-beans-canned-drained');
    const own = ownFrom(beans.id, beans, { ...textsOf(beans, cupMl), packageG: '800' }, cupMl);
    const mine = larderWith([own]).get(beans.id);
    const grams = (one = beans) => {
      const read = readGrams('1 can', one, 'metric');
      return read.ok ? read.value.massG : NaN;
    };
    expect(grams(mine)).toBeCloseTo(2 * grams(), 6);
    const nuts = ingredient('hazelnut');
    const packed = ownFrom(nuts.id, nuts, { ...textsOf(nuts, cupMl), packageG: '150' }, cupMl);
    expect(grams(larderWith([packed]).get(nuts.id))).toBe(150);
    expect(readGrams('1 can', nuts, 'us').ok).toBe(false);
  });

  test('a thing like no other keeps all of its facts', () => {
    const whole = ownFrom(
      'pulp',
      { ...lemon, id: 'pulp' },
      { ...textsOf(lemon, cupMl), name: 'Pulp' },
      cupMl,
      true,
    );
    expect(whole).toEqual({ ...lemon, id: 'pulp', name: 'Pulp' });
  });

  test.each<[string, Partial<ReturnType<typeof textsOf>>, string, RegExp]>([
    ['no name', { name: ' ' }, 'name', /needs a name/],
    ['no figure', { fatG: 'lots' }, 'fatG', /Between 0 and 100/],
    ['a negative price', { price: '-1' }, 'price', /Between/],
    ['too much in 100 g', { fatG: '60' }, 'waterG', /more than 100 g/],
    ['a weightless piece', { pieceG: '0' }, 'pieceG', /Between/],
    ['a cup of nothing', { cup: '' }, 'cup', /Between/],
  ])('%s is told at its field', (_, change, field, words) => {
    const faults = faultsOf({ ...textsOf(lemon, cupMl), ...change });
    expect(Object.keys(faults)).toEqual([field]);
    expect(Object.values(faults)[0]).toMatch(words);
  });

  test('the sum is of what is typed', () => {
    expect(compositionSum({ ...textsOf(lemon, cupMl), waterG: '50' })).toBeCloseTo(58.2, 6);
    expect(compositionSum({ ...textsOf(lemon, cupMl), waterG: '' })).toBeNull();
  });
});

test('an id comes from the name and is like no other', () => {
  expect(idFrom('My Crème, brûlée!', new Set())).toBe('my-creme-brulee');
  expect(idFrom('Brown tahini', new Set(['brown-tahini', 'brown-tahini-2']))).toBe(
    'brown-tahini-3',
  );
  expect(idFrom('???', new Set())).toBe('own');
});

describe('composition drawn', () => {
  test('fills 100 g from the left without a gap, and never past the end', () => {
    for (const one of shippedLarder.values()) {
      let at = 0;
      for (const { from, width } of segments(one)) {
        expect(from).toBeCloseTo(at, 9);
        at += width;
      }
      expect(at).toBeLessThanOrEqual(100 + 1e-9);
    }
  });

  test('says what there is most of', () => {
    expect(mostly(lemon)).toBe('water 92, acid 5, sugars 2');
  });
});
