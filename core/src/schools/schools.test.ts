import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { machines } from '../body/machines';
import { type Dip, plainRow } from '../book/dip';
import { readRow } from '../book/dipParts';
import { shippedLarder } from '../larder/larder';
import { wayEffect } from './effect';
import { schoolsOf } from './schoolsOf';

const larder = shippedLarder;
const hummus = dip('weir', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('l', 'lemon-juice', '40 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('g', 'garlic-raw', '8 g'),
    plainRow('s', 'sea-salt-fine', '3 g'),
    plainRow('c', 'chickpeas-cooked', '330 g'),
    plainRow('o', 'olive-oil-extra-virgin', '15 g'),
  ],
});
const schools = (of: Dip) => {
  const rows = of.rows.map((row) => readRow(row, larder, 'us'));
  return schoolsOf({ dip: of, rows }, larder);
};
const ask = (of: Dip, id: string) => {
  const found = schools(of).find((one) => one.id === id);
  if (!found) throw new Error(`no question ${id}`);
  return found;
};
const take = (of: Dip, question: string, option: string) => {
  const found = ask(of, question).options.find(({ id }) => id === option);
  if (!found) throw new Error(`no option ${option}`);
  return found.dip;
};
const [processor] = machines;
const effect = (of: Dip) => {
  if (!processor) throw new Error('no machine');
  return wayEffect(of, larder, 'us', processor);
};

describe('schools of practice', () => {
  test('asks only what arises in the dip', () => {
    const ids = schools(hummus).map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining(['pulses', 'soda', 'skins', 'pot-salt', 'garlic', 'germ', 'oil']),
    );
    expect(ids).not.toContain('cucumber');
    expect(schools(dip('plain', { rows: [] })).map(({ id }) => id)).toEqual(['texture']);
  });

  test('takes every option, and then that option is the one chosen', () => {
    for (const { id, options } of schools(hummus)) {
      for (const option of options)
        expect([id, ask(option.dip, id).chosen]).toEqual([id, option.id]);
    }
  });

  test('cans are sooner and saltier than a soak overnight, a hot soak is between', () => {
    const night = effect(take(hummus, 'pulses', 'overnight'));
    const hot = effect(take(hummus, 'pulses', 'hot'));
    const can = effect(take(hummus, 'pulses', 'can'));
    expect(can.readyMin).toBeLessThan(hot.readyMin);
    expect(hot.readyMin).toBeLessThan(night.readyMin);
    expect(can.saltG).toBeGreaterThan(night.saltG);
  });

  test('salt in the pot comes to 0.4 of its strength in the water of the pulses', () => {
    const salted = take(hummus, 'pot-salt', 'yes');
    const water = larder.get('chickpeas-cooked')?.waterG ?? NaN;
    // 330 g of 536 g are chickpeas, 10 g a litre
    const expected = (330 / 536) * 0.4 * 0.01 * water;
    expect(effect(salted).saltG - effect(hummus).saltG).toBeCloseTo(expected, 3);
  });

  test('other forms of garlic are taken for the same strength, other cuts for the same weight', () => {
    const before = effect(hummus).garlicG;
    for (const form of ['garlic-roasted', 'garlic-confit', 'garlic-granulated']) {
      // another weight of it makes a little more or less of the dip
      const share = effect(take(hummus, 'garlic', form)).garlicG / before;
      expect(Math.abs(share - 1)).toBeLessThan(0.08);
    }
    expect(effect(take(hummus, 'garlic', 'in-acid')).garlicG).toBeCloseTo(before / 2, 6);
    expect(effect(take(hummus, 'germ', 'out')).garlicG).toBeCloseTo(0.8 * before, 6);
  });

  test('skins rubbed off are smoother and take longer; coarse is looser than silky', () => {
    const off = effect(take(hummus, 'skins', 'yes'));
    expect(off.smoothness).toBeGreaterThan(effect(hummus).smoothness ?? NaN);
    expect(off.handsMin).toBeGreaterThan(effect(hummus).handsMin);
    const silky = effect(take(hummus, 'texture', 'silky'));
    const coarse = effect(take(hummus, 'texture', 'coarse'));
    expect((silky.warmBody ?? NaN) - (coarse.warmBody ?? NaN)).toBeCloseTo(0.5, 6);
  });

  test('tahini with acid first holds a tenth of air and meets a softer mix than pulses alone', () => {
    const tahini = effect(take(hummus, 'first-in', 'tahini'));
    const pulses = effect(take(hummus, 'first-in', 'pulses'));
    expect(tahini.overrunPct).toBe(10);
    expect(pulses.overrunPct).toBe(0);
    expect(take(hummus, 'first-in', 'pulses').rows[0]?.id).toBe('c');
  });

  test('oil on top is out of the bowl', () => {
    const top = take(hummus, 'oil', 'top');
    expect(top.rows.find(({ id }) => id === 'o')?.place).toBe('top');
  });

  test('salted cucumber keeps a third of what was strewn, and stalks lengthen a bunch', () => {
    const yogurt = dip('radish', {
      rows: [
        plainRow('y', 'greek-yogurt-10', '300 g'),
        plainRow('c', 'cucumber-squeezed', '100 g'),
        plainRow('p', 'parsley', '40 g'),
      ],
    });
    const plain = effect(take(yogurt, 'cucumber', 'squeezed')).saltG;
    const salted = effect(take(yogurt, 'cucumber', 'salted')).saltG;
    // 12 g a kilo of grated cucumber, of which the squeezed is a smaller part, in 440 g
    expect(salted).toBeGreaterThan(plain + (12 / 1000 / 3) * 100 * (100 / 440));
    const stalks = take(yogurt, 'leaves', 'stalks').rows.find(({ id }) => id === 'p');
    expect(stalks?.raw).toEqual({ from: 'bunch', stalkShare: 0.2 });
  });

  test('nobody asked, nuts are toasted in the oven and leaves go in raw', () => {
    const pesto = dip('pesto', {
      rows: [plainRow('h', 'hazelnut', '60 g'), plainRow('b', 'basil', '80 g')],
    });
    expect(ask(pesto, 'nuts').chosen).toBe('oven');
    expect(ask(pesto, 'leaves').chosen).toBe('raw');
  });
});
