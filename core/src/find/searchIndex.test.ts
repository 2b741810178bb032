import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bookOf, dip, trial } from '../../test/bookOf';
import { shippedLarder } from '../larder/larder';
import type { TrialRow } from '../book/trialRow';
import { bookDocuments } from './bookDocuments';
import type { Filter } from './readQuery';
import type { SearchDocument } from './searchDocument';
import { SearchIndex } from './searchIndex';

const rows = (...ids: string[]): TrialRow[] =>
  ids.map((ingredientId) => ({
    ...{
      ingredientId,
      planned: '10 g',
      amount: '10 g',
      massG: 10,
      cv: 0.01,
      place: 'bowl' as const,
    },
  }));
const dipRows = (...ids: string[]) =>
  ids.map((ingredientId, i) => ({
    ...{ id: `r${i}`, ingredientId, amount: '10 g', place: 'bowl' as const, prep: '', hold: false },
  }));

const book = bookOf(
  [
    dip('hummus', {
      name: 'Weir House hummus',
      rows: dipRows('tahini-hulled', 'chickpeas-canned-drained', 'garlic-raw'),
      nextThing: 'a little more lemon',
    }),
    dip('sage', {
      name: 'Butter bean and sage',
      rows: dipRows('butter-beans-cooked', 'sage'),
      note: 'The bow likes it best.',
      source: 'from the cox',
    }),
    dip('pesto', {
      name: 'Watercress pesto',
      rows: dipRows('watercress', 'hazelnut', 'parmesan-style'),
    }),
  ],
  [
    trial('t1', 'hummus', {
      ...{ rows: rows('tahini-hulled', 'chickpeas-canned-drained'), notes: 'Bland, says stroke.' },
      ...{ tastes: { salt: 'short' }, madeAt: '2026-05-10T10:00:00.000Z', number: 1 },
    }),
    trial('t2', 'hummus', {
      ...{ rows: rows('sunflower-butter', 'chickpeas-canned-drained'), notes: '', number: 2 },
      ...{ tastes: { salt: 'over' }, madeAt: '2026-06-02T10:00:00.000Z', madeBy: 'Three' },
      readings: [
        {
          ...{ taken: { eye: 'scoops' as const }, atC: null, when: 'machine' as const },
          ...{ takenAt: '2026-06-02T10:10:00.000Z', leftOut: false },
        },
      ],
    }),
  ],
);
const words = { larder: shippedLarder, bodyOf: () => 'scoops' as const };
const index = new SearchIndex();
beforeAll(() => index.put(bookDocuments(book, words)));

const found = (text: string, ...filters: Filter[]) =>
  index
    .search(text, filters)
    .filter(({ some }) => !some)
    .map(({ key }) => key);

describe('a book looked through', () => {
  test('by name, by what is in it, by what was noted, by who', () => {
    expect(found('sage')[0]).toBe('dip sage');
    expect(found('hazelnut')).toEqual(['dip pesto']);
    expect(found('bland')).toEqual(['trial t1']);
    expect(found('cox')).toEqual(['dip sage']);
    expect(found('', { is: 'by', who: 'three' })).toEqual(['trial t2']);
    expect(found('hummus')[0]).toBe('dip hummus');
  });

  test('with letters wrong, missing, of another case and without their marks; all words must be there', () => {
    expect(found('hazlenut')).toEqual(['dip pesto']);
    expect(found('watercres PESTO')).toEqual(['dip pesto']);
    expect(found('butter bean hazelnut')).toEqual([]);
    expect(found('chickpea').length).toBeGreaterThan(2);
    expect(found('zzzz')).toEqual([]);
  });

  test('little words of a question are not looked for', () => {
    expect(found('what did the bow like of the sage')).toEqual(found('bow like sage'));
    expect(found('the watercress with the hazelnuts')).toEqual(['dip pesto']);
    expect(found('what is the')).toEqual([]);
  });

  test('without an allergen, by any of its family, or without a thing', () => {
    const without = (what: string) => found('', { is: 'without', what }).sort();
    expect(without('sesame')).toEqual(['dip pesto', 'dip sage', 'trial t2']);
    expect(without('nuts')).toEqual(['dip hummus', 'dip sage', 'trial t1', 'trial t2']);
    expect(without('dairy')).not.toContain('dip pesto');
    expect(without('garlic')).not.toContain('dip hummus');
    expect(without('chickpeas')).toEqual(['dip pesto', 'dip sage']);
  });

  test('by mark, day, body and kind, the latest first where there are no words', () => {
    expect(found('', { is: 'marked', mark: 'salt over' })).toEqual(['trial t2']);
    expect(found('', { is: 'kind', kind: 'trial' })).toEqual(['trial t2', 'trial t1']);
    expect(
      found('hummus', { is: 'kind', kind: 'trial' }, { is: 'since', on: '2026-06-01' }),
    ).toEqual(['trial t2']);
    expect(found('', { is: 'until', on: '2026-05-10' }, { is: 'kind', kind: 'trial' })).toEqual([
      'trial t1',
    ]);
    expect(found('', { is: 'body', word: 'scoops' }, { is: 'kind', kind: 'trial' })).toEqual([
      'trial t2',
    ]);
    expect(found('')).toEqual([]);
  });

  test('what is gone is not found, what has changed is found as it is now', () => {
    const own = new SearchIndex();
    const documents = bookDocuments(book, words);
    own.put(documents);
    own.remove(['dip sage', 'no such']);
    expect(own.search('sage', [])).toEqual([]);
    const changed = { ...(documents[0] as SearchDocument), title: 'Lockside hummus' };
    own.put([changed]);
    expect(own.search('lockside', []).map(({ key }) => key)).toEqual(['dip hummus']);
    expect(own.search('weir house', []).map(({ key }) => key)).not.toContain('dip hummus');
  });

  test('a record that has not changed is the same document, another dip’s name makes its trials anew', () => {
    const [once, again] = [bookDocuments(book, words), bookDocuments(book, words)];
    again.forEach((document, i) => expect(document).toBe(once[i]));
    const dips = new Map(book.dips);
    dips.set('hummus', { ...(book.dips.get('hummus') ?? dip('hummus')), name: 'Another' });
    const renamed = bookDocuments({ ...book, dips }, words);
    expect(renamed.find(({ key }) => key === 'trial t1')?.title).toBe('Another, trial 1');
    expect(renamed.find(({ key }) => key === 'dip sage')).toBe(
      once.find(({ key }) => key === 'dip sage'),
    );
  });

  test('where nothing has all the words, what has some is found and said to have only those', () => {
    expect(index.search('sage', []).every(({ some }) => some === undefined)).toBe(true);
    const found = index.search('sage zzyzzyvax', []);
    expect(found.map(({ key }) => key)).toContain('dip sage');
    expect(found.every(({ some }) => some === true)).toBe(true);
    expect(index.search('zzyzzyvax', [])).toEqual([]);
  });

  test('whatever is typed, it answers', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40, unit: 'grapheme' }), (text) => {
        expect(Array.isArray(index.search(text, []))).toBe(true);
      }),
    );
  });
});
