import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seeded } from '../statistics/random';
import { expectedImprovement, type Goal, merit } from './goal';

const some = fc.double({ min: -5, max: 5, noNaN: true });
const goals = fc.oneof(
  fc.constantFrom<Goal>('more', 'less'),
  some.map((near): Goal => ({ near })),
);

describe('what is wanted of a response', () => {
  test('by hand: more, less, near', () => {
    expect(merit('more', 3)).toBe(3);
    expect(merit('less', 3)).toBe(-3);
    expect(merit({ near: 7 }, 3)).toBe(-4);
  });

  test('expected improvement is what drawing it comes to', () => {
    const random = seeded(5);
    const cases: [Goal, number, number, number][] = [
      ['more', 6, 1, 6.5],
      ['more', 7, 0.5, 6],
      ['less', 4, 2, -3],
      [{ near: 7 }, 6, 1, -1.5],
      [{ near: 7 }, 9, 0.5, -1],
      [{ near: 7 }, 7, 2, -0.5],
    ];
    for (const [goal, y, sd, best] of cases) {
      let sum = 0;
      for (let i = 0; i < 60_000; i += 1) {
        sum += Math.max(0, merit(goal, y + sd * normal(random)) - best);
      }
      const said = expectedImprovement(goal, { y, sd }, best);
      // five standard errors of so many draws, none of which spreads by more than sd
      expect(Math.abs(said - sum / 60_000)).toBeLessThan((5 * sd) / Math.sqrt(60_000));
    }
  });

  test('is never less than nothing, and of a figure met exactly nothing is left', () => {
    fc.assert(
      fc.property(
        goals,
        some,
        fc.double({ min: 0, max: 3, noNaN: true }),
        some,
        (goal, y, sd, b) => {
          expect(expectedImprovement(goal, { y, sd }, b)).toBeGreaterThanOrEqual(-1e-6);
        },
      ),
    );
    expect(expectedImprovement({ near: 7 }, { y: 6.9, sd: 1 }, 0)).toBe(0);
  });

  test('without any doubt it is the difference', () => {
    expect(expectedImprovement({ near: 7 }, { y: 6.5, sd: 0 }, -2)).toBe(1.5);
    expect(expectedImprovement('less', { y: 5, sd: 0 }, -4)).toBe(0);
  });
});
