import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { type Dip, plainRow, type Row, variantOf } from '../dip/dip';
import { applyEdits } from '../proposal/edit';
import { backToBase, differencesFromBase, tellingFirst } from './fromBase';

const { larder } = kitchenOf();
const base = dip('base', {
  rows: [
    plainRow('t', 'tahini-hulled', '1/3 cup'),
    plainRow('l', 'lemon-juice', '2 tbsp'),
    plainRow('w', 'water', '1/4 cup'),
    plainRow('s', 'sea-salt-fine', '1/2 tsp'),
    plainRow('c', 'chickpeas-canned-drained', '2 cups'),
  ],
  targets: { saltG: { low: 0.9, high: 1.1 } },
});
const variant = (rows: Row[]) => ({ ...variantOf(base, 'v', 'Variant', base.createdAt), rows });
const kinds = (rows: Row[]) =>
  differencesFromBase(variant(rows), base, larder).map((one) => one.kind);
const [tahini, lemon, water, salt, chickpeas] = base.rows as [Row, Row, Row, Row, Row];

describe('what a variant does otherwise than its base', () => {
  test('is nothing while it is new', () => expect(kinds(base.rows)).toEqual([]));

  test('another thing, another amount, something more, something less', () => {
    const butter = { ...tahini, ingredientId: 'sunflower-butter', amount: '1/4 cup' };
    const rows = [butter, { ...lemon, amount: '3 tbsp' }, salt, chickpeas];
    const found = differencesFromBase(
      variant([...rows, plainRow('p', 'paprika-smoked', '1 tsp')]),
      base,
      larder,
    );
    expect(found).toEqual([
      { kind: 'swapped', base: tahini, own: butter },
      { kind: 'amount', base: lemon, own: rows[1] },
      { kind: 'left out', base: water, before: 's' },
      { kind: 'added', own: plainRow('p', 'paprika-smoked', '1 tsp') },
    ]);
  });

  test('rows written anew are known by what they are, then by the work they do', () => {
    const anew = [
      plainRow('1', 'tahini-black', '1/4 cup'),
      plainRow('2', 'lemon-juice', '2 tbsp'),
      plainRow('3', 'water', '1/4 cup'),
      plainRow('4', 'salt-flaky', '1 tsp'),
      plainRow('5', 'chickpeas-canned-drained', '2 cups'),
    ];
    expect(kinds(anew)).toEqual(['swapped', 'swapped']);
    const [, ...others] = anew;
    expect(kinds([plainRow('1', 'sunflower-butter', '1/4 cup'), ...others])).toEqual([
      'swapped',
      'swapped',
    ]);
  });

  test('tells what is in it before how much of it', () => {
    const rows = [{ ...tahini, amount: '1/2 cup' }, lemon, water, salt];
    const all = differencesFromBase(variant(rows), base, larder);
    expect(all.map(({ kind }) => kind)).toEqual(['amount', 'left out']);
    expect(tellingFirst(all).map(({ kind }) => kind)).toEqual(['left out', 'amount']);
  });

  test('how it is made and its targets count too', () => {
    const other = { ...variant(base.rows), machineId: 'jug-blender', targets: {} };
    expect(differencesFromBase(other, base, larder)).toEqual([
      { kind: 'making', what: 'machineId' },
      { kind: 'target', name: 'saltG', base: { low: 0.9, high: 1.1 }, own: undefined },
    ]);
  });

  test('taken back one by one nothing is left of them', () => {
    const change = fc.record({
      swap: fc.boolean(),
      more: fc.boolean(),
      less: fc.subarray(['w', 's', 'l'], { maxLength: 2 }),
      amount: fc.constantFrom('1 tbsp', '2 tbsp', '3 tbsp'),
      machineId: fc.constantFrom('food-processor', 'jug-blender'),
      free: fc.boolean(),
    });
    fc.assert(
      fc.property(change, ({ swap, more, less, amount, machineId, free }) => {
        const rows = base.rows
          .filter(({ id }) => !less.includes(id))
          .map((row) => (row.id === 'l' ? { ...row, amount } : row))
          .map((row) => (row.id === 't' && swap ? { ...row, ingredientId: 'almond-butter' } : row));
        const start: Dip = {
          ...variant(more ? [...rows, plainRow('x', 'capers', '1 tbsp')] : rows),
          ...{ machineId, targets: free ? {} : base.targets },
        };
        const back = differencesFromBase(start, base, larder).reduce<Dip>(
          (one, difference) =>
            applyEdits(
              one,
              backToBase(one, base, difference, () => 'again'),
            ),
          start,
        );
        expect(differencesFromBase(back, base, larder)).toEqual([]);
        // what stood elsewhere stays there
        const things = ({ rows }: Dip) => rows.map(({ ingredientId }) => ingredientId).sort();
        expect(things(back)).toEqual(things(base));
      }),
    );
  });
});
