import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { shippedLarder } from '../larder/larder';
import { blendColour, mixedHex, pigmentOf } from '../mix/blendColour';
import { browning } from './browning';
import { leadFlavour } from './leadFlavour';

const channel = (hex: string | null, at: 0 | 1 | 2) =>
  parseInt((hex ?? '').slice(1 + 2 * at, 3 + 2 * at), 16);

describe('the colour of a blend', () => {
  test('white paint and black stay nearly so, and half of each is a dark grey', () => {
    // Kubelka–Munk: black at 1 % reflectance has K/S 49, white at 98 % has 0.0002; half of each is 24.5, 1.9 % back
    const paints = (white: number, black: number) =>
      mixedHex([
        { hex: '#ffffff', weight: white },
        { hex: '#000000', weight: black },
      ]);
    expect(channel(paints(1, 0), 0)).toBe(253);
    expect(channel(paints(0, 1), 0)).toBe(25);
    const light = 1 + 24.5 - Math.sqrt(24.5 ** 2 + 2 * 24.5);
    expect(channel(paints(1, 1), 0)).toBe(Math.round(255 * (1.055 * light ** (1 / 2.4) - 0.055)));
  });

  test('of one thing is its own, give or take a step of the screen', () => {
    for (const id of ['chickpeas-cooked', 'watercress', 'beetroot-roasted', 'tahini-hulled']) {
      const own = pigmentOf(part(id, 1).ingredient).hex;
      const mixed = blendColour([part(id, 100)]);
      for (const at of [0, 1, 2] as const) {
        expect(Math.abs(channel(mixed, at) - channel(own, at))).toBeLessThanOrEqual(1);
      }
    }
  });

  test('lies between those of two, and does not care for order or size', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 400 }), (a, b) => {
        const [pulse, leaf] = [part('cannellini-cooked', a), part('spinach-raw', b)];
        const mixed = blendColour([pulse, leaf]);
        expect(blendColour([leaf, pulse])).toBe(mixed);
        for (const at of [0, 1, 2] as const) {
          const ends = [pulse, leaf].map((one) => channel(pigmentOf(one.ingredient).hex, at));
          expect(channel(mixed, at)).toBeGreaterThanOrEqual(Math.min(...ends) - 1);
          expect(channel(mixed, at)).toBeLessThanOrEqual(Math.max(...ends) + 1);
        }
      }),
    );
  });

  test('counts what is blended only, and nothing has none', () => {
    const pulse = part('cannellini-cooked', 200);
    const folded = [pulse, part('beetroot-roasted', 100, 'fold'), part('parsley', 9, 'top')];
    expect(blendColour(folded)).toBe(blendColour([pulse]));
    expect(blendColour([part('water', 100)])).toBeNull();
    expect(mixedHex([])).toBeNull();
  });

  test('every ingredient has one', () => {
    for (const one of shippedLarder.values()) {
      expect(pigmentOf(one).hex).toMatch(/^#[0-9a-f]{6}$/);
      expect(pigmentOf(one).strength).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('browning', () => {
  const basil = [part('basil', 60), part('pine-nut', 40), part('olive-oil-extra-virgin', 80)];

  test('is likelier without acid, oil and cold, and each that holds is named', () => {
    const bare = browning(basil, { acidG: 0.05, fatG: 10 }, 32);
    const held = browning(basil, { acidG: 0.5, fatG: 40 }, 8);
    expect(held.likely).toBeLessThan(bare.likely);
    expect(bare).toMatchObject({ browns: ['basil'], heldBy: [], likely: 1 });
    expect(held.heldBy.length).toBe(3);
    expect(bare.wouldHelp).toContain('more lemon');
    expect(held.wouldHelp).not.toContain('more lemon');
    expect(bare.tomorrow).not.toBe(blendColour(basil));
  });

  test('is nothing where nothing browns, or so little that it is not seen', () => {
    const hummus = [part('chickpeas-cooked', 300), part('tahini-hulled', 60), part('basil', 5)];
    expect(browning(hummus, { acidG: 0, fatG: 0 }, 32)).toMatchObject({ browns: [], likely: 0 });
    expect(browning([], { acidG: 0, fatG: 0 }, 32).tomorrow).toBeNull();
  });
});

describe('the lead flavour', () => {
  const green = [
    part('chickpeas-canned-drained', 300),
    part('water', 60),
    part('parsley', 60),
    part('tahini-hulled', 40),
    part('lemon-juice', 40),
  ];

  test('is what the name names first, with what takes most room beside it', () => {
    expect(leadFlavour(green, 'Parsley and tahini dip')).toEqual({
      ingredient: 'parsley',
      gPer100g: 12,
      dilutedBy: [
        { ingredient: 'chickpeas-canned-drained', gPer100g: 60 },
        { ingredient: 'water', gPer100g: 12 },
      ],
    });
  });

  test('is not what the name says is missing, and else what there is most of', () => {
    expect(leadFlavour(green, 'Weir House, no tahini')?.ingredient).toBe(
      'chickpeas-canned-drained',
    );
    expect(leadFlavour(green, 'Green hummus')?.ingredient).toBe('chickpeas-canned-drained');
  });

  test('is what the cook says, as long as it is in', () => {
    expect(leadFlavour(green, 'Parsley dip', 'lemon-juice')?.ingredient).toBe('lemon-juice');
    expect(leadFlavour(green, 'Parsley dip', 'gone')?.ingredient).toBe('parsley');
  });

  test('counts every row of it, and of nothing there is none', () => {
    const twice = [...green, part('parsley', 40), part('parsley', 9, 'top')];
    expect(leadFlavour(twice, 'Parsley')?.gPer100g).toBeCloseTo((100 * 100) / 540, 9);
    expect(leadFlavour([], 'Parsley')).toBeNull();
    expect(leadFlavour([part('water', 90)], 'Plain')).toBeNull();
  });
});
