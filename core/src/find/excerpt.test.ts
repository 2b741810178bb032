import { describe, expect, test } from '@jest/globals';
import { excerptOf } from './excerpt';
import type { SearchDocument } from './searchDocument';

const document = (change: Partial<SearchDocument>): SearchDocument => ({
  ...{ key: 'dip a', kind: 'dip', id: 'a', dipId: 'a', title: 'A dip', things: '', notes: '' },
  ...{ people: '', on: '', body: null, marks: [], allergens: [] },
  ...change,
});

describe('the words around a match', () => {
  test('are those before, it, and those after', () => {
    const one = document({ notes: 'Bland, says stroke. More lemon next time.' });
    expect(excerptOf(one, ['lemon'])).toEqual([
      'Bland, says stroke. More ',
      'lemon',
      ' next time.',
    ]);
  });

  test('are cut where they are long, and say so', () => {
    const long = `${'one two three '.repeat(10)}capers ${'four five '.repeat(10)}`;
    const [before = '', hit, after = ''] = excerptOf(document({ notes: long }), ['caper']) ?? [];
    expect(hit).toBe('caper');
    expect(before).toMatch(/^…/);
    expect(before).toHaveLength(49);
    expect(after).toMatch(/^s .*…$/);
  });

  test('are of what is in it where no note has it, and nothing where only the title does', () => {
    expect(excerptOf(document({ things: 'Sage, Butter beans' }), ['sage'])).toEqual([
      '',
      'Sage',
      ', Butter beans',
    ]);
    expect(excerptOf(document({ title: 'Sage dip' }), ['sage'])).toBeNull();
  });
});
