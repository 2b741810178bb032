import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookOf, dip, trial } from '../../test/bookOf';
import { type Book, listedTables } from './book';
import { type Change, put, remove, withChanges } from './change';
import { nextClockTime } from './hybridClock';
import { joinBooks } from './joinBooks';
import { type Lineage, latestOf, type StampedBook, stampedBy, stampKey } from './stamp';

/** A copy of a book that is edited by itself. */
interface Copy extends StampedBook {
  name: string;
}

const began = (book: Book): StampedBook => ({
  book,
  lineage: { identity: 'book-one', stamps: new Map() },
});
const copyOf = ({ book, lineage }: StampedBook, name: string): Copy => ({ book, lineage, name });

/** A copy after changes, each stamped as the store does it. */
function changed(copy: Copy, changes: readonly Change[], nowMs = 0): Copy {
  const at = nextClockTime(latestOf(copy.lineage.stamps.values()), nowMs);
  const stamps = new Map(copy.lineage.stamps);
  for (const { table, id, after } of changes) {
    const key = stampKey(table, id);
    stamps.set(key, stampedBy(key, stamps.get(key), { copy: copy.name, at, gone: after === null }));
  }
  const lineage: Lineage = { identity: copy.lineage.identity, stamps };
  return { ...copy, lineage, book: withChanges(copy.book, changes) };
}

const told = (book: Book) =>
  Object.fromEntries(
    listedTables.map((table) => [
      table,
      [...(book[table] as ReadonlyMap<string, { id: string }>).values()].sort((a, b) =>
        a.id.localeCompare(b.id),
      ),
    ]),
  );
const stampsTold = ({ stamps }: Lineage) =>
  [...stamps.values()].sort((a, b) => a.id.localeCompare(b.id));

const base = began(
  bookOf(
    [dip('a'), dip('b'), dip('c')],
    [trial('t1', 'a'), trial('t2', 'a', { number: 2 }), trial('t3', 'b')],
  ),
);

/** Something a cook does to one of a few records. */
type Edit = { id: string; does: 'note' | 'away' | 'trial'; note: number };
const edit = (ids: readonly string[]): fc.Arbitrary<Edit> =>
  fc.record({
    id: fc.constantFrom(...ids),
    does: fc.constantFrom('note' as const, 'away' as const, 'trial' as const),
    note: fc.nat(9),
  });
const edited = (copy: Copy, edits: readonly Edit[]): Copy =>
  edits.reduce((one, { id, does, note }, i): Copy => {
    const own = one.book.dips.get(id);
    if (!own) return one;
    if (does === 'note') {
      return changed(one, [put('dips', { ...own, note: `${copy.name} ${note}` })]);
    }
    if (does === 'trial') {
      return changed(one, [put('trials', trial(`${copy.name}-${i}`, id, { number: 3 + i }))]);
    }
    const trials = [...one.book.trials.values()].filter(({ dipId }) => dipId === id);
    return changed(one, [remove('dips', id), ...trials.map((t) => remove('trials', t.id))]);
  }, copy);
const onPhone = (at: StampedBook, edits: readonly Edit[]) => edited(copyOf(at, 'phone'), edits);
const onLaptop = (at: StampedBook, edits: readonly Edit[]) => edited(copyOf(at, 'laptop'), edits);
const all = ['a', 'b', 'c'];
const several = (ids: readonly string[]) => fc.array(edit(ids), { maxLength: 6 });

describe('two copies of a book, each edited by itself', () => {
  test('what one changed comes over, what it threw away goes, and nothing is asked where no record was changed by both', () => {
    fc.assert(
      fc.property(several(['a', 'c']), several(['b']), (mine, theirs) => {
        const [phone, laptop] = [onPhone(base, mine), onLaptop(base, theirs)];
        const { book, conflicts } = joinBooks(phone, laptop);
        expect(conflicts).toEqual([]);
        for (const id of ['a', 'c']) expect(book.dips.get(id)).toEqual(phone.book.dips.get(id));
        expect(book.dips.get('b')).toEqual(laptop.book.dips.get('b'));
        const trialsOf = (one: Book, dips: string[]) =>
          [...one.trials.values()].filter(({ dipId }) => dips.includes(dipId)).map(({ id }) => id);
        expect(trialsOf(book, all).sort()).toEqual(
          [...trialsOf(phone.book, ['a', 'c']), ...trialsOf(laptop.book, ['b'])].sort(),
        );
        const turned = joinBooks(laptop, phone);
        expect(told(turned.book)).toEqual(told(book));
        expect(stampsTold(turned.lineage)).toEqual(stampsTold(joinBooks(phone, laptop).lineage));
      }),
    );
  });

  test('joined twice changes nothing and asks nothing, whatever was done', () => {
    fc.assert(
      fc.property(several(all), several(all), (mine, theirs) => {
        const [phone, laptop] = [onPhone(base, mine), onLaptop(base, theirs)];
        const once = joinBooks(phone, laptop);
        const twice = joinBooks(once, laptop);
        expect(told(twice.book)).toEqual(told(once.book));
        expect(twice).toMatchObject({ added: 0, taken: 0, gone: [], conflicts: [] });
        // and the laptop, joined to what came out, is that
        expect(told(joinBooks(laptop, once).book)).toEqual(told(once.book));
      }),
    );
  });

  test('no trial is lost but by whoever threw it away, and none is doubled', () => {
    fc.assert(
      fc.property(several(all), several(all), (mine, theirs) => {
        const [phone, laptop] = [onPhone(base, mine), onLaptop(base, theirs)];
        const { book } = joinBooks(phone, laptop);
        const made = new Set([phone, laptop].flatMap((one) => [...one.book.trials.keys()]));
        for (const id of made) {
          const away = [phone, laptop].some(
            ({ lineage }) => lineage.stamps.get(stampKey('trials', id))?.gone,
          );
          expect(book.trials.has(id) || away).toBe(true);
        }
        const numbers = [...book.trials.values()].map(({ dipId, number }) => `${dipId} ${number}`);
        expect(new Set(numbers).size).toBe(numbers.length);
        for (const { dipId } of book.trials.values()) expect(book.dips.has(dipId)).toBe(true);
      }),
    );
  });

  test('three copies come to the same in whatever order they meet, where each keeps to its own', () => {
    fc.assert(
      fc.property(several(['a']), several(['b']), several(['c']), (one, two, three) => {
        const [x, y] = [onPhone(base, one), onLaptop(base, two)];
        const z = edited(copyOf(base, 'tablet'), three);
        const left = joinBooks(joinBooks(x, y), z);
        const right = joinBooks(x, joinBooks(z, y));
        expect(told(left.book)).toEqual(told(right.book));
      }),
    );
  });
});

