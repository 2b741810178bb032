import { describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { batchRequest } from './batchRequest';
import { keepRequest } from './keepRequest';

const parts = [
  { ingredient: 'chickpeas-canned-drained', amount: '480 g' },
  { ingredient: 'tahini-hulled', amount: '120 g' },
  { ingredient: 'lemon-juice', amount: '60 g' },
  { ingredient: 'water', amount: '90 g' },
  { ingredient: 'garlic-raw', amount: '6 g' },
];
const jars = [{ name: 'jar', ml: 200, count: 6, oilSealG: 6 }];

describe('a batch from a shell', () => {
  test('conserves: what went in is in jars, lost, or left', () => {
    const made = batchRequest({ parts, containers: jars });
    const filled = made.fills.reduce((sum, { full, g }) => sum + full * g, 0);
    const lost = made.losses.reduce((sum, { g }) => sum + g, 0);
    expect(filled + made.leftG + lost).toBeCloseTo(756, 6);
    expect(made.oilG).toBe(6 * (made.fills[0]?.full ?? 0));
    expect(made.allergens).toEqual(['sesame']);
    expect(batchRequest({ parts, weighedG: 700 }).yieldG).toBe(700);
  });

  test('costs by the prices given, and says what has none; by the larder’s where none are', () => {
    const prices = [{ ingredient: 'tahini', price: 6, forG: 300 }];
    const { cost } = batchRequest({
      parts,
      prices: [{ ...prices[0], ingredient: 'tahini-hulled' }],
    });
    expect(cost.batch).toBeCloseTo(2.4, 9);
    expect(cost.missing).toEqual(['chickpeas-canned-drained', 'lemon-juice', 'garlic-raw']);
    expect(cost.drivers[0]).toMatchObject({ ingredient: 'tahini-hulled', share: 1, source: 'own' });
    const usual = batchRequest({ parts }).cost;
    expect(usual.missing).toEqual([]);
    expect(usual.guessed).toContain('tahini-hulled');
    expect(usual.per100g * 7.5).toBeGreaterThan(usual.batch * 0.9);
  });

  test('the oil on a jar is in its cost', () => {
    const [plain] = batchRequest({ parts, containers: [{ name: 'jar', ml: 200, count: 2 }] }).cost
      .containers;
    const [sealed] = batchRequest({ parts, containers: jars }).cost.containers;
    // less dip in it, and six grams of oil at 19.00 a kilo
    expect(sealed?.each).toBeGreaterThan((plain?.each ?? 0) - 0.06);
    expect(sealed?.each).not.toBeCloseTo(plain?.each ?? 0, 2);
  });

  test('a label lists by mass, and says whom it must not meet', () => {
    const { label, nutrition } = batchRequest({ parts, containers: jars });
    expect(label.ingredients).toBe(
      'chickpeas, tahini (SESAME), water, lemon juice, extra virgin olive oil, garlic',
    );
    expect(label.contains).toEqual(['sesame']);
    expect(label.netG).toBeGreaterThan(150);
    expect(nutrition.portion.kJ).toBeCloseTo(nutrition.per100g.kJ * 0.6, 9);
    expect(nutrition.per100g.saturatesG).toBeLessThan(nutrition.per100g.fatG);
  });

  test.each<[string, object, string]>([
    [
      'a price of nothing known',
      { prices: [{ ingredient: 'moonbeam', price: 1, forG: 1 }] },
      'prices[0].ingredient',
    ],
    [
      'a jar that holds nothing',
      { containers: [{ name: 'jar', ml: 0, count: 1 }] },
      'containers[0].ml',
    ],
    ['half a jar', { containers: [{ name: 'jar', ml: 100, count: 1.5 }] }, 'containers[0].count'],
    ['a weight below nothing', { weighedG: -1 }, 'weighedG'],
  ])('%s is refused by field', (_, extra, field) => {
    expect(refusal(() => batchRequest({ parts, ...extra })).field).toBe(field);
  });
});

describe('keeping from a shell', () => {
  test('has days, a reason and a date, and how it will be day by day', () => {
    const kept = keepRequest({ parts, madeOn: '2026-06-12' });
    expect(kept).toMatchObject({ fridgeDays: 4, useBy: '2026-06-16', because: { id: 'family' } });
    expect(kept.days.map(({ day }) => day)).toEqual([0, 1, 2, 3, 4]);
    expect(kept.days[2]?.garlicG).toBeGreaterThan(kept.days[0]?.garlicG ?? NaN);
    expect(kept.days[4]?.chilledBody).toBeGreaterThan(kept.days[0]?.chilledBody ?? NaN);
  });

  test('is never later than anything in it allows, nor by its sourness', () => {
    const sour = [...parts, { ingredient: 'lemon-juice', amount: '300 g' }];
    expect(keepRequest({ parts: sour, madeOn: '2026-06-12' }).useBy).toBe('2026-06-16');
    const uses = [{ name: 'garlic oil', madeOn: '2026-06-10', fridgeDays: 3 }];
    expect(keepRequest({ parts, madeOn: '2026-06-12', uses }).useBy).toBe('2026-06-13');
    expect(keepRequest({ parts, uses: [] })).not.toHaveProperty('useBy');
  });

  test('oil on top brings its caution and no day more', () => {
    const leaf = [
      { ingredient: 'basil', amount: '80 g' },
      { ingredient: 'olive-oil-extra-virgin', amount: '30 g' },
      { ingredient: 'cannellini-canned-drained', amount: '200 g' },
    ];
    const bare = keepRequest({ parts: leaf });
    const sealed = keepRequest({ parts: leaf, oilOnTop: true });
    expect(sealed.fridgeDays).toBeLessThanOrEqual(bare.fridgeDays);
    expect(sealed.cautions.map(({ id }) => id)).toContain('raw-in-oil');
    expect(bare.cautions.map(({ id }) => id)).not.toContain('raw-in-oil');
  });

  test('a date nobody can read is refused by field', () => {
    expect(refusal(() => keepRequest({ parts, madeOn: '12 June' })).field).toBe('madeOn');
  });
});
