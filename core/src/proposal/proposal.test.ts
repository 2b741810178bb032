import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { type Dip, plainRow } from '../dip/dip';
import { machineFor } from '../kitchen/kitchen';
import { shippedLarder } from '../larder/larder';
import { applyEdits, type Edit, editsBetween } from './edit';
import { nudgeEdit } from './nudgeEdit';
import { proposeForDip } from './proposeForDip';

const kitchen = kitchenOf();
const beans: Dip = dip('beans', {
  rows: [
    plainRow('b', 'butter-beans-canned-drained', '400 g'),
    plainRow('o', 'olive-oil-extra-virgin', '30 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('s', 'sea-salt-fine', '2 g'),
  ],
  targets: { saltG: { low: 0.9, high: 1.1 }, massG: { low: 450, high: 510 } },
});
const offer = (edits: readonly Edit[], from: Dip = beans) =>
  proposeForDip(from, kitchen, { maker: 'landing', label: 'Try it', edits });
const more = (rowId: string, amount: string): Edit => ({ kind: 'more', rowId, amount });
const add = (id: string, ingredient: string, amount: string): Edit => ({
  kind: 'add',
  row: plainRow(id, ingredient, amount),
  before: null,
});

/** Rows of one dip in any order, some of them gone, some new, some with another amount. */
const anyRows = fc.uniqueArray(
  fc.record({
    id: fc.constantFrom('b', 'o', 'w', 's', 'x', 'y', 'z'),
    ingredient: fc.constantFrom(...[...shippedLarder.keys()].slice(0, 40)),
    grams: fc.integer({ min: 1, max: 300 }),
  }),
  { selector: ({ id }) => id, maxLength: 7 },
);
const withRows = (rows: { id: string; ingredient: string; grams: number }[]): Dip => ({
  ...beans,
  rows: rows.map(({ id, ingredient, grams }) => plainRow(id, ingredient, `${grams} g`)),
});

describe('edits', () => {
  test('between two states of a dip lead from one to the other, and back', () => {
    fc.assert(
      fc.property(anyRows, anyRows, fc.boolean(), (before, after, pureed) => {
        const from = withRows(before);
        const to = { ...withRows(after), ...(pureed ? { machineId: 'mortar', keepDays: 2 } : {}) };
        const edits = editsBetween(from, to);
        expect(applyEdits(from, edits)).toEqual(to);
        const back = applyEdits(to, editsBetween(to, from));
        expect(back.rows).toEqual(from.rows);
        expect([back.machineId, back.keepDays]).toEqual([from.machineId, from.keepDays]);
      }),
    );
  });

  test('of nothing are none', () => expect(editsBetween(beans, { ...beans })).toEqual([]));

  test('of a row that is gone meanwhile change nothing', () => {
    const edits: Edit[] = [
      { kind: 'amount', rowId: 'gone', amount: '9 g' },
      more('gone', '1 tbsp'),
      { kind: 'remove', rowId: 'gone' },
      { kind: 'replace', row: plainRow('gone', 'water', '9 g') },
    ];
    expect(applyEdits(beans, edits)).toEqual(beans);
  });

  test('so much more counts from what a row has by then; a new row taken twice is twice as much', () => {
    const twice = applyEdits(beans, [more('w', '15 g'), more('w', '15 g')]);
    expect(twice.rows.find(({ id }) => id === 'w')?.amount).toBe('90 g');
    const new2 = applyEdits(beans, [
      add('n', 'lemon-juice', '10 g'),
      add('n', 'lemon-juice', '10 g'),
    ]);
    expect(new2.rows.slice(4).map(({ id, amount }) => [id, amount])).toEqual([['n', '20 g']]);
  });

  test('a spoon more goes on the last row of it in the bowl, never on what lies on top', () => {
    const topped = {
      ...beans,
      rows: [...beans.rows, plainRow('t', 'olive-oil-extra-virgin', '5 g')],
    };
    const last = topped.rows.at(-1);
    if (last) last.place = 'top';
    const spoon = { ingredient: 'olive-oil-extra-virgin', amount: '1 tbsp' };
    expect(nudgeEdit(topped, spoon, 'new')).toEqual(more('o', '1 tbsp'));
    expect(nudgeEdit(topped, { ...spoon, ingredient: 'tahini-hulled' }, 'new')).toMatchObject({
      kind: 'add',
      row: { id: 'new', ingredientId: 'tahini-hulled', amount: '1 tbsp' },
    });
  });
});

describe('a proposal', () => {
  test('says which targets it meets, misses and gives up', () => {
    // 400 g of beans at 0.45 g of salt per 100 g, and 2 g, are 3.8 g in 492 g: 0.77; a gram more, 0.97
    const salt = offer([more('s', '1 g')]);
    expect(salt.before.per100g.saltG).toBeLessThan(0.9);
    expect(salt.meets).toEqual(['saltG', 'massG']);
    expect([salt.misses, salt.givesUp]).toEqual([[], []]);
    const flood = offer([more('w', '60 g'), more('s', '1.5 g')]);
    expect(flood.meets).toEqual(['saltG']);
    expect(flood.givesUp).toEqual(['massG']);
    expect(flood.misses.map(({ name }) => name)).toEqual(['massG']);
  });

  test('says what comes with it: allergens, diets, days, cautions, cost, mass', () => {
    const { consequences } = offer([
      add('t', 'tahini-hulled', '30 g'),
      add('f', 'feta', '50 g'),
      add('g', 'garlic-raw', '5 g'),
    ]);
    expect(consequences.allergensGained.sort()).toEqual(['milk', 'sesame']);
    expect(consequences.dietsLost).toContain('vegan');
    // feta is milk; whether its rennet is vegetarian stands on the label
    expect(consequences.dietsToCheck).toEqual(['vegetarian']);
    expect(consequences.dietsGained).toEqual([]);
    expect(consequences.cautions.map(({ id }) => id)).toEqual(['unpasteurised']);
    expect(consequences.massG).toBeCloseTo(85, 9);
    const price = (id: string) => (shippedLarder.get(id)?.costHintEurPerKg ?? NaN) / 1000;
    expect(consequences.costEur).toBeCloseTo(
      30 * price('tahini-hulled') + 50 * price('feta') + 5 * price('garlic-raw'),
      9,
    );
    const back = offer(
      [{ kind: 'remove', rowId: 'f' }],
      applyEdits(beans, [add('f', 'feta', '50 g')]),
    );
    expect(back.consequences.allergensLost).toEqual(['milk']);
    expect(back.consequences.dietsGained).toContain('vegan');
    expect(back.consequences.cautions).toEqual([]);
  });

  test('raw herbs cost days, and too much overfills the machine by as much as is over', () => {
    const herbs = offer([add('p', 'parsley', '10 g')]);
    expect(herbs.consequences.keepDays).toEqual({ before: 4, after: 3 });
    const whole = offer([]);
    const five = offer([{ kind: 'amount', rowId: 'b', amount: '4 kg' }]);
    expect(whole.consequences.overfillMl).toBe(0);
    const { mostMl } = machineFor(beans, kitchen);
    expect(five.consequences.overfillMl).toBeCloseTo(five.after.volumeMl - mostMl, 6);
    expect(five.consequences.overfillMl).toBeGreaterThan(1000);
  });
});