const noted = (copy: Copy, note: string): Copy => {
  const own = copy.book.dips.get('c');
  return own ? changed(copy, [put('dips', { ...own, note })]) : copy;
};
const [phone, laptop] = [copyOf(base, 'phone'), copyOf(base, 'laptop')];

describe('one record', () => {
  test('changed by both is asked, and once settled it is later than either', () => {
    const [mine, theirs] = [noted(phone, 'more lemon'), noted(laptop, 'less salt')];
    const settled = joinBooks(mine, theirs, () => 'second');
    expect(settled.conflicts).toEqual([
      { table: 'dips', id: 'c', field: 'note', first: 'more lemon', second: 'less salt' },
    ]);
    expect(settled).toMatchObject({ taken: 1, kept: 0 });
    const back = joinBooks(mine, settled);
    expect(back.conflicts).toEqual([]);
    expect(back.book.dips.get('c')?.note).toBe('less salt');
  });

  test('changed after the other’s change had come over is only later', () => {
    const theirs = noted(laptop, 'less salt');
    const here = noted(copyOf(joinBooks(phone, theirs), 'phone'), 'more lemon');
    const { book, conflicts, taken } = joinBooks(theirs, here);
    expect([conflicts, taken]).toEqual([[], 1]);
    expect(book.dips.get('c')?.note).toBe('more lemon');
  });

  test('thrown away by one and changed by the other stays, unless it is chosen to go', () => {
    const gone = changed(phone, [remove('dips', 'c')]);
    const kept = noted(laptop, 'less salt');
    const usual = joinBooks(gone, kept);
    expect(usual.conflicts).toEqual([
      { table: 'dips', id: 'c', field: 'gone', first: true, second: false },
    ]);
    expect(usual.book.dips.get('c')?.note).toBe('less salt');
    expect(joinBooks(kept, gone).book.dips.get('c')?.note).toBe('less salt');
    expect(joinBooks(gone, kept, () => 'first').book.dips.has('c')).toBe(false);
    // and gone it stays, for the one who kept it too
    const away = joinBooks(gone, kept, () => 'first');
    expect(joinBooks(kept, away)).toMatchObject({ gone: [{ table: 'dips', id: 'c' }] });
  });

  test('thrown away here and made a trial of there is back, and said', () => {
    const gone = changed(phone, [remove('dips', 'c')]);
    const made = changed(laptop, [put('trials', trial('new', 'c'))]);
    const { book, broughtBack, conflicts } = joinBooks(gone, made);
    expect([book.dips.has('c'), conflicts]).toEqual([true, []]);
    expect(broughtBack).toEqual([{ table: 'dips', id: 'c' }]);
    expect(joinBooks(made, gone).broughtBack).toEqual([{ table: 'dips', id: 'c' }]);
  });

  test('of two books that began apart is asked, even where only one has been changed since', () => {
    const other = { ...base, lineage: { identity: 'book-two', stamps: new Map() } };
    const theirs = noted(copyOf(other, 'laptop'), 'less salt');
    expect(joinBooks(phone, theirs).conflicts.map(({ field }) => field)).toEqual(['note']);
  });

  test('settings are those that are later, whoever joins whom', () => {
    const currency = (copy: Copy) =>
      changed(copy, [
        put('settings', {
          ...{ id: 'settings' as const, measures: 'us' as const, amountView: 'typed' as const },
          ...{ kit: { spoons: 'all' } as never, began: null, currency: '£' },
        }),
      ]);
    const theirs = currency(laptop);
    for (const { book, conflicts } of [joinBooks(phone, theirs), joinBooks(theirs, phone)]) {
      expect(book.settings.get('settings')?.currency).toBe('£');
      expect(conflicts).toEqual([]);
    }
  });
});

describe('the clock', () => {
  test('never runs back and stays with the clock on the wall where that is ahead', () => {
    const wall = Date.parse('2026-06-10T09:00:00.000Z');
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -5, max: 5 }), { minLength: 1 }), (steps) => {
        let last = '0';
        for (const step of steps) {
          const next = nextClockTime(last, wall + step);
          expect(next > last).toBe(true);
          expect(next >= new Date(wall + step).toISOString()).toBe(true);
          last = next;
        }
      }),
    );
    expect(nextClockTime('2026-06-10T09:00:00.000Z-00ff', wall)).toBe(
      '2026-06-10T09:00:00.000Z-0100',
    );
    expect(nextClockTime('2026-06-10T09:00:00.000Z-ffff', wall)).toBe(
      '2026-06-10T09:00:00.001Z-0000',
    );
  });
});
