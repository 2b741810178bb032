import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { ingredient } from '../../test/larderIngredient';
import type { Ingredient } from '../larder/ingredient';
import type { Family } from '../mix/families';
import type { Part } from '../mix/part';
import { type KeepingFacts, type KeepingLimit, keepingOf } from './keeping';

const madeOn = '2026-06-12';
const own = (extra: Partial<Ingredient>): Part => ({
  ...part('chickpeas-cooked', 20),
  ingredient: { ...ingredient('chickpeas-cooked'), id: 'own', name: 'Own thing', ...extra },
});
const egg = own({ name: 'Raw yolk', hazards: ['raw-egg'] });
const fish = own({ name: 'Smoked fish', hazards: ['smoked-fish'] });
const keep = (parts: Part[], family: Family = 'pulse', extra: Partial<KeepingFacts> = {}) =>
  keepingOf({ family, parts, madeOn, ...extra });
const hummus = [part('chickpeas-cooked', 300), part('tahini-hulled', 80), part('lemon-juice', 40)];
const pesto = [part('basil', 80), part('olive-oil-extra-virgin', 100), part('parmesan-style', 40)];

type Case = [
  name: string,
  parts: Part[],
  family: Family,
  extra: Partial<KeepingFacts>,
  days: number,
  id: KeepingLimit,
];

/** Judged by usual guidance: each cautious, and with its reason. */
const cases: Case[] = [
  ['plain hummus', hummus, 'pulse', {}, 4, 'family'],
  ['hummus with raw garlic', [...hummus, part('garlic-raw', 5)], 'pulse', {}, 4, 'family'],
  ['hummus with fresh herbs', [...hummus, part('parsley', 30)], 'pulse', {}, 3, 'ingredient'],
  ['chickpeas with raw onion', [...hummus, part('onion-raw', 30)], 'pulse', {}, 3, 'ingredient'],
  ['dried mint is no raw herb', [...hummus, part('mint-dried', 2)], 'pulse', {}, 4, 'family'],
  ['oregano dried is none either', [...hummus, part('oregano-dried', 2)], 'pulse', {}, 4, 'family'],
  [
    'avocado with lime',
    [part('avocado', 200), part('lime-juice', 20)],
    'vegetable',
    {},
    2,
    'ingredient',
  ],
  [
    'beetroot and yogurt',
    [part('beetroot-roasted', 200), part('yogurt-plain', 100)],
    'yogurt',
    {},
    3,
    'family',
  ],
  ['yogurt in a pulse dip', [...hummus, part('greek-yogurt-10', 50)], 'pulse', {}, 3, 'ingredient'],
  ['ricotta', [part('ricotta', 200)], 'vegetable', {}, 3, 'ingredient'],
  ['mascarpone', [part('mascarpone', 200)], 'vegetable', {}, 4, 'family'],
  ['tuna', [...hummus, part('tuna-canned', 60)], 'pulse', {}, 2, 'ingredient'],
  ['boiled egg', [...hummus, part('egg-boiled', 60)], 'pulse', {}, 3, 'ingredient'],
  ['raw yolk', [...hummus, egg], 'pulse', {}, 2, 'ingredient'],
  ['smoked fish', [...hummus, fish], 'pulse', {}, 3, 'ingredient'],
  ['garlic oil', [...hummus, part('garlic-oil', 10)], 'pulse', {}, 4, 'family'],
  ['garlic slow in oil', [...hummus, part('garlic-confit', 10)], 'pate', {}, 4, 'family'],
  ['mushrooms', [part('mushroom-sauteed', 200)], 'pate', {}, 3, 'ingredient'],
  ['boiled potato', [part('potato-boiled', 100), ...hummus], 'pulse', {}, 3, 'ingredient'],
  ['tofu', [part('tofu-silken', 100), ...hummus], 'pulse', {}, 3, 'ingredient'],
  ['cream', [...hummus, part('cream-double', 20)], 'pulse', {}, 3, 'ingredient'],
  ['pesto', pesto, 'pesto-spread', {}, 4, 'family'],
  [
    'pesto under oil, where the oil is no preserve',
    pesto,
    'pesto-spread',
    { underOil: true },
    4,
    'family',
  ],
  [
    'pesto with raw garlic',
    [...pesto, part('garlic-raw', 5)],
    'pesto-dress',
    { underOil: true },
    4,
    'family',
  ],
  ['wild garlic', [...pesto, part('wild-garlic-leaf', 50)], 'pesto-spread', {}, 4, 'family'],
  [
    'much lemon makes it no longer',
    [...hummus, part('lemon-juice', 200)],
    'pulse',
    {},
    4,
    'family',
  ],
  ['much salt neither', [...hummus, part('sea-salt-fine', 20)], 'pulse', {}, 4, 'family'],
  ['vinegar neither', [...hummus, part('balsamic-vinegar', 60)], 'pulse', {}, 4, 'family'],
  [
    'base two days old',
    hummus,
    'pulse',
    { uses: [{ name: 'base', madeOn: '2026-06-10', fridgeDays: 4 }] },
    2,
    'made thing',
  ],
  [
    'garlic oil at its end',
    hummus,
    'pulse',
    { uses: [{ name: 'garlic oil', madeOn: '2026-06-08', fridgeDays: 4 }] },
    0,
    'made thing',
  ],
  [
    'garlic oil past it',
    hummus,
    'pulse',
    { uses: [{ name: 'garlic oil', madeOn: '2026-06-01', fridgeDays: 4 }] },
    0,
    'made thing',
  ],
  [
    'what keeps longer than the dip',
    hummus,
    'pulse',
    { uses: [{ name: 'preserved lemon', madeOn: '2026-06-10', fridgeDays: 90 }] },
    4,
    'family',
  ],
  ['an hour out', hummus, 'pulse', { outMin: 60 }, 4, 'family'],
  ['three hours out', hummus, 'pulse', { outMin: 180 }, 0, 'out on the table'],
  [
    'an hour and a half out in the heat',
    hummus,
    'pulse',
    { outMin: 90, hot: true },
    0,
    'out on the table',
  ],
  ['it went sour here on the third day', hummus, 'pulse', { ownDays: 2 }, 2, 'own record'],
  ['it stayed good here for weeks', hummus, 'pulse', { ownDays: 20 }, 4, 'family'],
  [
    'thawed pesto',
    pesto,
    'pesto-spread',
    { frozenOn: '2026-06-13', thawedOn: '2026-07-20' },
    4,
    'thawed',
  ],
  ['nothing of a raw thing', [...hummus, part('parsley', 0)], 'pulse', {}, 4, 'family'],
  [
    'folded in and on top count',
    [...hummus, part('parsley', 5, 'top')],
    'pulse',
    {},
    3,
    'ingredient',
  ],
];

