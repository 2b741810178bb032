import { readNumber } from '../amounts/readNumber';
import { tokens } from '../amounts/tokens';
import type { RuleSense } from '../mix/rule';

/** What a line says, before its phrases are looked up. */
export interface SaidRule {
  of: string;
  /** Left out for the whole dip. */
  to?: string | undefined;
  times: number;
  sense?: RuleSense;
}

const fixedTimes: Readonly<Record<string, number>> = { twice: 2, double: 2, thrice: 3, triple: 3 };

/** How many times is said: `twice`, `three times`, `a third`, `1.5 times`, `40 %`; NaN where it is no number. */
function timesOf(text: string): number {
  const plain = text
    .trim()
    .replace(/\s+times$/, '')
    .replace(/\s+(?:of|the)$/, '');
  const fixed = fixedTimes[plain];
  if (fixed !== undefined) return fixed;
  const share = /^(.*?)\s*(?:%|percent|per cent)$/.exec(plain);
  const list = tokens(share?.[1] ?? plain);
  const read = readNumber(list, 0);
  if (!read || read.next !== list.length) return NaN;
  return share ? read.value / 100 : read.value;
}

const senses: readonly (readonly [RegExp, RuleSense])[] = [
  [
    /\b(?:at least|no less than|not less than|never less than|never under|minimum(?: of)?|min\.?)\s+/,
    'atLeast',
  ],
  [
    /\b(?:at most|no more than|not more than|never more than|never over|up to|maximum(?: of)?|max\.?)\s+/,
    'atMost',
  ],
];

/** `no more pumpkin than pulse`: the sense stands around the thing. */
const comparing: readonly (readonly [RegExp, RuleSense])[] = [
  [/^(?:no|never|not)\s+(?:less|fewer)\s+(?<of>.+?)\s+than\s+(?<to>.+)$/, 'atLeast'],
  [/^(?:no|never|not)\s+more\s+(?<of>.+?)\s+than\s+(?<to>.+)$/, 'atMost'],
  [/^more\s+(?<of>.+?)\s+than\s+(?<to>.+)$/, 'atLeast'],
  [/^(?:less|fewer)\s+(?<of>.+?)\s+than\s+(?<to>.+)$/, 'atMost'],
];

const times = String.raw`(?:twice|double|thrice|triple|half|an?\s+\w+|\d[\d.,/]*(?:\s+times)?|\w+\s+(?:times|thirds|quarters))`;
const number = String.raw`(?:\d[\d.,/\s]*|half|one|two|three|four|five|a\s+\w+)`;
const kilo = String.raw`(?:a|per|to the|to a|for each|for every|in a|in the|for a|\/)\s*(?:1\s*)?(?<unit>kilo(?:gram)?|kg|1000\s*g|100\s*g)`;

