import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { analyse } from '../dip/analyse';
import { shippedLarder } from '../larder/larder';
import type { Place } from '../mix/part';
import { cautionsFor, cautionsRaisedBy } from './cautions';

type Row = [id: string, massG: number, place?: Place];

const partsOf = (rows: readonly Row[]) =>
  rows.map(([id, massG, place = 'bowl']) => part(id, massG, place));
/** Ids of what the whole analysis of a dip raises. */
const raised = (rows: readonly Row[], blendC = 32) =>
  analyse(
    partsOf(rows),
    conditionsOf({ method: { grind: 'normal', overrunPct: 0, blendC } }),
  ).cautions.map(({ id }) => id);

const hummus: Row[] = [
  ['chickpeas-canned-drained', 240],
  ['tahini-hulled', 80],
  ['lemon-juice', 40],
  ['garlic-raw', 4],
  ['sea-salt-fine', 4],
];
const pesto: Row[] = [
  ['basil', 70],
  ['parmesan-style', 50],
  ['pine-nut', 30],
  ['olive-oil-extra-virgin', 95],
];

/** What raises a caution, and what looks like it and does not. */
const cases: [caution: string, raises: Row[], doesNot: Row[]][] = [
  [
    'raw-pulses',
    [['chickpeas-dried', 100]],
    [
      ['thyme-dried', 5],
      ['mint-dried', 5],
    ],
  ],
  ['kidney-beans', [['kidney-beans-red-cooked', 200]], [['kidney-beans-red-canned-drained', 200]]],
  ['beans-lectin', [['butter-beans-cooked', 200]], [['butter-beans-canned-drained', 200]]],
  ['garlic-in-oil', [...hummus, ['garlic-oil', 10]], [...hummus, ['garlic-roasted', 10]]],
  ['raw-in-oil', [...pesto, ['garlic-raw', 4]], hummus],
  [
    'raw-in-oil',
    pesto,
    [
      ['greek-yogurt-10', 300],
      ['mint', 20],
      ['garlic-raw', 4],
    ],
  ],
  [
    'raw-in-oil',
    [
      ['olive-oil-light', 200],
      ['red-chilli-fresh', 30],
    ],
    [
      ['olive-oil-light', 200],
      ['chilli-flakes', 5],
    ],
  ],
  [
    'raw-in-oil',
    [...hummus, ['olive-oil-light', 40, 'top']],
    [...hummus, ['olive-oil-light', 8, 'top']],
  ],
  [
    'oil-seal',
    [
      ['chickpeas-cooked', 300],
      ['olive-oil-light', 30, 'top'],
    ],
    [
      ['chickpeas-cooked', 300],
      ['olive-oil-light', 10, 'top'],
    ],
  ],
  ['lupins', [['lupins-brined', 100]], [['soy-beans-cooked', 100]]],
  ['favism', [['broad-beans-fresh-boiled', 100]], [['edamame-cooked', 100]]],
  ['wild-greens', [['chickweed', 40]], [['watercress', 40]]],
  ['nettles', [['nettle-blanched', 40]], [['spinach-raw', 40]]],
  [
    'unpasteurised',
    [['goat-cheese-fresh', 80]],
    [
      ['cream-cheese', 80],
      ['parmesan-style', 40],
    ],
  ],
  ['histamine', [['tuna-canned', 80]], [['egg-boiled', 80]]],
  ['honey', [['honey', 10]], [['maple-syrup', 10]]],
  [
    'read-label',
    [
      ['bread-stale', 50],
      ['water', 20],
    ],
    [
      ['pumpkin-canned', 300],
      ['chickpeas-canned-drained', 200],
    ],
  ],
];

