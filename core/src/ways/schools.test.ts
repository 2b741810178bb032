import { kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { analyseDip } from '../dip/analyseDip';
import { type Dip, plainRow } from '../dip/dip';
import { ingredient } from '../../test/larderIngredient';
import { shippedLarder } from '../larder/larder';
import { routesTo } from '../prepare/prepare';
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
const pesto = dip('pesto', {
  family: 'pesto-spread',
  rows: [
    plainRow('w', 'watercress', '80 g'),
    plainRow('h', 'hazelnut', '60 g'),
    plainRow('c', 'grana-style', '50 g'),
    plainRow('o', 'olive-oil-extra-virgin', '90 g'),
    plainRow('s', 'sea-salt-fine', '2 g'),
  ],
});
const charred = dip('charred', {
  family: 'vegetable',
  rows: [
    plainRow('a', 'aubergine-roasted-drained', '400 g'),
    plainRow('l', 'labneh', '100 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
const idsOf = ({ rows }: Dip) => rows.map(({ id }) => id);
const schools = (recipe: Dip) => schoolsOf(recipe, kitchenOf());
const ask = (recipe: Dip, id: string) => {
  const found = schools(recipe).find((one) => one.id === id);
  if (!found) throw new Error(`no question ${id}`);
  return found;
};
const take = (recipe: Dip, question: string, option: string) => {
  const found = ask(recipe, question).options.find(({ id }) => id === option);
  if (!found) throw new Error(`no option ${option}`);
  return found.dip;
};
const effect = (recipe: Dip) => wayEffect(recipe, kitchenOf());

describe('schools of practice', () => {
  test('asks only what arises in the dip', () => {
    const ids = schools(hummus).map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining(['pulses', 'soda', 'skins', 'pot-salt', 'garlic', 'germ', 'oil']),
    );
    expect(ids).not.toContain('cucumber');
    expect(schools(dip('plain', { rows: [] })).map(({ id }) => id)).toEqual(['texture']);
  });

  test.each([
    ['hummus', hummus],
    ['pesto', pesto],
    ['aubergine', charred],
  ])('takes every option, and then that option is the one chosen: %s', (_, recipe) => {
    for (const { id, options } of schools(recipe)) {
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
    expect((silky.chilledBody ?? NaN) - (coarse.chilledBody ?? NaN)).toBeCloseTo(0.5, 6);
  });

  test('pulses hot from the pot warm the mix and ask for care; frozen they cool it and whip it', () => {
    const hot = analyseDip(take(hummus, 'blended-at', 'hot'), kitchenOf()).analysis;
    const frozen = analyseDip(take(hummus, 'blended-at', 'ice'), kitchenOf()).analysis;
    expect(hot.blendC).toBeGreaterThan(60);
    expect(hot.cautions.map(({ id }) => id)).toContain('hot-jug');
    expect(frozen.blendC).toBeLessThan(10);
    expect(take(hummus, 'blended-at', 'ice').method.overrunPct).toBe(5);
    const back = take(take(hummus, 'blended-at', 'hot'), 'blended-at', 'room');
    expect(back.rows).toEqual(hummus.rows);
    expect(ask(hummus, 'blended-at').chosen).toBe('room');
    expect(ask(take(hummus, 'blended-at', 'hot'), 'blended-at').chosen).toBe('hot');
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

  test('tahini comes out, and goes in as a share of the whole bowl', () => {
    expect(ask(hummus, 'tahini').chosen).toBe('lot');
    const none = take(hummus, 'tahini', 'none');
    expect(idsOf(none)).not.toContain('t');
    // 456 g of other things without the 80 g: 3 % of the whole are 14.1 g
    expect(take(none, 'tahini', 'spoon').rows[0]?.amount).toBe('14.1 g');
    expect(take(hummus, 'tahini', 'spoon').rows[0]?.amount).toBe('14.1 g');
    expect(effect(none).chilledBody).not.toBeNull();
  });

  test('loosened with the pot’s own liquid, or the can’s where the pulses are canned; lemon is sourer', () => {
    const options = (recipe: Dip) => ask(recipe, 'liquid').options.map(({ id }) => id);
    expect(options(hummus)).toContain('bean-cooking-liquid');
    expect(options(take(hummus, 'pulses', 'can'))).toContain('chickpea-can-liquid');
    const lemon = take(hummus, 'liquid', 'lemon-juice');
    const acid = larder.get('lemon-juice')?.acidG ?? NaN;
    // 60 of 536 g are lemon in place of water
    expect(effect(lemon).acidG - effect(hummus).acidG).toBeCloseTo((60 / 536) * acid, 3);
    expect(lemon.rows.find(({ id }) => id === 'w')?.ingredientId).toBe('lemon-juice');
  });

  test('an aubergine with its juice is ready half an hour sooner, looser, with as much dry matter from as much raw', () => {
    const kept = take(charred, 'aubergine-drained', 'kept');
    expect(effect(charred).readyMin - effect(kept).readyMin).toBeGreaterThanOrEqual(30);
    expect(effect(kept).chilledBody).toBeLessThan(effect(charred).chilledBody ?? NaN);
    // from as much raw, what drains away carries only a little of the dry matter with it
    const dryFromRaw = (id: string) => {
      const ready = ingredient(id);
      const [route] = routesTo(ready);
      return (route?.ratio.typical ?? NaN) * (100 - ready.waterG);
    };
    const lost = dryFromRaw('aubergine-roasted') - dryFromRaw('aubergine-roasted-drained');
    expect(lost).toBeGreaterThan(0);
    expect(lost).toBeLessThan(0.2 * dryFromRaw('aubergine-roasted'));
  });

  test('cheese goes in last but the oil, or first from the piece, which takes less at the grater', () => {
    const grated = take(pesto, 'pesto-cheese', 'wedge');
    expect(idsOf(grated)).toEqual(['w', 'h', 'c', 'o', 's']);
    const ground = take(grated, 'pesto-cheese', 'piece');
    expect(idsOf(ground)).toEqual(['c', 'w', 'h', 'o', 's']);
    expect(effect(ground).handsMin).toBeLessThan(effect(grated).handsMin);
  });

  test('oil little by little is in thirds between the others, and one pour again at the end', () => {
    const little = take(pesto, 'pesto-oil', 'little');
    expect(idsOf(little)).toEqual(['w', 'o-pour-1', 'h', 'c', 'o-pour-2', 's', 'o-pour-3']);
    expect(little.rows.find(({ id }) => id === 'o-pour-2')?.amount).toBe('30 g');
    const end = take(little, 'pesto-oil', 'end');
    expect(idsOf(end)).toEqual(['w', 'h', 'c', 's', 'o']);
    expect(end.rows.at(-1)?.amount).toBe('90 g');
    expect(effect(end).chilledBody).toBeCloseTo(effect(pesto).chilledBody ?? NaN, 6);
  });

  test('a knife leaves a pesto coarser than a processor', () => {
    const knife = effect(take(pesto, 'pesto-tool', 'knife'));
    expect(knife.smoothness).toBeLessThan(effect(pesto).smoothness ?? NaN);
  });

  test('weighed is surer than spooned, spooned surer than by eye, of nearly the same amounts', () => {
    const salt = (way: string) => effect(take(hummus, 'measuring', way));
    expect(salt('weighed').saltSdG).toBeLessThan(salt('spoons').saltSdG ?? NaN);
    expect(salt('spoons').saltSdG).toBeLessThan(salt('eye').saltSdG ?? NaN);
    expect(salt('spoons').bodySd).toBeLessThan(salt('eye').bodySd ?? NaN);
    const eye = take(hummus, 'measuring', 'eye');
    // 3 g of fine salt at 0.3 ml a pinch, 15 g of oil at 20 ml a glug
    expect(eye.rows.find(({ id }) => id === 'o')?.amount).toMatch(/^(1|½|1½) glugs?$/);
    expect(eye.rows.find(({ id }) => id === 's')?.amount).toMatch(/pinches$/);
  });

  test('kept the cautious end unless the cook says longer; tasted at the gate and cold', () => {
    expect(effect(hummus).keepDays).toBe(4);
    expect(ask(hummus, 'keeping').chosen).toBe('usual');
    expect(effect(take(hummus, 'keeping', 'most')).keepDays).toBe(7);
    expect(take(pesto, 'keeping', 'most').keepDays).toBe(14);
    expect(ask(hummus, 'tasting').chosen).toBe('cold');
    const each = effect(take(hummus, 'tasting', 'each'));
    // seven additions in the bowl, one minute each, against the gate and one cold
    expect(each.tastingMin - effect(hummus).tastingMin).toBe(5);
  });
});
