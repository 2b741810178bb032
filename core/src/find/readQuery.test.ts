import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Filter, readQuery } from './readQuery';

const today = '2026-06-10';
const read = (text: string) => {
  const { words, filters } = readQuery(text, today);
  return [words, filters.map(({ filter }) => filter)] as const;
};
const days = (since: string, until: string): Filter[] => [
  { is: 'since', on: since },
  { is: 'until', on: until },
];

describe('a typed search', () => {
  test.each<[string, string, Filter[]]>([
    ['lemon hummus', 'lemon hummus', []],
    ['hummus without sesame', 'hummus', [{ is: 'without', what: 'sesame' }]],
    ['nut-free pesto', 'pesto', [{ is: 'without', what: 'nut' }]],
    ['hummus made by Cox', 'hummus', [{ is: 'by', who: 'cox' }]],
    ['pressed by hand', 'pressed by hand', []],
    [
      'trials too salty',
      '',
      [
        { is: 'marked', mark: 'salt over' },
        { is: 'kind', kind: 'trial' },
      ],
    ],
    [
      'short of garlic in May',
      '',
      [{ is: 'marked', mark: 'garlic short' }, ...days('2026-05-01', '2026-05-31')],
    ],
    [
      'dips scoops',
      '',
      [
        { is: 'kind', kind: 'dip' },
        { is: 'body', word: 'scoops' },
      ],
    ],
    ['watercress since March', 'watercress', [{ is: 'since', on: '2026-03-01' }]],
    ['sage yesterday', 'sage', days('2026-06-09', '2026-06-09')],
    ['sage last week', 'sage', [{ is: 'since', on: '2026-06-03' }]],
    ['capers until 2026-05-20', 'capers', [{ is: 'until', on: '2026-05-20' }]],
    ['2026-05-20', '', days('2026-05-20', '2026-05-20')],
    [
      'What did I change in Weir House hummus?',
      'Weir House hummus',
      [{ is: 'kind', kind: 'trial' }],
    ],
    // a month that has not begun this year is last year's; the last day of February is the 28th
    [
      'batches in December',
      '',
      [...days('2025-12-01', '2025-12-31'), { is: 'kind', kind: 'batch' }],
    ],
    ['in february 2027', '', days('2027-02-01', '2027-02-28')],
    // what only looks like a filter is looked for
    ['“scoops” with bread', 'with bread scoops', []],
    ['sour cream', 'sour cream', []],
    ['may', 'may', []],
  ])('%s', (text, words, filters) => {
    expect(read(text)).toEqual([words, filters]);
  });

  test('says which words a filter was read from', () => {
    const { filters } = readQuery('hummus free of sesame', today);
    expect(filters).toEqual([
      { filter: { is: 'without', what: 'sesame' }, said: 'free of sesame' },
    ]);
  });

  test('drops no word: each is looked for or stands in a filter; nothing makes it hang', () => {
    const word = fc.constantFrom(
      ...[
        'lemon',
        'too',
        'salty',
        'in',
        'May',
        'without',
        'sesame',
        'last',
        'week',
        'dips',
        'pours',
      ],
      ...['since', '2026-05-01', 'what', 'did', 'I', 'change', '-', 'é', '"', '“x”'],
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 9 }), (list) => {
        const text = list.join(' ');
        const { words, filters } = readQuery(text, today);
        const kept = `${words} ${filters.map(({ said }) => said).join(' ')}`.toLowerCase();
        for (const one of text
          .replace(/["“”„?!]/g, ' ')
          .toLowerCase()
          .split(/\s+/)) {
          expect(kept).toContain(one);
        }
      }),
    );
  });
});
