import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookOf, dip, trial } from '../../test/bookOf';
import { type Book, tableNames } from '../book/book';
import { withChanges } from '../book/change';
import { readBookFile } from '../book/readBookFile';
import { bookTable, type TableKind, tableKinds } from './bookTable';
import { readTable, readTableFile } from './readTable';
import { likelyKind, matchColumns } from './tableColumns';

const file = join(__dirname, '../../../web/public/sample-book.json');
const sample = readBookFile(readFileSync(file, 'utf8'));
let ids = 0;
const by = { newId: () => `new-${(ids += 1)}`, today: '2027-06-12' };

/** A text taken into a book by the columns it is headed with. */
function taken(book: Book, kind: TableKind, text: string) {
  const table = readTableFile(text);
  const read = readTable(book, kind, table, matchColumns(table.headers, kind), by);
  return { ...read, after: withChanges(book, read.changes) };
}

describe('tables of a book, read again', () => {
  test.each(tableKinds)('%s: its own table says nothing new and nothing wrong', (kind) => {
    const text = bookTable(sample, kind);
    const read = taken(sample, kind, text);
    expect(read.faults).toEqual([]);
    expect(read.changes).toEqual([]);
    expect(read.same).toBe(readTableFile(text).lines.length);
    expect(likelyKind(readTableFile(text).headers)).toBe(kind);
  });

  test('prices, stock and readings come back as they were into a book without them', () => {
    const without = {
      ...sample,
      prices: new Map(),
      stock: new Map(),
      trials: new Map([...sample.trials].map(([id, one]) => [id, { ...one, readings: [] }])),
    };
    const stock = bookOf([]);
    const house: Book = {
      ...stock,
      stock: new Map([
        ['tahini-hulled', { id: 'tahini-hulled', amount: '1 jar', useBy: null }],
        ['parsley', { id: 'parsley', amount: '1 bunch', useBy: '2027-06-14' }],
      ]),
    };
    const prices = taken(without, 'prices', bookTable(sample, 'prices')).after.prices;
    const plain = (book: Pick<Book, 'prices'>) =>
      [...book.prices.values()]
        .map(({ id: _id, ...one }) => ({ ...one, forG: one.forG.toFixed(3) }))
        .sort((a, b) => `${a.on}${a.ingredientId}`.localeCompare(`${b.on}${b.ingredientId}`));
    expect(plain({ prices })).toEqual(plain(sample));
    expect(taken(stock, 'stock', bookTable(house, 'stock')).after.stock).toEqual(house.stock);
    const read = taken(without, 'readings', bookTable(sample, 'readings')).after.trials;
    const readings = (book: Pick<Book, 'trials'>) =>
      [...book.trials.values()].map(({ id, readings: all }) => [
        id,
        all.map(({ after: _after, ...one }) => one),
      ]);
    expect(readings({ trials: read })).toEqual(readings(sample));
  });

  test('trials come back with what went in, its grams, marks and notes', () => {
    const [first] = [...sample.trials.values()];
    if (!first) throw new Error('the sample book has trials');
    const without = { ...sample, trials: new Map() };
    const read = taken(without, 'trials', bookTable(sample, 'trials'));
    expect(read.faults).toEqual([]);
    expect(read.taken).toBe(sample.trials.size);
    const again = [...read.after.trials.values()].find(
      ({ dipId, number }) => dipId === first.dipId && number === first.number,
    );
    expect(again).toMatchObject({
      ...{ tastes: first.tastes, yieldG: first.yieldG, notes: first.notes },
      madeAt: expect.stringContaining(first.madeAt.slice(0, 10)),
    });
    expect(again?.rows.map(({ ingredientId }) => ingredientId)).toEqual(
      first.rows.map(({ ingredientId }) => ingredientId),
    );
    const own = (rows: readonly { massG: number }[]) =>
      rows.reduce((sum, one) => sum + one.massG, 0);
    expect(own(again?.rows ?? []) / own(first.rows)).toBeCloseTo(1, 2);
  });
});

const kitchen = bookOf([dip('d', { name: 'Weir House hummus' })], [trial('t', 'd')]);

