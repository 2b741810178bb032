import { describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { analyseRequest } from './headless';
import { freeRequest } from './freeRequest';
import { swapRequest } from './swapRequest';

const parts = [
  { ingredient: 'tahini-hulled', amount: '1/3 cup' },
  { ingredient: 'lemon-juice', amount: '2 tbsp' },
  { ingredient: 'water', amount: '1/4 cup', atC: 4 },
  { ingredient: 'garlic-raw', amount: '1 clove', germOut: true },
  { ingredient: 'sea-salt-fine', amount: '1/2 tsp' },
  { ingredient: 'chickpeas-canned-drained', amount: '2 cups' },
  { ingredient: 'olive-oil-extra-virgin', amount: '1 tbsp', where: 'top' },
];

describe('swap as JSON', () => {
  test('candidates come ranked; their parts analysed again give what was said', () => {
    const { candidates } = swapRequest({ parts, swap: 0 });
    expect(candidates.length).toBeGreaterThan(5);
    for (const { parts: after, after: said, others } of candidates) {
      const { body, per100g, massG } = analyseRequest({ parts: after });
      expect(body.fresh ?? NaN).toBeCloseTo(said.body ?? NaN, 9);
      expect(body.chilled ?? NaN).toBeCloseTo(said.chilledBody ?? NaN, 9);
      expect([per100g.saltG, per100g.acidG, massG]).toEqual([said.saltG, said.acidG, said.massG]);
      expect(after.slice(1, 4).map(({ ingredient }) => ingredient)).toEqual([
        'lemon-juice',
        'water',
        'garlic-raw',
      ]);
      expect(after[2]).toMatchObject({ atC: 4 });
      for (const { part, to } of others) expect(after[part]?.amount).toBe(to);
    }
  });

  test('one thing asked for, by weight, by the same amount, in the bowl and with parts held', () => {
    const one = (more: object) => {
      const [first] = swapRequest({ parts, swap: 0, to: 'sunflower-butter', ...more }).candidates;
      if (!first) throw new Error('there is one');
      return first;
    };
    expect(one({})).toMatchObject({ ingredient: 'sunflower-butter', loses: ['sesame'], gains: [] });
    expect(one({ amountBy: 'amount' }).amount).toBe('1/3 cup');
    const grams = analyseRequest({ parts: parts.slice(0, 1) }).massG;
    expect(Math.abs(one({ amountBy: 'weight' }).massG - grams)).toBeLessThan(0.06 * grams);
    expect(one({ hold: [1, 2, 4] }).others.filter(({ part }) => part < 6)).toEqual([]);
    const inBowl = one({ inBowl: true });
    const before = analyseRequest({ parts }).massG;
    expect(inBowl.after.massG).toBeGreaterThan(before - 40);
  });

  test('only what is in the house, and free of what was asked', () => {
    const ids = (more: object) =>
      swapRequest({ parts, swap: 0, ...more }).candidates.map(({ ingredient }) => ingredient);
    expect(ids({ atHand: ['peanut-butter', 'sea-salt-fine'] })).toEqual(['peanut-butter']);
    expect(ids({ free: ['sesame', 'vegan'] })).not.toContain('tahini-home-made');
    expect(ids({ free: ['sesame'] })[0]).toBe('sunflower-butter');
  });

  test('a whole dip is made free of something, and says where it can’t be', () => {
    const { proposals, cannot } = freeRequest({ parts, free: ['sesame'] });
    expect(cannot).toBeUndefined();
    expect(proposals[0]?.swapped).toEqual([{ from: 'tahini-hulled', to: 'sunflower-butter' }]);
    const again = analyseRequest({ parts: proposals[0]?.parts });
    expect(again.body.chilled ?? NaN).toBeCloseTo(proposals[0]?.after.chilledBody ?? NaN, 9);
    expect(again.allergens).not.toContain('sesame');
    expect(freeRequest({ parts, diet: 'vegan' }).proposals).toEqual([]);
    expect(refusal(() => freeRequest({ parts })).field).toBe('free');
  });

  test('bad input is named', () => {
    const field = (more: object) => refusal(() => swapRequest({ parts, swap: 0, ...more })).field;
    expect(field({ swap: 7 })).toBe('swap');
    expect(field({ hold: [1, 9] })).toBe('hold[1]');
    expect(field({ to: 'gravel' })).toBe('to');
    expect(field({ atHand: ['water', 'gravel'] })).toBe('atHand[1]');
    expect(field({ keep: ['weight'] })).toBe('keep[0]');
    expect(field({ amountBy: 'eye' })).toBe('amountBy');
  });
});
