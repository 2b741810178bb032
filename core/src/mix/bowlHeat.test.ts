import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { shippedLarder } from '../larder/larder';
import { bowlHeat, temperatureOf } from './bowlHeat';
import type { Part } from './part';

const part = (id: string, massG: number, atC?: number): Part => {
  const ingredient = shippedLarder.get(id);
  if (!ingredient) throw new Error(`no ${id}`);
  return { ingredient, massG, cv: 0, place: 'bowl', ...(atC === undefined ? {} : { atC }) };
};
/** A knife has no vessel and no blade: only what goes in counts. */
const mixed = (...parts: Part[]) => bowlHeat(parts, 'knife', 0) ?? { atC: NaN, iceG: NaN };

describe('what goes in', () => {
  test('equal waters meet in the middle', () => {
    expect(mixed(part('water', 100, 10), part('water', 100, 90)).atC).toBeCloseTo(50, 6);
  });

  test('ice takes its heat of melting: 100 g at 0 °C in 400 g of water at 25 °C', () => {
    // 400 · 4.18 · (25 − T) = 100 · 333.6 + 100 · 4.18 · T; ice a little under 0 °C so that all of it is ice
    const expected = (400 * 4.18 * 25 - 100 * (333.6 + 2.05)) / (500 * 4.18);
    const { atC, iceG } = mixed(part('water', 400, 25), part('ice', 100, -1));
    expect(atC).toBeCloseTo(expected, 0);
    expect(iceG).toBe(0);
  });

  test('too much ice leaves some: it stands at 0 °C', () => {
    // 200 g of water at 20 °C give 16.72 kJ; warming 100 g of ice from −18 °C takes 3.69 kJ, the rest melts 39.1 g
    const { atC, iceG } = mixed(part('water', 200, 20), part('ice', 100));
    expect(atC).toBeCloseTo(0, 1);
    expect(iceG).toBeCloseTo(100 - (200 * 4.18 * 20 - 100 * 2.05 * 18) / 333.6, 0);
  });

  test('oil takes half the heat of water', () => {
    // 100 g of each: 4.18 · (80 − T) = 1.98 · (T − 20), but for the little that is no fat
    const { atC } = mixed(part('water', 100, 80), part('olive-oil-extra-virgin', 100, 20));
    expect(atC).toBeCloseTo((4.18 * 80 + 1.98 * 20) / 6.16, 0);
  });

  test('is as warm as where it is kept, unless the cook says', () => {
    expect(temperatureOf(part('ice', 1))).toBe(-18);
    expect(temperatureOf(part('greek-yogurt-10', 1))).toBe(5);
    expect(temperatureOf(part('chickpeas-cooked', 1))).toBe(21);
    expect(temperatureOf(part('chickpeas-cooked', 1, 85))).toBe(85);
  });
});

describe('what the machine does', () => {
  const hummus = [
    part('chickpeas-canned-drained', 240),
    part('tahini-hulled', 80),
    part('lemon-juice', 40),
    part('water', 60),
  ];
  const warmed = (machineId: string, ranMin: number) => bowlHeat(hummus, machineId, ranMin)?.atC;

  test('an everyday hummus comes warm out of a food processor, hotter out of a jug, as it was from a fork', () => {
    expect(warmed('food-processor', 0)).toBeCloseTo(21, 6);
    expect(warmed('food-processor', 4.5)).toBeGreaterThan(28);
    expect(warmed('food-processor', 4.5)).toBeLessThan(36);
    expect(warmed('jug-blender', 4.5)).toBeGreaterThan(40);
    expect(warmed('fork', 10)).toBeLessThan(22);
  });

  test('the blade’s heat is its watts: 500 g of water in a minute', () => {
    const { atC } = bowlHeat([part('water', 500, 21)], 'food-processor', 1) ?? { atC: NaN };
    expect(atC).toBeCloseTo(21 + (70 * 60) / (500 * 4.18 + 250), 6);
  });

  test('nothing boils away: it stands at 100 °C; an empty bowl has no warmth', () => {
    expect(bowlHeat([part('water', 300, 100)], 'jug-blender', 60)?.atC).toBeCloseTo(100, 6);
    expect(bowlHeat([], 'food-processor', 5)).toBeNull();
    expect(bowlHeat([{ ...part('water', 300), place: 'top' }], 'fork', 5)).toBeNull();
  });

  test('a machine nobody has measured warms like a food processor', () => {
    expect(warmed('made-up', 3)).toBe(warmed('food-processor', 3));
  });
});

const anyPart = fc
  .tuple(
    fc.constantFrom(...shippedLarder.keys()),
    fc.double({ min: 1, max: 500, noNaN: true }),
    fc.double({ min: -25, max: 99, noNaN: true }),
  )
  .map(([id, massG, atC]) => part(id, massG, atC));

describe('of any mix', () => {
  test('it ends between the coldest and the warmest, but for the degree that ice in what is salty takes', () => {
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 8 }), (parts) => {
        const temperatures = parts.map(({ atC = NaN }) => atC);
        const { atC } = mixed(...parts);
        expect(atC).toBeGreaterThan(Math.min(...temperatures) - 1.01);
        expect(atC).toBeLessThan(Math.max(...temperatures) + 0.6);
      }),
    );
  });

  test('a longer run and a warmer part never cool it', () => {
    fc.assert(
      fc.property(
        fc.array(anyPart, { minLength: 1, maxLength: 6 }),
        anyPart,
        fc.double({ min: 0, max: 20, noNaN: true }),
        (parts, first, ranMin) => {
          const heat = (atC: number, minutes: number) =>
            bowlHeat([...parts, { ...first, atC }], 'jug-blender', minutes)?.atC ?? NaN;
          const start = first.atC ?? 0;
          expect(heat(start, ranMin + 1)).toBeGreaterThanOrEqual(heat(start, ranMin));
          expect(heat(start + 5, ranMin)).toBeGreaterThanOrEqual(heat(start, ranMin));
        },
      ),
    );
  });
});
