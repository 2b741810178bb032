import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { dip } from '../../test/bookOf';
import { conditionsOf, endOf, kitchenOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { garlicInOil } from '../../test/thingOf';
import { nutritionOf } from '../batch/nutrition';
import { plainRow } from '../dip/dip';
import { readRow } from '../dip/readRow';
import { shippedLarder } from '../larder/larder';
import { cautionsFor } from '../safety/cautions';
import { keepingOf } from '../safety/keeping';
import { depthOf, holds, larderWithMade, type MadeHere, rowsOfMade } from './madeHere';
import { madeId, offId } from '../larder/madeId';

const here = (some: Partial<MadeHere>): MadeHere => ({ things: [], dips: [], ...some });
const withMade = (some: Partial<MadeHere>) => larderWithMade(shippedLarder, here(some), 'us');
const base = dip('base', {
  ...{ name: 'Base dip', goesIn: true },
  rows: [
    plainRow('1', 'chickpeas-cooked', '300 g'),
    plainRow('2', 'tahini-hulled', '80 g'),
    plainRow('3', 'water', '70 g'),
    plainRow('4', 'sea-salt-fine', '5 g'),
  ],
});

describe('garlic slow in oil', () => {
  const larder = withMade({ things: [garlicInOil] });
  const oil = larder.get(offId('garlic'));
  const cloves = larder.get(madeId('garlic'));

  test('gives an oil and its cloves, each by its name and with its own figures', () => {
    expect([oil?.name, cloves?.name]).toEqual(['Garlic oil, ours', 'Slow garlic, ours']);
    expect(oil?.fatG).toBeCloseTo(100, 6);
    // it sets in the fridge as olive oil does, and is as saturated
    expect(oil?.settingFat).toBe('olive');
    expect(oil?.saturatesG).toBeCloseTo(ingredient('olive-oil-extra-virgin').saturatesG ?? 0, 0);
    expect(oil?.garlicUnits).toBe(ingredient('garlic-oil').garlicUnits);
    expect(cloves?.role).toBe('aromatic');
    expect(cloves?.fatG).toBeGreaterThan(10);
  });

  test('costs together what went in cost', () => {
    const spent =
      (60 * ingredient('garlic-raw').costHintEurPerKg +
        240 * ingredient('olive-oil-extra-virgin').costHintEurPerKg) /
      1000;
    const got = (234 * (oil?.costHintEurPerKg ?? 0) + 48 * (cloves?.costHintEurPerKg ?? 0)) / 1000;
    expect(got).toBeCloseTo(spent, 6);
  });

  test('is garlic under oil whatever it is called, and keeps no longer than that may', () => {
    const off = { ...garlicInOil.off, like: 'olive-oil-extra-virgin', name: 'Green tin' };
    const made = withMade({ things: [{ ...garlicInOil, keepDays: 30, off }] }).get(offId('garlic'));
    expect(made?.hazards).toContain('garlic-in-oil');
    if (!made) throw new Error('no oil');
    const kept = keepingOf({
      ...{ family: 'pulse', madeOn: '2026-05-04', makersDays: 30 },
      parts: [{ ...part('water', 100), ingredient: made }],
    });
    expect(kept.fridgeDays).toBe(4);
  });
});

describe('what oil shuts the air out of', () => {
  const hazardsOf = (rows: [string, string][], some: Partial<typeof garlicInOil> = {}) => {
    const thing = {
      ...garlicInOil,
      ...some,
      rows: rows.map(([id, g], i) => plainRow(`${i}`, id, g)),
    };
    return withMade({ things: [thing] }).get(offId('garlic'))?.hazards ?? [];
  };
  const plain = { ...garlicInOil.off, like: 'olive-oil-extra-virgin' };

  test('is garlic in oil where it was roasted first too', () => {
    const roasted: [string, string][] = [
      ['garlic-roasted', '60 g'],
      ['olive-oil-extra-virgin', '240 g'],
    ];
    expect(hazardsOf(roasted, { off: plain })).toEqual(['garlic-in-oil']);
  });

  test('stays raw in oil, chillies warmed at a hob too', () => {
    const chillies: [string, string][] = [
      ['red-chilli-fresh', '40 g'],
      ['olive-oil-extra-virgin', '240 g'],
    ];
    expect(hazardsOf(chillies, { off: plain })).toContain('raw-in-oil');
  });

  test('is none of a stock with a clove and a spoon of oil in it', () => {
    const stock: [string, string][] = [
      ['water', '900 g'],
      ['garlic-raw', '6 g'],
      ['olive-oil-extra-virgin', '10 g'],
    ];
    const off = { ...garlicInOil.off, like: 'vegetable-stock', kind: 'water' as const };
    expect(hazardsOf(stock, { off: off as never })).toEqual([]);
  });
});

describe('a dip in a dip', () => {
  const larder = withMade({ dips: [base] });
  const whole = larder.get(madeId('base'));

  test('counts in the bowl as exactly what it is made of', () => {
    if (!whole) throw new Error('it is not in the larder');
    const lemon = part('lemon-juice', 20);
    const once = endOf([{ ...part('water', 455), ingredient: whole }, lemon]);
    const spelt = endOf([
      ...[part('chickpeas-cooked', 300), part('tahini-hulled', 80), part('water', 70)],
      ...[part('sea-salt-fine', 5), lemon],
    ]);
    expect(once.chilledBody).toBeCloseTo(spelt.chilledBody ?? 0, 9);
    expect(once.waterOutside).toBeCloseTo(spelt.waterOutside, 9);
    expect(once.volumeMl).toBeCloseTo(spelt.volumeMl, 6);
    const nutrition = nutritionOf([{ ingredient: whole, massG: 455 }]);
    expect(nutrition.fatG).toBeCloseTo(
      0.57 * 80 + (ingredient('chickpeas-cooked').fatG * 300) / 100,
      6,
    );
  });

  test('brings its allergens, and keeps as it does', () => {
    expect(whole?.allergens).toEqual(['sesame']);
    expect(whole?.keepsDays).toBe(4);
    expect(whole?.vegan).toBe(true);
  });

  test('raises the cautions of what is in it and no other: a clove and a spoon of oil are no garlic oil', () => {
    const rows = [
      ...base.rows,
      plainRow('5', 'garlic-raw', '5 g'),
      plainRow('6', 'olive-oil-extra-virgin', '15 g'),
    ];
    const made = withMade({ dips: [{ ...base, rows }] }).get(madeId('base'));
    if (!made) throw new Error('it is not in the larder');
    const once = [{ ...part('water', 475), ingredient: made }];
    const spelt = [
      ...[part('chickpeas-cooked', 300), part('tahini-hulled', 80), part('water', 70)],
      ...[part('sea-salt-fine', 5), part('garlic-raw', 5), part('olive-oil-extra-virgin', 15)],
    ];
    const ids = (parts: typeof spelt) =>
      cautionsFor(parts, endOf(parts), conditionsOf()).map(({ id }) => id);
    expect(ids(once)).toEqual(ids(spelt));
  });

  test('keeps no longer than is usual, whatever its cook has chosen for it', () => {
    const long = withMade({ dips: [{ ...base, keepDays: 20 }] }).get(madeId('base'));
    expect(long?.keepsDays).toBe(4);
    const short = withMade({ dips: [{ ...base, keepDays: 2 }] }).get(madeId('base'));
    expect(short?.keepsDays).toBe(2);
  });

  test('changes with it, and nothing else is made anew', () => {
    const salty = {
      ...base,
      rows: base.rows.map((row) => (row.id === '4' ? { ...row, amount: '9 g' } : row)),
    };
    const things = [garlicInOil];
    const before = withMade({ things, dips: [base] });
    const after = withMade({ things, dips: [salty] });
    expect(after.get(madeId('base'))?.saltG).toBeGreaterThan(
      before.get(madeId('base'))?.saltG ?? 9,
    );
    expect(after.get(offId('garlic'))).toBe(before.get(offId('garlic')));
  });

  test('nothing goes in of what is on top', () => {
    const topped = {
      ...base,
      rows: [...base.rows, { ...plainRow('5', 'walnut', '50 g'), place: 'top' as const }],
    };
    expect(withMade({ dips: [topped] }).get(madeId('base'))?.allergens).toEqual(['sesame']);
  });
});

describe('what is made of what was made', () => {
  const on = (id: string, of: string) =>
    dip(id, {
      goesIn: true,
      rows: [plainRow('1', madeId(of), '100 g'), plainRow('2', 'water', '10 g')],
    });

  test('reaches through, and is made anew when what is deep in it changes', () => {
    const all = { dips: [on('c', 'b'), on('b', 'base'), base] };
    const salt = (some: Partial<MadeHere>) => withMade(some).get(madeId('c'))?.saltG ?? 0;
    const salty = { ...base, rows: [...base.rows, plainRow('9', 'sea-salt-fine', '10 g')] };
    expect(salt(all)).toBeCloseTo((100 * 5 * 100 * 100) / (455 * 110 * 110), 1);
    expect(salt({ dips: [on('c', 'b'), on('b', 'base'), salty] })).toBeGreaterThan(salt(all));
    expect(withMade(all).get(madeId('c'))?.allergens).toEqual(['sesame']);
  });

  test('is left out where it goes round in a circle, and its row says why', () => {
    const round = here({ dips: [on('x', 'y'), on('y', 'x'), base] });
    const larder = larderWithMade(shippedLarder, round, 'us');
    expect([larder.has(madeId('x')), larder.has(madeId('y')), larder.has(madeId('base'))]).toEqual([
      false,
      false,
      true,
    ]);
    const [row] = on('x', 'y').rows;
    if (!row) throw new Error('there is no row');
    expect(readRow(row, kitchenOf({ larder })).error).toMatch(/made of itself/);
    const rowsOf = rowsOfMade(round);
    expect(depthOf(madeId('x'), rowsOf)).toBeNull();
    expect(holds(madeId('x'), madeId('y'), rowsOf)).toBe(true);
    expect(holds(madeId('base'), madeId('y'), rowsOf)).toBe(false);
  });

  test('is followed five deep and no further', () => {
    const chain = ['d1', 'd2', 'd3', 'd4', 'd5', 'd6'].map((id, i) =>
      on(id, i === 0 ? 'base' : `d${i}`),
    );
    const larder = withMade({ dips: [base, ...chain] });
    expect([larder.has(madeId('d4')), larder.has(madeId('d5'))]).toEqual([true, false]);
  });
});
