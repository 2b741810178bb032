import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mergeRecords, sameValue } from './mergeRecords';

interface Thing {
  id: string;
  name: string;
  note?: string;
  rows: { id: string; amount: string; prep: string }[];
  seen: string[];
  method: { grind: string; blendC: number };
}

const row = (id: string, amount = '1 cup', prep = '') => ({ id, amount, prep });
const thing: Thing = {
  id: 'hummus',
  name: 'Hummus',
  rows: [row('tahini'), row('lemon'), row('chickpeas')],
  seen: ['pours'],
  method: { grind: 'silky', blendC: 25 },
};
const withRow = (id: string, change: object): Thing => ({
  ...thing,
  rows: thing.rows.map((one) => (one.id === id ? { ...one, ...change } : one)),
});

describe('a record two changed', () => {
  test('keeps edits of different rows, and of different fields of one row', () => {
    const mine = withRow('tahini', { amount: '80 g' });
    const theirs = withRow('chickpeas', { amount: '300 g' });
    expect(mergeRecords(thing, mine, theirs)?.rows.map(({ amount }) => amount)).toEqual([
      '80 g',
      '1 cup',
      '300 g',
    ]);
    const prep = withRow('tahini', { prep: 'stirred' });
    expect(mergeRecords(thing, mine, prep)?.rows[0]).toEqual(row('tahini', '80 g', 'stirred'));
  });

  test('the later word counts where both changed the same field', () => {
    const mine = withRow('tahini', { amount: '80 g' });
    const theirs = withRow('tahini', { amount: '90 g' });
    expect(mergeRecords(thing, mine, theirs)?.rows[0]?.amount).toBe('80 g');
  });

  test('rows both added stay, each after what it was put after', () => {
    const mine = { ...thing, rows: [row('tahini'), row('salt'), row('lemon'), row('chickpeas')] };
    const theirs = { ...thing, rows: [...thing.rows, row('cumin')] };
    expect(mergeRecords(thing, mine, theirs)?.rows.map(({ id }) => id)).toEqual([
      'tahini',
      'salt',
      'lemon',
      'chickpeas',
      'cumin',
    ]);
  });

  test('a row taken away is gone, but not when the other had just changed it', () => {
    const mine = { ...thing, rows: thing.rows.slice(1) };
    const other = withRow('lemon', { amount: '2 tbsp' });
    expect(mergeRecords(thing, mine, other)?.rows.map(({ id }) => id)).toEqual([
      'lemon',
      'chickpeas',
    ]);
    const same = withRow('tahini', { amount: '90 g' });
    expect(mergeRecords(thing, mine, same)?.rows[0]).toEqual(row('tahini', '90 g'));
  });

  test('a new order and a new amount both stay', () => {
    const mine = { ...thing, rows: [...thing.rows].reverse() };
    const theirs = withRow('lemon', { amount: '2 tbsp' });
    expect(mergeRecords(thing, mine, theirs)?.rows.map(({ id, amount }) => [id, amount])).toEqual([
      ['chickpeas', '1 cup'],
      ['lemon', '2 tbsp'],
      ['tahini', '1 cup'],
    ]);
  });

  test('lists that only grew keep what both added', () => {
    const mine = { ...thing, seen: ['pours', 'scoops'] };
    const theirs = { ...thing, seen: ['pours', 'slumps'] };
    expect(mergeRecords(thing, mine, theirs)?.seen).toEqual(['pours', 'slumps', 'scoops']);
  });

  test('fields come and go by themselves', () => {
    const mine = { ...thing, note: 'stiff' };
    const theirs = { ...thing, method: { ...thing.method, blendC: 18 } };
    expect(mergeRecords(thing, mine, theirs)).toEqual({ ...mine, method: theirs.method });
    expect(mergeRecords(mine, thing, { ...mine, name: 'Ours' })).toEqual({
      ...thing,
      name: 'Ours',
    });
  });

  test('what is taken away goes; what the other took away stays away', () => {
    expect(mergeRecords(thing, null, withRow('tahini', { amount: '90 g' }))).toBeNull();
    expect(mergeRecords(thing, withRow('tahini', { amount: '90 g' }), null)).toBeNull();
    expect(mergeRecords(null, thing, null)).toBe(thing);
  });

  const rows = fc.uniqueArray(
    fc.record({
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
      amount: fc.constantFrom('1', '2', '3'),
      prep: fc.constantFrom('', 'x'),
    }),
    { selector: ({ id }) => id },
  );
  const some = fc.record({
    id: fc.constant('hummus'),
    name: fc.constantFrom('A', 'B', 'C'),
    rows,
    seen: fc.array(fc.constantFrom('pours', 'scoops'), { maxLength: 3 }),
    method: fc.record({
      grind: fc.constantFrom('silky', 'rough'),
      blendC: fc.constantFrom(18, 25),
    }),
  });

  test('a side that changed nothing never matters', () => {
    fc.assert(
      fc.property(some, some, (before, after) => {
        const copy = structuredClone(before);
        expect(mergeRecords<Thing>(before, after, copy)).toBe(after);
        expect(mergeRecords<Thing>(before, copy, after)).toEqual(after);
        expect(mergeRecords<Thing>(before, after, structuredClone(after))).toEqual(after);
      }),
    );
  });

  test('nothing one side put there is lost, and nothing comes from nowhere', () => {
    fc.assert(
      fc.property(some, some, some, (before, mine, theirs) => {
        const merged = mergeRecords<Thing>(before, mine, theirs);
        if (!merged) throw new Error('it is gone');
        const ids = merged.rows.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const side of [mine, theirs]) {
          for (const { id } of side.rows) {
            if (!before.rows.some((one) => one.id === id)) expect(ids).toContain(id);
          }
        }
        for (const one of merged.rows) {
          const sources = [...mine.rows, ...theirs.rows].filter(({ id }) => id === one.id);
          expect(sources.map(({ amount }) => amount)).toContain(one.amount);
        }
        // merged once more with the same, no row moves
        const again = mergeRecords<Thing>(before, mine, merged);
        expect(sameValue(again?.rows, merged.rows)).toBe(true);
      }),
    );
  });
});