/** Shapes of a line with a number in it, the surer before the looser. */
const shapes: readonly {
  pattern: RegExp;
  read: (groups: Record<string, string>) => SaidRule | null;
}[] = [
  {
    pattern: /^(?:(?<n>.+?)\s+)?as\s+(?:much|many)\s+(?<of>.+?)\s+as\s+(?<to>.+)$/,
    read: ({ n, of = '', to }) => ({ of, to, times: n === undefined ? 1 : timesOf(n) }),
  },
  {
    pattern: new RegExp(
      `^(?<of>.+?)\\s+(?:is\\s+|to be\\s+)?(?:(?<n>${times})\\s+)?as\\s+(?:much|many)\\s+as\\s+(?<to>.+)$`,
    ),
    read: ({ n, of = '', to }) => ({ of, to, times: n === undefined ? 1 : timesOf(n) }),
  },
  {
    pattern:
      /^(?:equal|the same|same)\s+(?:parts|amounts?|weights?|volumes?)?\s*(?:of\s+)?(?<of>.+?)\s+(?:and|as)\s+(?<to>.+)$/,
    read: ({ of = '', to }) => ({ of, to, times: 1 }),
  },
  {
    pattern: /^(?<of>.+?)\s+(?:and|as)\s+(?<to>.+?)\s+(?:are\s+)?(?:equal|the same)$/,
    read: ({ of = '', to }) => ({ of, to, times: 1 }),
  },
  {
    pattern: /^(?<of>.+?)\s*(?:=|\bequals?\b|\bthe same as\b|\bsame as\b)\s*(?<to>\D+)$/,
    read: ({ of = '', to }) => ({ of, to, times: 1 }),
  },
  {
    pattern: new RegExp(
      `^(?<a>${number})\\s+parts?\\s+(?:of\\s+)?(?<of>.+?)\\s+(?:to|and|for)\\s+(?<b>${number})\\s+parts?\\s+(?:of\\s+)?(?<to>.+)$`,
    ),
    read: ({ a = '', b = '', of = '', to }) => ({ of, to, times: timesOf(a) / timesOf(b) }),
  },
  {
    pattern:
      /^(?<a>\d[\d.,]*)\s*:\s*(?<b>\d[\d.,]*)\s+(?:of\s+)?(?<of>.+?)\s+(?:to|and)\s+(?<to>.+)$/,
    read: ({ a = '', b = '', of = '', to }) => ({ of, to, times: timesOf(a) / timesOf(b) }),
  },
  {
    pattern: new RegExp(
      `^(?<n>${number})\\s*g(?:rams?)?\\s+(?:of\\s+)?(?<of>.+?)\\s+${kilo}(?:\\s+of\\s+(?<to>.+))?$`,
    ),
    read: (groups) => rateOf(groups),
  },
  {
    pattern: new RegExp(
      `^(?<of>.+?)\\s*[:,=]?\\s+(?:is\\s+|to\\s+)?(?<n>${number})\\s*g(?:rams?)?\\s*${kilo}(?:\\s+of\\s+(?<to>.+))?$`,
    ),
    read: (groups) => rateOf(groups),
  },
  {
    pattern:
      /^(?<n>\d[\d.,]*\s*(?:%|percent|per cent))\s+(?:of\s+)?(?<of>.+?)(?:\s+(?:of|to)\s+(?<to>.+))?$/,
    read: ({ n = '', of = '', to }) => ({ of, to, times: timesOf(n) }),
  },
  {
    pattern:
      /^(?<of>.+?)\s*[:=]?\s+(?:is\s+|to\s+|at\s+)?(?<n>\d[\d.,]*\s*(?:%|percent|per cent))(?:\s+of\s+(?<to>.+))?$/,
    read: ({ n = '', of = '', to }) => ({ of, to, times: timesOf(n) }),
  },
  {
    pattern: new RegExp(
      `^(?<of>.+?)\\s*[:=]?\\s+(?:is\\s+|to\\s+|at\\s+)?(?<n>${number}(?:\\s+\\w+)?(?:\\s+times)?|twice|double)\\s+(?:of\\s+)?(?:the\\s+)(?<to>.+)$`,
    ),
    read: ({ n = '', of = '', to }) => ({ of, to, times: timesOf(n) }),
  },
  {
    pattern: new RegExp(
      `^(?<of>.+?)\\s*[:=]?\\s+(?:is\\s+|to\\s+|at\\s+)?(?<n>half|an?\\s+\\w+|two\\s+\\w+|three\\s+\\w+|\\d+\\s*\\/\\s*\\d+)\\s+of\\s+(?<to>.+)$`,
    ),
    read: ({ n = '', of = '', to }) => ({ of, to, times: timesOf(n) }),
  },
];

/** So many grams of it for every kilo, or hundred grams, of the whole or of something. */
function rateOf({ n = '', of = '', unit = '', to }: Record<string, string>): SaidRule {
  return { of, to, times: timesOf(n) / (/^100\s*g$/.test(unit) ? 100 : 1000) };
}

/** What a line says of a rule, its number read and its phrases as they stand; null where it says none. */
export function saidRule(text: string): SaidRule | null {
  for (const [pattern, sense] of comparing) {
    const groups = pattern.exec(text)?.groups;
    if (groups) return { of: groups['of'] ?? '', to: groups['to'], times: 1, sense };
  }
  let rest = text;
  let sense: RuleSense | undefined;
  for (const [pattern, one] of senses) {
    if (!pattern.test(rest)) continue;
    rest = rest.replace(pattern, '');
    sense = one;
    break;
  }
  for (const { pattern, read } of shapes) {
    const groups = pattern.exec(rest)?.groups;
    const said = groups ? read(groups) : null;
    if (said && Number.isFinite(said.times) && said.times > 0) {
      return sense ? { ...said, sense } : said;
    }
  }
  return null;
}
