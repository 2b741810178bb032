import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { bookOf, dip, trial } from '../../test/bookOf';
import { readBookFile } from '../book/readBookFile';
import { bookTable, tableKinds } from './bookTable';

const file = join(__dirname, '../../../web/public/sample-book.json');
const sample = readBookFile(readFileSync(file, 'utf8'));
const parsed = (text: string) => Papa.parse<Record<string, string>>(text.trim(), { header: true });

describe('tables of a book', () => {
  test.each(tableKinds)('%s: every row has every column, and nothing is torn', (kind) => {
    const { data, errors, meta } = parsed(bookTable(sample, kind));
    expect(errors).toEqual([]);
    for (const row of data) expect(Object.keys(row)).toEqual(meta.fields);
  });

  test('a row for each trial, reading and price there is', () => {
    expect(parsed(bookTable(sample, 'trials')).data).toHaveLength(sample.trials.size);
    const readings = [...sample.trials.values()].reduce((sum, one) => sum + one.readings.length, 0);
    expect(parsed(bookTable(sample, 'readings')).data).toHaveLength(readings);
    expect(parsed(bookTable(sample, 'prices')).data).toHaveLength(sample.prices.size);
    const marks = [...sample.tastings.values()].reduce((sum, one) => sum + one.marks.length, 0);
    expect(parsed(bookTable(sample, 'tastings')).data).toHaveLength(marks);
  });

  test('a trial by hand: what went in, its marks, its notes with commas, quotes and lines', () => {
    const notes = 'Bland, says “stroke”;\nmore "lemon"';
    const row = {
      ...{ ingredientId: 'tahini-hulled', planned: '2 tbsp', amount: '2 tbsp', massG: 30.26 },
      ...{ cv: 0.08, place: 'bowl' as const },
    };
    const book = bookOf(
      [dip('d', { name: 'A dip' })],
      [
        trial('t', 'd', {
          rows: [row, row],
          notes,
          tastes: { salt: 'short' },
          yieldG: 58,
          number: 3,
          madeBy: 'Cox',
        }),
      ],
    );
    expect(parsed(bookTable(book, 'trials')).data).toEqual([
      expect.objectContaining({
        ...{ dip: 'A dip', trial: '3', 'g in all': '60.5', 'g out': '58', salt: 'short', sour: '' },
        'made by': 'Cox',
        ...{ notes, 'what went in': '2 tbsp Tahini, hulled, light; 2 tbsp Tahini, hulled, light' },
      }),
    ]);
  });

  test('a cell that would be a formula is text', () => {
    const book = bookOf(
      [dip('d', { name: '=HYPERLINK("x")' })],
      [trial('t', 'd', { notes: '-1 spoon', changeNext: '@all' })],
    );
    const [row] = parsed(bookTable(book, 'trials')).data;
    expect(row).toMatchObject({
      dip: `'=HYPERLINK("x")`,
      notes: `'-1 spoon`,
      'change next': `'@all`,
    });
  });

  test('what is what in an open tasting is not told', () => {
    const [tasting] = sample.tastings.values();
    if (!tasting) throw new Error('there is one');
    const open = { ...sample, tastings: new Map([[tasting.id, { ...tasting, closedAt: null }]]) };
    const { data } = parsed(bookTable(open, 'tastings'));
    expect(data.length).toBeGreaterThan(0);
    expect(new Set(data.map((row) => row['sample']))).toEqual(new Set(['']));
  });
});
