import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../statistics/random';
import { houseRange, type LevelVerdict } from './houseTaste';

const usual = { low: 0.8, high: 1.3 };
const noticed = 0.08;
const house = (verdicts: readonly LevelVerdict[]) => houseRange(usual, verdicts, noticed);

describe('what is right here', () => {
  test('is the family’s until anybody says anything', () => {
    expect(house([])).toMatchObject({ ...usual, n: 0 });
    expect(house([]).ideal).toBeCloseTo(1.05, 12);
  });

  test('one odd verdict moves it little, and the range hardly narrows', () => {
    const told = house([{ level: 2.5, side: 'low' }]);
    expect(Math.abs(told.ideal - 1.05)).toBeLessThan(0.03);
    expect(told.high - told.low).toBeGreaterThan(0.45);
  });

  test('one odd bowl found over widens nothing, and moves it by a tenth of the range at most', () => {
    // hardly any salt in it, and over all the same
    const told = house([{ level: 0.05, side: 'high' }]);
    expect(1.05 - told.ideal).toBeLessThan(0.05);
    expect(told.high - told.low).toBeLessThanOrEqual(0.5 + 1e-9);
    const sour = houseRange({ low: 0.2, high: 0.6 }, [{ level: 0.1, side: 'high' }], 0.05);
    expect(0.4 - sour.ideal).toBeLessThan(0.04);
    expect(sour.high - sour.low).toBeLessThanOrEqual(0.4 + 1e-9);
  });

  test('comes to a hidden taste, and is narrower than the family’s', () => {
    const random = seeded(31);
    for (const ideal of [0.75, 0.95, 1.2]) {
      const verdicts = Array.from({ length: 60 }, (): LevelVerdict => {
        const level = 0.6 + 0.9 * random();
        const felt = level - ideal + 0.1 * normal(random);
        return { level, side: felt < -0.1 ? 'low' : felt > 0.1 ? 'high' : 'right' };
      });
      const told = house(verdicts);
      expect(Math.abs(told.ideal - ideal)).toBeLessThan(0.06);
      expect(told.high - told.low).toBeLessThan(0.32);
      expect(told.low).toBeLessThan(ideal);
      expect(told.high).toBeGreaterThan(ideal);
    }
  });

  const verdict = fc.record({
    level: fc.double({ min: 0.3, max: 2, noNaN: true }),
    side: fc.constantFrom('low' as const, 'right' as const, 'high' as const),
  });

  test('no verdict moves it away from what it says, and in any order they say the same', () => {
    fc.assert(
      fc.property(fc.array(verdict, { maxLength: 12 }), verdict, (before, last) => {
        const was = house(before).ideal;
        const now = house([...before, last]).ideal;
        const { level, side } = last;
        if (side === 'low') expect(now).toBeGreaterThanOrEqual(was - 1e-6);
        if (side === 'high') expect(now).toBeLessThanOrEqual(was + 1e-6);
        if (side === 'right') {
          expect((now - was) * (level - was)).toBeGreaterThanOrEqual(-1e-4);
        }
        expect(house([last, ...before]).ideal).toBeCloseTo(now, 9);
      }),
    );
  });

  test('what counts half moves it less, what counts nothing not at all', () => {
    const short = (weight: number) => house([{ level: 1, side: 'low', weight }]).ideal;
    expect(short(1)).toBeGreaterThan(short(0.5));
    expect(short(0.5)).toBeGreaterThan(short(0));
    expect(short(0)).toBeCloseTo(1.05, 3);
  });
});
