import { type BodyWord, bodyWords } from '../mix/bodyWords';
import type { Taste, Verdict } from '../readings/tastes';
import type { FoundKind, MarkKey } from './searchDocument';

/** Something a typed search was understood to ask for, beside its words. */
export type Filter =
  | { is: 'kind'; kind: FoundKind }
  | { is: 'without'; what: string }
  | { is: 'by'; who: string }
  | { is: 'body'; word: BodyWord }
  | { is: 'marked'; mark: MarkKey }
  | { is: 'since'; on: string }
  | { is: 'until'; on: string };

/** A filter with the words it was read from, so that it can be shown and taken away. */
export interface ReadFilter {
  filter: Filter;
  said: string;
}

/** A search as it was understood. */
export interface Query {
  /** What is left to be looked for in words. */
  words: string;
  filters: readonly ReadFilter[];
}

const kindWords: readonly (readonly [RegExp, FoundKind])[] = [
  [/^(dips?|recipes?)$/i, 'dip'],
  [/^(trials?)$/i, 'trial'],
  [/^(swaps?|swapped)$/i, 'swap'],
  [/^(batch|batches|jars?)$/i, 'batch'],
  [/^(tastings?|panels?)$/i, 'tasting'],
  [/^(days?|plans?)$/i, 'plan'],
];

const tasteWords: Readonly<Record<string, Taste>> = {
  salt: 'salt',
  salty: 'salt',
  sour: 'sour',
  sharp: 'sour',
  garlic: 'garlic',
  garlicky: 'garlic',
  bitter: 'bitter',
  sweet: 'sweet',
  hot: 'heat',
  heat: 'heat',
  smoky: 'smoke',
  smoke: 'smoke',
};
const tasteNames = Object.keys(tasteWords).join('|');

const months = [
  ...['january', 'february', 'march', 'april', 'may', 'june'],
  ...['july', 'august', 'september', 'october', 'november', 'december'],
];

const two = (value: number) => String(value).padStart(2, '0');
const dayOf = (date: Date) =>
  `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
const daysBack = (today: string, days: number) => {
  const [year = 0, month = 1, day = 1] = today.split('-').map(Number);
  return dayOf(new Date(year, month - 1, day - days, 12));
};

/** The first and the last day of a month; the latest such month that has begun where no year is said. */
function monthDays(name: string, year: number | null, today: string): [string, string] | null {
  const at = months.findIndex((month) => month === name || month.slice(0, 3) === name);
  if (at < 0) return null;
  const [thisYear = 0, thisMonth = 1] = today.split('-').map(Number);
  const of = year ?? (at + 1 > thisMonth ? thisYear - 1 : thisYear);
  return [`${of}-${two(at + 1)}-01`, dayOf(new Date(of, at + 1, 0, 12))];
}

/** Filters in a text, and what of it they were read from. */
type Reader = (match: RegExpExecArray, today: string) => Filter[];

const verdictOf = (word: string): Verdict =>
  /^(too|over)/i.test(word) ? 'over' : /^(right|just)/i.test(word) ? 'right' : 'short';

const monthName = months.map((month) => `${month}|${month.slice(0, 3)}`).join('|');

const readers: readonly (readonly [RegExp, Reader])[] = [
  [
    /\b(?:without|free of|free from|but no) ([\p{L}-]+(?: (?:nuts?|milk|butter))?)/iu,
    ([, what = '']) => [{ is: 'without', what: what.toLowerCase() }],
  ],
  [/\b([\p{L}-]+)[- ]free\b/iu, ([, what = '']) => [{ is: 'without', what: what.toLowerCase() }]],
  [/\b(?:made|tasted) by ([\p{L}-]+)/iu, ([, who = '']) => [{ is: 'by', who: who.toLowerCase() }]],
  [
    new RegExp(`\\b(too|over|short of|right) (${tasteNames})\\b`, 'i'),
    ([, how = '', taste = '']) => {
      const of = tasteWords[taste.toLowerCase()];
      return of ? [{ is: 'marked', mark: `${of} ${verdictOf(how)}` }] : [];
    },
  ],
  [/\b(?:since|after|from) (\d{4}-\d{2}-\d{2})\b/i, ([, on = '']) => [{ is: 'since', on }]],
  [/\b(?:until|before|up to) (\d{4}-\d{2}-\d{2})\b/i, ([, on = '']) => [{ is: 'until', on }]],
  [
    /\b(?:on )?(\d{4}-\d{2}-\d{2})\b/i,
    ([, on = '']) => [
      { is: 'since', on },
      { is: 'until', on },
    ],
  ],
  [
    /\b(?:today|yesterday)\b/i,
    ([word = ''], today) => {
      const on = /today/i.test(word) ? today : daysBack(today, 1);
      return [
        { is: 'since', on },
        { is: 'until', on },
      ];
    },
  ],
  [
    /\b(?:(?:in|over) the )?last (week|month|year)\b/i,
    ([, length = ''], today) => {
      const days = { week: 7, month: 31, year: 366 }[length.toLowerCase()] ?? 7;
      return [{ is: 'since', on: daysBack(today, days) }];
    },
  ],
  [
    new RegExp(`\\bsince (${monthName})(?: (\\d{4}))?\\b`, 'i'),
    ([, name = '', year], today) => {
      const days = monthDays(name.toLowerCase(), year === undefined ? null : Number(year), today);
      return days ? [{ is: 'since', on: days[0] }] : [];
    },
  ],
  [
    new RegExp(`\\bin (${monthName})(?: (\\d{4}))?\\b`, 'i'),
    ([, name = '', year], today) => {
      const days = monthDays(name.toLowerCase(), year === undefined ? null : Number(year), today);
      if (!days) return [];
      return [
        { is: 'since', on: days[0] },
        { is: 'until', on: days[1] },
      ];
    },
  ],
];

const quotes = /["“”„]([^"“”„]*)["“”]/g;

/** Single words that are a filter by themselves. */
function filterOfWord(word: string): Filter | null {
  const body = bodyWords.find((one) => one === word.toLowerCase());
  if (body) return { is: 'body', word: body };
  const kind = kindWords.find(([pattern]) => pattern.test(word))?.[1];
  return kind ? { is: 'kind', kind } : null;
}

/**
 * Reads a typed search: filters where it says so in kitchen words, and what is left as words to look for. Nothing is dropped: every word is
 * either looked for or stands in a filter that is shown; what is in quotes is only ever looked for.
 *
 * @param today `2026-05-06`, where the cook is
 */
export function readQuery(text: string, today: string): Query {
  const filters: ReadFilter[] = [];
  const quoted = [...text.matchAll(quotes)].map(([, inside = '']) => inside.trim());
  let rest = text.replace(quotes, ' ').replace(/[?!]/g, ' ').replace(/\s+/g, ' ').trim();
  const asked = /^what did i (?:change|swap) in\s+/i.exec(rest);
  if (asked) {
    filters.push({ filter: { is: 'kind', kind: 'trial' }, said: asked[0].trim() });
    rest = rest.slice(asked[0].length);
  }
  for (const [pattern, read] of readers) {
    for (let match = pattern.exec(rest); match; match = pattern.exec(rest)) {
      const found = read(match, today);
      if (found.length === 0) break;
      for (const filter of found) filters.push({ filter, said: match[0] });
      rest = `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}`;
    }
  }
  const words = rest.split(/\s+/).filter((word) => {
    const filter = filterOfWord(word);
    if (filter) filters.push({ filter, said: word });
    return !filter && word !== '';
  });
  return { words: [...words, ...quoted].join(' ').trim(), filters };
}
