import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { compositionKeys } from '../larder/ingredient';
import { offKinds, splitMass } from './splitMass';

const anyParts = fc.array(
  fc
    .tuple(
      fc.constantFrom(
        'garlic-raw',
        'olive-oil-extra-virgin',
        'yogurt-plain',
        'water',
        'sea-salt-fine',
        'walnut',
      ),
      fc.double({ min: 1, max: 900, noNaN: true }),
    )
    .map(([id, g]) => part(id, g)),
  { minLength: 1, maxLength: 5 },
);
const anyDivision = fc
  .record({
    stays: fc.double({ min: 0, max: 1, noNaN: true }),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    kind: fc.constantFrom(...offKinds),
    divided: fc.boolean(),
    heated: fc.boolean(),
  })
  .map(({ stays, share, kind, divided, heated }) => ({
    stays,
    off: divided ? { kind, share: share * (1 - stays) } : null,
    heated,
  }));

describe('what was made, divided', () => {
  test('weighs what went in, and nothing of it is there twice', () => {
    fc.assert(
      fc.property(anyParts, anyDivision, (parts, division) => {
        const { stays, off, lostG } = splitMass(parts, division);
        const inG = parts.reduce((sum, { massG }) => sum + massG, 0);
        expect(stays.massG + (off?.massG ?? 0) + lostG).toBeCloseTo(inG, 6);
        expect(lostG).toBeGreaterThan(-1e-9);
        for (const key of [...compositionKeys, 'unsaidG'] as const) {
          const got = stays.masses[key] + (off?.masses[key] ?? 0);
          const had = parts.reduce(
            (sum, { ingredient, massG }) =>
              sum + (key === 'unsaidG' ? massG : (ingredient[key] * massG) / 100),
            0,
          );
          expect(stays.masses[key]).toBeGreaterThan(-1e-9);
          expect(got).toBeLessThanOrEqual(had + 1e-6);
        }
      }),
    );
  });

  test('bears what went in cost, each gram of it once', () => {
    fc.assert(
      fc.property(anyParts, anyDivision, (parts, division) => {
        const { stays, off } = splitMass(parts, division);
        parts.forEach((_, i) => {
          expect((stays.costShares[i] ?? 0) + (off?.costShares[i] ?? 0)).toBeCloseTo(1, 9);
          expect(off?.costShares[i] ?? 0).toBeGreaterThanOrEqual(0);
        });
      }),
    );
  });

  test('of garlic in oil the oil is nothing but fat, the cloves keep the rest and some of the oil', () => {
    const parts = [part('garlic-raw', 60), part('olive-oil-extra-virgin', 240)];
    // 300 g in: 234 g of oil poured off, 48 g of cloves, 18 g of water boiled out of them
    const { stays, off, lostG } = splitMass(parts, {
      ...{ stays: 0.16, off: { kind: 'oil', share: 0.78 }, heated: true },
    });
    expect(off?.massG).toBeCloseTo(234, 6);
    expect(off?.masses.fatG).toBeCloseTo(234, 6);
    expect([stays.massG, lostG]).toEqual([expect.closeTo(48, 6), expect.closeTo(18, 6)]);
    // garlic of 63.1 % water had 37.9 g of it, the oil of 0.1 % 0.2 g
    expect(stays.masses.waterG).toBeCloseTo(37.86 + 0.24 - 18, 1);
  });

  test('of yogurt the whey takes sugar at the strength of its water, a fifth as much protein, and no fat', () => {
    const { stays, off } = splitMass([part('yogurt-plain', 1000)], {
      ...{ stays: 0.5, off: { kind: 'water', share: 0.5 }, heated: false },
    });
    if (!off) throw new Error('nothing ran off');
    expect(off.masses.fatG).toBe(0);
    expect(stays.masses.fatG).toBeCloseTo(33, 1);
    const strength = (masses: typeof off.masses) => masses.sugarsG / masses.waterG;
    expect(strength(off.masses)).toBeCloseTo(strength(stays.masses), 9);
    const ofProtein = off.masses.proteinG / (off.masses.proteinG + stays.masses.proteinG);
    const ofWater = off.masses.waterG / (off.masses.waterG + stays.masses.waterG);
    expect(ofProtein / ofWater).toBeCloseTo(0.2, 9);
  });

  test('what is lost of something cold is some of everything', () => {
    const { stays } = splitMass([part('walnut', 200)], { stays: 0.95, off: null, heated: false });
    expect(stays.masses.fatG / stays.massG).toBeCloseTo(part('walnut', 1).ingredient.fatG / 100, 2);
  });
});