describe('each caution and what only looks like it', () => {
  test.each(cases)('%s', (caution, raises, doesNot) => {
    expect(raised(raises)).toContain(caution);
    expect(raised(doesNot)).not.toContain(caution);
  });

  test('blended hot it is a closed jug that hurts, whatever is in it', () => {
    expect(raised([['carrot-roasted', 300]], 85)).toContain('hot-jug');
    expect(raised([['carrot-roasted', 300]], 60)).not.toContain('hot-jug');
  });

  test('a hot part in a cool mix is one too; on top it meets no blade', () => {
    const withSoup = (place: 'bowl' | 'top', atC: number) =>
      cautionsFor(
        [part('carrot-roasted', 300), { ...part('vegetable-stock', 60), place, atC }],
        { waterOutside: 1 },
        conditionsOf(),
      ).map(({ id }) => id);
    expect(withSoup('bowl', 90)).toContain('hot-jug');
    expect(withSoup('bowl', 60)).not.toContain('hot-jug');
    expect(withSoup('top', 90)).not.toContain('hot-jug');
  });

  test('each names what raises it, once; what concerns the dip as a whole names nothing', () => {
    const from = (rows: readonly Row[], id: string, blendC = 32) =>
      cautionsFor(
        partsOf(rows),
        { waterOutside: 1 },
        conditionsOf({ method: { grind: 'normal', overrunPct: 0, blendC } }),
      ).find((one) => one.id === id)?.from;
    const pate: Row[] = [
      ['kidney-beans-red-cooked', 200],
      ['kidney-beans-red-cooked', 50],
      ['honey', 5],
    ];
    expect(from(pate, 'kidney-beans')).toEqual(['kidney-beans-red-cooked']);
    expect(from(pate, 'honey')).toEqual(['honey']);
    expect(from(pate, 'hot-jug', 90)).toEqual([]);
    const cautions = cautionsFor(
      [...partsOf(pate), part('olives-green', 20)],
      { waterOutside: 1 },
      conditionsOf(),
    );
    expect(cautionsRaisedBy(cautions, 'honey').map(({ id }) => id)).toEqual(['honey']);
    // a label to be read is no matter of handling it
    expect(cautions.map(({ id }) => id)).toContain('read-label');
    expect(cautionsRaisedBy(cautions, 'olives-green')).toEqual([]);
  });

  test('hazards no shipped thing has are raised by one’s own', () => {
    const own = (hazard: 'raw-egg' | 'cyanogenic' | 'smoked-fish') => {
      const ingredient = shippedLarder.get('water');
      if (!ingredient) throw new Error('no water');
      const parts = [{ ...part('water', 10), ingredient: { ...ingredient, hazards: [hazard] } }];
      return cautionsFor(parts, { waterOutside: 1 }, conditionsOf()).map(({ id }) => id);
    };
    expect(own('raw-egg')).toEqual(['raw-egg']);
    expect(own('cyanogenic')).toEqual(['cyanide']);
    expect(own('smoked-fish')).toEqual(['smoked-fish']);
  });
});

describe('what is said', () => {
  test('is said once, danger first', () => {
    const all: Row[] = [
      ...pesto,
      ['garlic-raw', 4],
      ['garlic-raw', 2],
      ['honey', 5],
      ['bread-stale', 10],
    ];
    const found = analyse(partsOf(all), conditionsOf()).cautions;
    expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
    const levels = found.map(({ level }) => ['danger', 'care', 'know'].indexOf(level));
    expect(levels).toEqual([...levels].sort());
    expect(found[0]?.id).toBe('raw-in-oil');
  });

  test('an everyday hummus, a plain water and a plain pulse raise none', () => {
    expect(raised(hummus)).toEqual([]);
    expect(
      raised([
        ['water', 10],
        ['chickpeas-cooked', 100],
      ]),
    ).toEqual([]);
  });

  test('stands by itself', () => {
    const hot = conditionsOf({ method: { grind: 'normal', overrunPct: 0, blendC: 90 } });
    const everything = [...shippedLarder.keys()].map((id): Row => [id, 1]);
    for (const waterOutside of [0, 1]) {
      for (const { message } of cautionsFor(partsOf(everything), { waterOutside }, hot)) {
        expect(message).not.toMatch(/as above|see above|ditto/i);
        expect(message).toMatch(/\.$/);
      }
    }
  });
});
