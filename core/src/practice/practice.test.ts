import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { shippedLarder } from '../larder/larder';
import { missOf } from '../mix/targets';
import { bowlFigures } from './bowlFigures';
import { drawnBowl } from './drawnBowl';
import { additionOf, type HiddenBowl, type Level, levels, rightHalf, senses } from './hiddenBowl';
import { measuresFor } from './measures';
import { hiddenBowl, isRight, type Practice, sameBowl, withAddition } from './practice';
import { figuresAfter, sensedAt, sidesOf } from './senses';
import { writtenBowl, writtenIds, writtenTitle } from './writtenBowls';

const written = (id: string): HiddenBowl => {
  const bowl = writtenBowl(id, shippedLarder);
  if (!bowl) throw new Error(`no bowl ${id}`);
  return bowl;
};
const atStart = (bowl: HiddenBowl) => sidesOf(bowl, figuresAfter(bowl, [], shippedLarder));
const begun = (id: string): Practice => ({
  ...{ id: 'p', bowl: { written: id }, name: 'A bowl', steps: [], endedAt: null },
  startedAt: '2026-05-06T09:00:00.000Z',
});
const when = '2026-05-06T09:01:00.000Z';

describe('bowls written by hand', () => {
  test('are ten, each its own', () => {
    expect(new Set(writtenIds).size).toBe(10);
    expect(writtenBowl('no-such-bowl', shippedLarder)).toBeNull();
    expect(writtenTitle('no-such-bowl')).toBeNull();
  });

  // what each story says, not what the code answers
  test.each([
    ['cold-tub', { body: 'over', salt: 'right', sour: 'right' }],
    ['jug-slipped', { body: 'short', salt: 'right', sour: 'right' }],
    ['nobody-salted', { body: 'right', salt: 'short', sour: 'right' }],
    ['lemon-short', { body: 'right', salt: 'right', sour: 'short' }],
    ['thirsty-jar', { body: 'over', salt: 'right', sour: 'right' }],
    ['stiff-and-dull', { body: 'over', salt: 'right', sour: 'short' }],
    ['stretched', { body: 'short', salt: 'short', sour: 'right' }],
    ['salted-twice', { body: 'short', salt: 'over', sour: 'right' }],
    ['after-training', { body: 'over', salt: 'short', sour: 'right' }],
    ['salty-sharp-loose', { body: 'short', salt: 'over', sour: 'over' }],
  ] as const)('%s is wrong in what it says', (id, sides) => {
    const bowl = written(id);
    expect(atStart(bowl)).toEqual(sides);
    const wrong = Object.values(sides).filter((side) => side !== 'right');
    expect(wrong).toHaveLength(bowl.level);
  });

  test.each(writtenIds)('%s is brought right by its way, with additions to spare', (id) => {
    const bowl = written(id);
    expect(isRight(sidesOf(bowl, figuresAfter(bowl, bowl.way, shippedLarder)))).toBe(true);
    expect(bowl.way.length).toBeLessThan(bowl.most);
    for (const { ingredientId, amount } of bowl.way) {
      expect(bowl.shelf).toContain(ingredientId);
      const role = shippedLarder.get(ingredientId)?.role ?? 'crunch';
      expect(measuresFor(role)).toContain(amount);
    }
  });

  test('everything at hand can be measured, the least first', () => {
    for (const id of new Set(writtenIds.flatMap((one) => written(one).shelf))) {
      const masses = measuresFor(shippedLarder.get(id)?.role ?? 'crunch').map(
        (amount) => additionOf(id, amount, shippedLarder).massG,
      );
      expect(masses.length).toBeGreaterThan(1);
      expect(masses).toEqual([...masses].sort((a, b) => a - b));
    }
  });

  test('salt of a bowl is what went in over what it weighs', () => {
    // half a teaspoon of fine salt, 2.5 ml at 1.2 g, into 454 g with 0.8 g
    const bowl = written('nobody-salted');
    const { massG } = bowlFigures(bowl.start, bowl.correction);
    expect(massG).toBeCloseTo(350 + 30 + 30 + 3 + 0.8 + 40, 6);
    const [spoon] = bowl.way;
    const before = bowlFigures(bowl.start, bowl.correction).salt;
    const { salt } = bowl.aim;
    const middle = ((salt.low ?? 0) + (salt.high ?? 0)) / 2;
    expect(middle).toBeCloseTo(
      (before * massG + 100 * (spoon?.massG ?? 0)) / (massG + (spoon?.massG ?? 0)),
      1,
    );
    expect((salt.high ?? 0) - middle).toBeCloseTo(rightHalf.salt, 9);
  });
});

