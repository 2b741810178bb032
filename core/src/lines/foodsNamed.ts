import type { Larder } from '../larder/larder';
import { foodCalled } from './foods';
import type { FoodMention, Mentions } from './mentions';

/** What stands between one food and the next. */
export const joiners = new Set(['and', '+', '&', 'plus', ',', ';', 'with', '-', ':', 'then', '/']);
const prepositions = new Set([
  'in',
  'into',
  'for',
  'over',
  'onto',
  'under',
  'on',
  'like',
  'as',
  'from',
  'of',
  'off',
  'by',
  'than',
]);
const negatives = new Set(['no', 'without', 'not', 'omit', 'skip', 'never', 'minus']);
/** Words of what comes off or out of a thing. */
const partsOf = new Set([
  'oil',
  'liquid',
  'water',
  'juice',
  'top',
  'green',
  'leaf',
  'brine',
  'zest',
  'stalk',
  'stem',
  'peel',
  'rind',
  'seed',
  'frond',
  'flesh',
  'pulp',
]);

/** The words from one place to another. */
export const between = ({ words }: Mentions, from: number, to: number) =>
  words.lower.slice(from, to);

/** `the oil from the sun-dried tomatoes`, `tops from a bunch of carrots`: one food, named back to front. */
export function turnedRound(mentions: Mentions, larder: Larder): FoodMention[] {
  const { foods, words, amounts } = mentions;
  const kept: FoodMention[] = [];
  const inAmount = (at: number) => amounts.some(({ from, next }) => at >= from && at < next);
  foods.forEach((mention) => {
    const previous = kept.at(-1);
    // back over `from the`, `of 1 bunch of`
    let at = mention.from - 1;
    while (
      at >= 0 &&
      (inAmount(at) ||
        ['the', 'of', 'from', 'a', 'an', 'your', 'off', 'in', 'my', 'jar', 'can', 'tin'].includes(
          words.lower[at] ?? '',
        ) ||
        [
          'fresh',
          'whole',
          'large',
          'small',
          'ripe',
          'medium',
          'big',
          'roasted',
          'roast',
          'charred',
        ].includes(words.lower[at] ?? ''))
    )
      at -= 1;
    const linked = between(mentions, at + 1, mention.from).some((word) =>
      ['from', 'of', 'off', 'in'].includes(word),
    );
    const stem = words.stems[at] ?? '';
    // zest and juice of one fruit are two foods
    const both =
      ['juice', 'zest'].includes(words.stems[at - 2] ?? '') &&
      joiners.has(words.lower[at - 1] ?? '');
    if (linked && partsOf.has(stem) && at >= 0 && !both) {
      const name = mention.food.words.join(' ');
      const before = words.stems[at - 1] ?? '';
      const can = ['can', 'tin', 'jar'].includes(words.stems[mention.next] ?? '') ? ' can' : '';
      const tries = [
        `${name}${can} ${before} ${stem}`,
        `${name} ${before} ${stem}`,
        `${name}${can} ${stem}`,
        `${name} ${stem}`,
      ];
      const whole = tries.map((one) => foodCalled(larder, one)).find((one) => one !== null);
      const from = previous && previous.next === at + 1 ? previous.from : at;
      if (previous && previous.from === from && whole) kept.pop();
      if (whole) {
        const { strange: _strange, ...rest } = mention;
        kept.push({ ...rest, from, food: whole });
        return;
      }
      if (stem !== 'leaf' && !previous) {
        kept.push({ ...mention, strange: stem });
        return;
      }
    }
    kept.push(mention);
  });
  return kept;
}

/** Whether a food is named to say it is left out. */
export function isNegated({ words }: Mentions, from: number): boolean {
  for (let at = from - 1; at >= Math.max(0, from - 3); at -= 1) {
    const word = words.lower[at] ?? '';
    if (word === 'more' || word === 'nos') return false;
    if (negatives.has(word) && !(word === 'no' && words.tokens[at - 1]?.kind === 'number'))
      return true;
    if (word === 'out' && words.lower[at - 1] === 'leave') return true;
    if (words.tokens[at]?.kind !== 'word') return false;
  }
  return false;
}

/** Foods that are named on the way and go in nowhere: `poached in oil`, `for the chickpea dip`. */
export function isOnTheWay(mentions: Mentions, mention: FoodMention, first: FoodMention): boolean {
  if (mention === first) return false;
  const { words, amounts } = mentions;
  let at = mention.from - 1;
  for (; at >= first.next && words.tokens[at]?.kind === 'word'; at -= 1) {
    const own = amounts.find(({ from, next }) => at >= from && at < next);
    // a little oil it is fried in is none of the dip's
    if (own)
      return own.kind === 'little' && ['with', 'in'].includes(words.lower[own.from - 1] ?? '');
    if (joiners.has(words.lower[at] ?? '') || prepositions.has(words.lower[at] ?? '')) break;
  }
  if (amounts.some(({ from, next }) => at >= from && at < next)) return false;
  const word = words.lower[at] ?? '';
  if (prepositions.has(word)) return true;
  if (word === 'with') return true;
  return words.tokens[at]?.text === '(';
}

/** Between two foods stands only `or`. */
export function isAlternative(
  mentions: Mentions,
  before: FoodMention,
  mention: FoodMention,
): boolean {
  const middle = between(mentions, before.next, mention.from);
  if (middle.includes('or') && !middle.includes('and')) {
    const amount = mentions.amounts.find(({ from }) => from >= before.next && from < mention.from);
    return !amount || middle.indexOf('or') >= 0;
  }
  return middle.includes('half') && middle.includes('can') && middle.includes('be');
}

/** Whether two names stand for one thing. */
export const sameFood = (one: FoodMention, other: FoodMention) =>
  one.food.forms.length === 1 &&
  other.food.forms.length === 1 &&
  one.food.forms[0]?.ids[0] === other.food.forms[0]?.ids[0];