describe('forty dips judged', () => {
  test.each(cases)('%s', (_, parts, family, extra, days, id) => {
    const found = keep(parts, family, extra);
    expect([found.fridgeDays, found.because.id]).toEqual([days, id]);
    expect(found.because.words.length).toBeGreaterThan(8);
  });

  test('are forty', () => {
    expect(cases.length).toBeGreaterThanOrEqual(40);
  });
});

describe('dates', () => {
  test('a use-by is the day it was made and the days it has', () => {
    expect(keep(hummus).useBy).toBe('2026-06-16');
    expect(keep([part('avocado', 100)], 'vegetable').useBy).toBe('2026-06-14');
  });

  test('frozen there is none; thawed it is the next day, and the days before count', () => {
    const frozen = keep(pesto, 'pesto-spread', { frozenOn: '2026-06-13' });
    // three months of thirty days from the 13th of June
    expect([frozen.useBy, frozen.frozenUntil]).toEqual([null, '2026-09-11']);
    const thawed = { frozenOn: '2026-06-13', thawedOn: '2026-07-20' };
    expect(keep(pesto, 'pesto-spread', thawed).useBy).toBe('2026-07-21');
    const late = { frozenOn: '2026-06-16', thawedOn: '2026-07-20' };
    expect(keep(pesto, 'pesto-spread', late).useBy).toBe('2026-07-20');
  });

  test('cooled slowly it keeps a day, and cooled in half a day it is thrown away', () => {
    const after = (cooledMin: number) => keep(hummus, 'pulse', { cooledMin });
    expect([after(90), after(180), after(300)].map(({ fridgeDays }) => fridgeDays)).toEqual([
      4, 1, 0,
    ]);
    expect(after(180).because).toMatchObject({ id: 'cooled slowly' });
    expect(after(300).because.words).toMatch(/thrown away/);
  });

  test('yogurt is not to be frozen, nor what may not be kept at all', () => {
    expect(keep([part('yogurt-plain', 200)], 'yogurt').freezerMonths).toBe(0);
    expect(keep(hummus, 'pulse', { outMin: 300 }).freezerMonths).toBe(0);
    expect(keep(hummus).freezerMonths).toBe(3);
  });

  test('nothing that is added, used or done makes it keep longer', () => {
    const more = fc.constantFrom(
      'parsley',
      'yogurt-plain',
      'lemon-juice',
      'sea-salt-fine',
      'garlic-raw',
      'avocado',
    );
    const used = fc.record({
      name: fc.constant('base'),
      madeOn: fc.constantFrom('2026-06-08', '2026-06-10', '2026-06-12'),
      fridgeDays: fc.integer({ min: 0, max: 30 }),
    });
    fc.assert(
      fc.property(
        fc.array(more),
        fc.array(used),
        fc.nat(400),
        fc.boolean(),
        (ids, uses, outMin, hot) => {
          const parts = [...hummus, ...ids.map((id) => part(id, 20))];
          const found = keep(parts, 'pulse', { uses, outMin, hot });
          expect(found.fridgeDays).toBeLessThanOrEqual(keep(hummus).fridgeDays);
          for (const { madeOn: before, fridgeDays } of uses) {
            const spent = (Date.parse(madeOn) - Date.parse(before)) / 86_400_000;
            expect(found.fridgeDays).toBeLessThanOrEqual(Math.max(0, fridgeDays - spent));
          }
        },
      ),
    );
  });
});
