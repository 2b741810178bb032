import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookOf } from '../../test/bookOf';
import { type Dip, emptyDip, plainRow, type Row, variantOf } from '../dip/dip';
import { applyEdits } from '../proposal/edit';
import { changesOfBase, settledWith, takingOver } from './baseChanges';
import { put, withChanges } from './change';
import { descendantsOf, descendingFrom, mayDescendFrom, withVariants } from './variants';

const at = '2026-06-12T09:00:00.000Z';
const base: Dip = {
  ...emptyDip('weir', 'Weir house hummus', at),
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('l', 'lemon-juice', '30 g'),
    plainRow('w', 'water', '60 g'),
  ],
};
const variant = variantOf(base, 'smoked', 'Smoked', at);
const amount = (dip: Dip, id: string, to: string): Dip => ({
  ...dip,
  rows: dip.rows.map((row) => (row.id === id ? { ...row, amount: to } : row)),
});
const amounts = ({ rows }: Dip) => rows.map((row) => `${row.id} ${row.amount}`);
const rowIds = (dip: Dip, of: Dip) => changesOfBase(dip, of).map(({ key }) => key);

describe('what a base’s change is to its variant', () => {
  test('nothing before anything has changed, and nothing for what is the same already', () => {
    expect(changesOfBase(variant, base)).toEqual([]);
    expect(changesOfBase(amount(variant, 'l', '45 g'), amount(base, 'l', '45 g'))).toEqual([]);
  });

  test('another amount is offered; where the variant has its own it would be given up', () => {
    const now = amount(base, 'l', '45 g');
    expect(changesOfBase(variant, now)).toMatchObject([{ rowId: 'l', conflict: false }]);
    const own = amount(variant, 'l', '20 g');
    expect(changesOfBase(own, now)).toMatchObject([{ rowId: 'l', conflict: true }]);
    expect(amounts(settledWith(own, now, ['l']))).toEqual(['t 80 g', 'l 45 g', 'w 60 g']);
  });

  test('only what changed there is taken over: the variant’s own amount stays with another thing in the row', () => {
    const swapped: Dip = {
      ...base,
      rows: base.rows.map((row) => (row.id === 't' ? { ...row, ingredientId: 'almond' } : row)),
    };
    const own = amount(variant, 't', '70 g');
    const [change] = changesOfBase(own, swapped);
    expect(change?.conflict).toBe(false);
    expect(settledWith(own, swapped, ['t']).rows[0]).toMatchObject({
      ingredientId: 'almond',
      amount: '70 g',
    });
  });

  test('what is new comes in its place; what is gone goes; what the variant left out stays out', () => {
    const garlic = plainRow('g', 'garlic-raw', '4 g');
    const [t, , w] = base.rows as [Row, Row, Row];
    const now: Dip = { ...base, rows: [t, garlic, { ...w, amount: '75 g' }] };
    const own: Dip = { ...variant, rows: variant.rows.filter(({ id }) => id !== 'w') };
    expect(rowIds(own, now)).toEqual(['g', 'l']);
    expect(amounts(settledWith(variant, now, ['g', 'l', 'w']))).toEqual([
      't 80 g',
      'g 4 g',
      'w 75 g',
    ]);
  });

  test('the same thing that both have put in is said', () => {
    const now: Dip = { ...base, rows: [...base.rows, plainRow('g', 'garlic-raw', '4 g')] };
    const own: Dip = { ...variant, rows: [...variant.rows, plainRow('mine', 'garlic-raw', '8 g')] };
    expect(changesOfBase(own, now)).toMatchObject([{ rowId: 'g', conflict: true }]);
  });

  test('what is left as it is is not offered again, until it changes again', () => {
    const once = amount(amount(base, 'l', '45 g'), 'w', '70 g');
    const left = settledWith(variant, once, [], ['l']);
    expect(amounts(left)).toEqual(amounts(variant));
    expect(rowIds(left, once)).toEqual(['w']);
    expect(rowIds(left, amount(once, 'l', '50 g'))).toEqual(['l', 'w']);
  });

  test('taking all of it makes an untouched variant its base again, whatever was done to the base', () => {
    const rows = fc.uniqueArray(
      fc.record({
        id: fc.constantFrom('t', 'l', 'w', 'a', 'b', 'c'),
        ingredientId: fc.constantFrom('tahini-hulled', 'water', 'almond'),
        amount: fc.constantFrom('1 tsp', '20 g', '80 g'),
      }),
      { selector: ({ id }) => id, minLength: 1 },
    );
    fc.assert(
      fc.property(rows, (drawn) => {
        const now = {
          ...base,
          rows: drawn.map(({ id, ingredientId, amount: text }) => plainRow(id, ingredientId, text)),
        };
        const taken = settledWith(variant, now, rowIds(variant, now));
        expect(rowIds(taken, now)).toEqual([]);
        expect([...taken.rows].sort(byId)).toEqual([...now.rows].sort(byId));
        // one after another comes to the same
        const inTurn = rowIds(variant, now).reduce(
          (dip, id) => settledWith(dip, now, [id]),
          variant,
        );
        expect([...inTurn.rows].sort(byId)).toEqual([...taken.rows].sort(byId));
      }),
    );
  });

  test('a variant whose rows have names of their own is told apart by what is in them', () => {
    const own: Dip = {
      ...variant,
      rows: variant.rows.map((row) => ({ ...row, id: `own-${row.id}` })),
    };
    const [t, l] = base.rows as [Row, Row, Row];
    const now: Dip = {
      ...base,
      rows: [plainRow('g', 'garlic-raw', '4 g'), t, { ...l, amount: '45 g' }],
    };
    expect(amounts(settledWith(own, now, ['g', 'l', 'w']))).toEqual([
      'g 4 g',
      'own-t 80 g',
      'own-l 45 g',
    ]);
  });

  test('is an edit that can be looked at before', () => {
    const now = amount(base, 'l', '45 g');
    const [change] = changesOfBase(variant, now);
    if (!change) throw new Error('there is a change');
    expect(amounts(applyEdits(variant, [takingOver(change, variant, now)]))[1]).toBe('l 45 g');
  });
});