describe('bowls drawn by their number', () => {
  const ref = fc.record({
    level: fc.constantFrom<Level>(...levels),
    seed: fc.integer({ min: 1, max: 999 }),
  });

  test('are wrong in as many things as their level says, clearly, and can be mended', () => {
    fc.assert(
      fc.property(ref, ({ level, seed }) => {
        const bowl = drawnBowl(level, seed, shippedLarder);
        const at = bowlFigures(bowl.start, bowl.correction);
        const off = senses.filter((sense) => missOf(at[sense] ?? 0, bowl.aim[sense]) !== 0);
        expect(off).toHaveLength(level);
        // a way measured without any error ends in the middle of what is right
        const way = bowl.way.map(({ ingredientId, massG }) => {
          const ingredient = shippedLarder.get(ingredientId);
          if (!ingredient) throw new Error('it is in the larder');
          return { ingredient, massG, cv: 0, place: 'bowl' as const };
        });
        const end = bowlFigures([...bowl.start, ...way], bowl.correction);
        for (const sense of senses) {
          const { low, high } = bowl.aim[sense];
          expect(end[sense]).toBeGreaterThanOrEqual(low ?? 0);
          expect(end[sense]).toBeLessThanOrEqual(high ?? 0);
        }
        expect(bowl.way.length).toBeLessThanOrEqual(level);
        for (const { ingredientId } of bowl.way) expect(bowl.shelf).toContain(ingredientId);
      }),
      { numRuns: 60 },
    );
  });

  test('come out the same for the same number, and differ between numbers', () => {
    const one = drawnBowl(2, 417, shippedLarder);
    expect(drawnBowl(2, 417, shippedLarder)).toEqual(one);
    expect(drawnBowl(2, 418, shippedLarder).start).not.toEqual(one.start);
  });

  test.each([0, 1000, 1.5, Number.NaN])('there is none numbered %p', (seed) => {
    expect(() => drawnBowl(1, seed, shippedLarder)).toThrow(RangeError);
    expect(hiddenBowl({ level: 1, seed }, shippedLarder)).toBeNull();
  });
});

describe('what eye and tongue tell', () => {
  const bowl = written('salty-sharp-loose');
  const at = figuresAfter(bowl, [], shippedLarder);

  test('is the same for the same look, and differs a little from look to look', () => {
    expect(sensedAt(bowl, at, 0, 0)).toEqual(sensedAt(bowl, at, 0, 0));
    const looks = Array.from({ length: 200 }, (_, look) => sensedAt(bowl, at, 0, look).eye);
    // 5.6 lies half a body below the end of "slumps": most looks say so, some the word above or below
    const slumps = looks.filter((word) => word === 'slumps').length;
    expect(slumps).toBeGreaterThan(150);
    expect(slumps).toBeLessThan(200);
  });

  test('a thing far from right is never called right', () => {
    for (let look = 0; look < 100; look += 1) {
      expect(sensedAt(bowl, at, 0, look)).toMatchObject({ salt: 'over', sour: 'over' });
    }
  });

  test('crumbs show no word', () => {
    expect(sensedAt(bowl, { ...at, body: null }, 0, 0).eye).toBeNull();
    expect(sidesOf(bowl, { ...at, body: null }).body).toBe('over');
  });

  test('what went in earlier stays as it was when more goes in', () => {
    const water = additionOf('water', '2 tbsp', shippedLarder);
    const salt = additionOf('sea-salt-fine', '1/2 tsp', shippedLarder);
    const one = figuresAfter(bowl, [water], shippedLarder);
    const two = figuresAfter(bowl, [water, salt], shippedLarder);
    // half a teaspoon of salt weighs about 3 g: all the rest is the same bowl
    expect(two.massG - one.massG).toBeGreaterThan(2);
    expect(two.massG - one.massG).toBeLessThan(4);
  });
});

describe('an addition', () => {
  const bowl = written('cold-tub');
  const water = additionOf('water', '3 tbsp', shippedLarder);

  test('keeps what was guessed beside what came', () => {
    const done = withAddition(
      begun('cold-tub'),
      bowl,
      water,
      { body: 6.4, salt: 'right' },
      shippedLarder,
      when,
    );
    const [step] = done.steps;
    expect(step).toMatchObject({ amount: '3 tbsp', guess: { body: 6.4, salt: 'right' }, at: when });
    expect(step?.from).toBeGreaterThan(step?.came.body ?? 99);
    expect(step?.came.sides).toEqual({ body: 'right', salt: 'right', sour: 'right' });
    // this kitchen is off by nothing, so that the model is off only by how the spoons fell
    expect(Math.abs((step?.modelled ?? 0) - (step?.came.body ?? 9))).toBeLessThan(0.2);
  });

  test('the model is off by what this kitchen is off', () => {
    const jar = written('thirsty-jar');
    const [step] = withAddition(begun('thirsty-jar'), jar, water, {}, shippedLarder, when).steps;
    expect((step?.came.body ?? 0) - (step?.modelled ?? 0)).toBeGreaterThan(0.9);
    expect((step?.came.body ?? 0) - (step?.modelled ?? 0)).toBeLessThan(1.3);
  });

  test('is the last when there are no more', () => {
    let practice = begun('cold-tub');
    for (let i = 0; i < bowl.most; i += 1) {
      expect(practice.endedAt).toBeNull();
      practice = withAddition(practice, bowl, water, {}, shippedLarder, when);
    }
    expect(practice.endedAt).toBe(when);
  });
});

test('a bowl is the same by its id, or by its level and number', () => {
  expect(sameBowl({ written: 'cold-tub' }, { written: 'cold-tub' })).toBe(true);
  expect(sameBowl({ written: 'cold-tub' }, { written: 'jug-slipped' })).toBe(false);
  expect(sameBowl({ level: 1, seed: 7 }, { level: 1, seed: 7 })).toBe(true);
  expect(sameBowl({ level: 1, seed: 7 }, { level: 2, seed: 7 })).toBe(false);
  expect(sameBowl({ level: 1, seed: 7 }, { written: 'cold-tub' })).toBe(false);
});
