import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../statistics/random';
import { idealLevel, type LevelMark } from './idealLevel';

const all = (level: number, ...marks: number[]): LevelMark[] =>
  marks.map((mark) => ({ level, mark }));

describe('how much is just right', () => {
  test('at one level it is as far off as the guess of a mark says', () => {
    // a mark short on average, a mark taken to be 0.16
    expect(idealLevel(all(0.7, 2, 2, 2), 0.16).ideal).toBeCloseTo(0.86, 12);
    expect(idealLevel(all(0.7, 3, 4, 3, 4), 0.16).ideal).toBeCloseTo(0.62, 12);
    expect(idealLevel(all(0.7, 3, 3), 0.16).ideal).toBeCloseTo(0.7, 12);
  });

  test('marks at several levels move how much a mark is: by hand', () => {
    // one short at 0.6, one over at 1.4: 2.5 marks a unit seen; 5 guessed with sd 2.5
    const marks = [...all(0.6, 2, 2), ...all(1.4, 4, 4)];
    const told = idealLevel(marks, 0.2);
    // Sxx 0.64, Sxy 1.6; left over by the guess (±1 at −0.4: −1 + 2) 4 · 1 / 3
    const variance = 4 / 3;
    const slope = (5 / 6.25 + 1.6 / variance) / (1 / 6.25 + 0.64 / variance);
    expect(told.ideal).toBeCloseTo(1, 12);
    expect(1 / told.perMark).toBeCloseTo(slope, 9);
  });

  test('drawn from a hidden taste, many marks come to it whatever was guessed', () => {
    const random = seeded(12);
    const hidden = { ideal: 0.95, perMark: 0.3 };
    const marks = Array.from({ length: 240 }, (_, i) => {
      const level = [0.5, 0.8, 1.1, 1.4][i % 4] ?? 0;
      const felt = 3 + (level - hidden.ideal) / hidden.perMark + 0.6 * normal(random);
      return { level, mark: Math.max(1, Math.min(5, Math.round(felt))) };
    });
    for (const guess of [0.12, 0.3, 0.6]) {
      const told = idealLevel(marks, guess);
      expect(Math.abs(told.ideal - hidden.ideal)).toBeLessThan(0.05);
      expect(Math.abs(told.perMark - hidden.perMark)).toBeLessThan(0.1);
    }
  });

  test('never lies on the side the marks speak against, and more marks make it surer', () => {
    const mark = fc.integer({ min: 1, max: 5 });
    fc.assert(
      fc.property(fc.array(mark, { minLength: 1, maxLength: 12 }), (marks) => {
        const told = idealLevel(all(1, ...marks), 0.2);
        const off = marks.reduce((sum, one) => sum + one - 3, 0);
        expect(Math.sign(Math.round((told.ideal - 1) * 1e9))).toBe(-Math.sign(off) + 0);
        const more = idealLevel(all(1, ...marks, ...marks, ...marks, ...marks), 0.2);
        expect(more.sd).toBeLessThan(told.sd + 1e-12);
      }),
    );
  });

  test('nobody’s marks are no level', () => {
    expect(() => idealLevel([], 0.1)).toThrow(RangeError);
  });
});