describe('a table of another program', () => {
  test('with semicolons, its own headings, decimal commas and a name instead of an id', () => {
    const text =
      'Food;Paid;Pack;Where;Date\nTahini, hulled, light;4,50;300 g;lock stall;2027-05-30\n';
    const read = taken(kitchen, 'prices', text);
    expect(read).toMatchObject({ taken: 1, faults: [] });
    expect([...read.after.prices.values()]).toMatchObject([
      {
        ingredientId: 'tahini-hulled',
        price: 4.5,
        forG: 300,
        shop: 'lock stall',
        on: '2027-05-30',
      },
    ]);
  });

  test('a line that can’t be taken is named and takes no other with it', () => {
    const text = [
      'ingredient,amount,use by',
      'tahini-hulled,1 jar,2027-02-30',
      '"a thing\nof two lines",1 cup,',
      'salt-fine,1 kg,',
      'parsley,1 bunch,2027-06-14',
    ].join('\n');
    const read = taken(kitchen, 'stock', text);
    expect(read.taken).toBe(1 + Number(read.after.stock.has('salt-fine')));
    expect(read.faults[0]).toEqual({
      line: 2,
      says: 'use by “2027-02-30” is no day such as 2026-06-14.',
    });
    expect(read.faults[1]).toMatchObject({ line: 3 });
    expect(read.after.stock.get('parsley')?.useBy).toBe('2027-06-14');
  });

  test('a column that is needed and not there is said, and nothing is taken', () => {
    const read = taken(kitchen, 'prices', 'ingredient,for\ntahini-hulled,300 g\n');
    expect(read).toMatchObject({
      ...{ changes: [], taken: 0 },
      faults: [{ line: 1, says: 'No column is “price”.' }],
    });
  });

  test('what went into a trial is read as a cook writes it; what is in doubt is asked and not guessed', () => {
    const head = 'dip,what went in,notes';
    const good = taken(
      kitchen,
      'trials',
      `${head}\nWeir House hummus,400 g cooked chickpeas; 2 tbsp tahini; 30 ml lemon juice,bland\n`,
    );
    expect(good.faults).toEqual([]);
    const [made] = good.changes;
    expect(made?.after).toMatchObject({ number: 2, notes: 'bland' });
    expect((made?.after as { rows: { massG: number }[] }).rows[0]?.massG).toBe(400);
    const doubtful = taken(kitchen, 'trials', `${head}\nWeir House hummus,1 tsp coriander,\n`);
    expect(doubtful.taken).toBe(0);
    expect(doubtful.faults[0]?.says).toContain('coriander');
  });

  test('an ingredient that is new must say what it is like, and has its allergens unless it says its own', () => {
    const text = 'name,like,fatG\nWeir tahini,tahini-hulled,60\nLock paste,,50\n';
    const read = taken(kitchen, 'larder', text);
    expect(read.after.larder.get('weir-tahini')).toEqual({
      ...{ id: 'weir-tahini', like: 'tahini-hulled', name: 'Weir tahini', fatG: 60 },
    });
    expect(read.faults).toEqual([
      { line: 3, says: '“Lock paste” is new: say in a column “like” what it is like.' },
    ]);
  });

  test('a table can say that an allergen is in something, and never that one is not', () => {
    const text = [
      'id,name,like,allergens',
      ',Weir tahini,tahini-hulled,milk',
      'tahini-hulled,"Tahini, hulled, light",,milk',
    ].join('\n');
    const { larder } = taken(kitchen, 'larder', text).after;
    for (const id of ['weir-tahini', 'tahini-hulled']) {
      expect(larder.get(id)?.allergens).toEqual(['sesame', 'milk']);
    }
  });

  test('marks with a note of several lines are taken, each on its own line of the table', () => {
    const marked = [...sample.tastings.values()].find(
      ({ kind, seats }) => kind === 'each' && seats.length > 1,
    );
    if (!marked) throw new Error('the sample book has a tasting');
    const [one, other] = marked.seats;
    const row = (seat: typeof one, note: string) =>
      `${marked.name},${seat?.name ?? ''},${seat?.order[0] ?? ''},5,"${note}"`;
    const text = [
      'tasting,taster,pot,liking,note',
      row(one, 'thin\nand sharp'),
      row(other, 'good'),
    ].join('\n');
    const closed = taken(sample, 'tastings', text);
    expect(closed).toMatchObject({ taken: 0, same: 0, changes: [] });
    expect(closed.faults[0]?.says).toContain('is closed');
    const open = {
      ...sample,
      tastings: new Map(sample.tastings).set(marked.id, { ...marked, closedAt: null }),
    };
    const read = taken(open, 'tastings', text);
    expect(read).toMatchObject({ taken: 2, faults: [] });
    const notes = read.after.tastings.get(marked.id)?.marks.map(({ note }) => note);
    expect(notes).toEqual(expect.arrayContaining(['thin\nand sharp', 'good']));
  });

  test('a trial that is there takes notes and marks, and keeps what went in', () => {
    const read = taken(
      kitchen,
      'trials',
      'dip,trial,salt,notes,what went in\nWeir House hummus,1,over,too salty,\nWeir House hummus,1,,,2 cups Water\n',
    );
    expect(read.after.trials.get('t')).toMatchObject({
      tastes: { salt: 'over' },
      notes: 'too salty',
      rows: [{ amount: '1 cup' }],
    });
    expect(read.faults).toMatchObject([{ line: 3 }]);
  });

  test('anything at all is a table, or is said to be none; nothing is thrown but a sentence', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...tableKinds),
        fc.string({ maxLength: 200, unit: 'binary' }),
        fc.nat(),
        (kind, noise, at) => {
          const own = bookTable(kitchen, kind);
          const spot = at % (own.length + 1);
          const text = own.slice(0, spot) + noise + own.slice(spot);
          try {
            const { after, faults } = taken(kitchen, kind, text);
            for (const { says } of faults) expect(says).toMatch(/[.!?…”]$|^.{3,}/);
            for (const table of tableNames) expect(after[table].size).toBeGreaterThanOrEqual(0);
          } catch (error) {
            expect(error).toBeInstanceOf(RangeError);
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});