const byId = (one: Row, other: Row) => one.id.localeCompare(other.id);

describe('variants of a dip that changes', () => {
  const bare: Dip = { ...variant, id: 'old', seen: undefined };
  const follower: Dip = { ...variant, id: 'follows', follows: true };
  const book = bookOf([base, variant, bare, follower, variantOf(follower, 'third', 'Third', at)]);
  const changed = (now: Dip) => withChanges(book, withVariants(book, [put('dips', now)]));

  test('those that follow take it over, the others are left alone and can be asked', () => {
    const now = amount(base, 'l', '45 g');
    const { dips } = changed(now);
    const of = (id: string) => dips.get(id) ?? base;
    expect(amounts(of('follows'))[1]).toBe('l 45 g');
    expect(amounts(of('smoked'))[1]).toBe('l 30 g');
    expect(rowIds(of('smoked'), now)).toEqual(['l']);
    // one that had seen nothing yet saw what stood there before
    expect(rowIds(of('old'), now)).toEqual(['l']);
    // what follows a follower is asked about what came to it
    expect(rowIds(of('third'), of('follows'))).toEqual(['l']);
  });

  test('a follower keeps what it has made of a row, and is asked', () => {
    const own = amount(follower, 'l', '20 g');
    const mine = bookOf([base, own]);
    const now = amount(base, 'l', '45 g');
    const { dips } = withChanges(mine, withVariants(mine, [put('dips', now)]));
    expect(amounts(dips.get('follows') ?? base)[1]).toBe('l 20 g');
    expect(changesOfBase(dips.get('follows') ?? base, now)).toMatchObject([{ conflict: true }]);
  });

  test('another name or note changes no variant', () => {
    const renamed = [put('dips', { ...base, name: 'Weir' })];
    expect(withVariants(book, renamed)).toEqual(renamed);
  });

  test('nothing descends from itself, nor from what comes from it', () => {
    expect(mayDescendFrom(book, 'weir', 'weir')).toBe(false);
    expect(mayDescendFrom(book, 'weir', 'third')).toBe(false);
    expect(mayDescendFrom(book, 'smoked', 'third')).toBe(true);
    expect(mayDescendFrom(book, 'third', 'gone')).toBe(false);
    expect(descendantsOf(book, 'weir').map(({ id }) => id)).toEqual([
      'smoked',
      'old',
      'follows',
      'third',
    ]);
    expect(descendingFrom(follower, null)).toMatchObject({ parentId: null });
    expect(descendingFrom(follower, null)).not.toHaveProperty('seen');
    expect(descendingFrom(follower, variant)).toMatchObject({ parentId: 'smoked' });
  });
});

describe('how a base is made, and what it is to be', () => {
  const scoops = { chilledBody: { low: 6.8, high: 7.6 } };
  const made = { ...base, machineId: 'mortar', targets: scoops, keepDays: 3 };

  test('is offered thing by thing, and what the variant made otherwise is named', () => {
    const own = { ...variant, machineId: 'stick-blender' };
    expect(changesOfBase(own, made)).toMatchObject([
      { key: 'setting machineId', now: 'mortar', own: 'stick-blender', conflict: true },
      { key: 'setting keepDays', now: 3, conflict: false },
      { key: 'setting chilledBody', now: scoops.chilledBody, conflict: false },
    ]);
  });

  test('is taken one by one or left, and is asked about once', () => {
    const taken = settledWith(variant, made, ['setting chilledBody'], ['setting machineId']);
    expect(taken).toMatchObject({ targets: scoops, machineId: variant.machineId });
    expect(changesOfBase(taken, made)).toMatchObject([{ key: 'setting keepDays' }]);
    const all = settledWith(taken, made, ['setting keepDays']);
    expect(all.keepDays).toBe(3);
    expect(changesOfBase(all, made)).toEqual([]);
    // what was taken back there is offered as taken back
    const { keepDays: _days, ...usual } = made;
    const again = settledWith(all, usual, ['setting keepDays']);
    expect(again).not.toHaveProperty('keepDays');
  });

  test('two targets at once are both taken over', () => {
    const both = { ...base, targets: { ...scoops, saltG: { low: 0.9, high: 1.1 } } };
    const keys = changesOfBase(variant, both).map(({ key }) => key);
    expect(settledWith(variant, both, keys).targets).toEqual(both.targets);
  });

  test('a variant keeps what it saw before the first change, and one that follows goes with it', () => {
    const { seenAs: _as, ...plain } = variant;
    const follows: Dip = { ...plain, id: 'follows', follows: true };
    const book = bookOf([base, plain, follows]);
    const after = withChanges(book, withVariants(book, [put('dips', made)])).dips;
    expect(after.get(plain.id)?.seenAs).toMatchObject({ machineId: base.machineId });
    expect(changesOfBase(after.get(plain.id) ?? plain, made).length).toBe(3);
    expect(after.get('follows')).toMatchObject({ machineId: 'mortar', keepDays: 3 });
  });
});
