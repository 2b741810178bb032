import { saysOnTop } from './placeOf';
import type { SaidAmount } from './amountAt';
import { foodCalled } from './foods';
import {
  between,
  isAlternative,
  isNegated,
  isOnTheWay,
  joiners,
  sameFood,
  turnedRound,
} from './foodsNamed';
import type { Larder } from '../larder/larder';
import type { FoodMention, Mentions } from './mentions';

/** One food of a line with the words and amounts that belong to it. */
export interface Segment {
  food: FoodMention;
  /** Words of it: from, past the last. */
  from: number;
  to: number;
  amounts: SaidAmount[];
  /** Others it may be, as the cook says: `or almond butter`. */
  others: FoodMention[];
  /** The line says one amount for several foods together. */
  shared?: number;
}

/**
 * The foods of a line, each with its own words and amounts.
 *
 * Amounts stand before their food, or after it where none stands before; one amount for several foods is for each where the line
 * says so, and is shared out else.
 */
export function segmentsOf(mentions: Mentions, larder: Larder): Segment[] {
  const { words, depth } = mentions;
  const all = turnedRound(mentions, larder).filter(({ from }) => !isNegated(mentions, from));
  const outside = all.filter(({ from }) => depth[from] === 0);
  const named = outside.length > 0 ? outside : all;
  const [first] = named;
  if (!first) return [];
  const foods: Segment[] = [];
  for (const mention of named) {
    const last = foods.at(-1);
    if (last && isAlternative(mentions, last.food, mention)) last.others.push(mention);
    else if (last && sameFood(last.food, mention)) last.to = mention.next;
    else if (!isOnTheWay(mentions, mention, first)) {
      foods.push({ food: mention, from: 0, to: words.lower.length, amounts: [], others: [] });
    }
  }
  for (const one of all) {
    if (depth[one.from] === 0 || named.includes(one)) continue;
    const opened = words.lower.lastIndexOf('(', one.from);
    if (words.lower[opened + 1] === 'or') foods.at(-1)?.others.push(one);
  }
  bound(mentions, foods);
  shareAmounts(mentions, foods);
  return withCarried(mentions, foods, larder);
}

/** Where one food's words end and the next one's begin: at its amount, else at the joint before it. */
function bound(mentions: Mentions, foods: Segment[]): void {
  const { words, amounts } = mentions;
  foods.forEach((segment, i) => {
    const before = foods[i - 1];
    if (!before) return;
    const own = amounts.find(
      ({ from, next }) => from >= before.food.next && next <= segment.food.from,
    );
    let at = own?.from ?? segment.food.from;
    if (!own) {
      let joint = segment.food.from - 1;
      while (joint > before.food.next && !joiners.has(words.lower[joint] ?? '')) joint -= 1;
      at = Math.max(joint, before.food.next);
    }
    segment.from = at;
    before.to = at;
  });
}

/** Hands each amount to its food. */
function shareAmounts(mentions: Mentions, foods: Segment[]): void {
  const { words, amounts } = mentions;
  const [first] = foods;
  if (!first) return;
  for (const amount of amounts) {
    const owner = foods.find(({ from, to }) => amount.from >= from && amount.from < to) ?? first;
    owner.amounts.push(amount);
  }
  if (foods.length === 1) return;
  const without = foods.filter((one) => one.amounts.length === 0);
  const last = foods.at(-1);
  const eachAt = words.lower.indexOf('each');
  // all foods, then all amounts
  if (last && without.length === foods.length - 1 && last.amounts.length === foods.length) {
    const trailing = [...last.amounts];
    if (trailing.every(({ from }) => from >= last.food.next)) {
      foods.forEach((one, i) => (one.amounts = trailing.slice(i, i + 1)));
      return;
    }
  }
  if (without.length === 0) return;
  const [given] = amounts;
  if (!given || amounts.length !== 1) return;
  const before = given.next <= first.food.from;
  const after = last !== undefined && given.from >= last.food.next;
  if (!before && !after) return;
  if (eachAt >= 0) for (const one of foods) one.amounts = [given];
  else {
    const plainJoint = !foods.some(
      (one, i) =>
        i > 0 && between(mentions, foods[i - 1]?.food.next ?? 0, one.food.from).includes('with'),
    );
    if (!plainJoint) return;
    for (const one of foods) [one.amounts, one.shared] = [[given], foods.length];
  }
}

const moreJoints = new Set(['+', 'plus', 'and', '&']);

/** `60 g walnuts + some for decoration`, `zest of 1 lemon + juice of 2`: more of the food before. */
function withCarried(mentions: Mentions, foods: Segment[], larder: Larder): Segment[] {
  const { words, depth } = mentions;
  return foods.flatMap((segment): Segment[] => {
    const joint = segment.amounts.findIndex(({ from, kind }, i) => {
      if (i === 0 || from < segment.food.next) return false;
      const lead = words.lower.slice(Math.max(0, from - 5), from);
      if (!lead.some((word) => moreJoints.has(word))) return false;
      const rest = words.stems.slice(from - 2, segment.to);
      if (saysOnTop(words.lower.slice(from, segment.to).join(' '))) return true;
      if (depth[from] !== 0) return false;
      return (
        kind === 'open' ||
        kind === 'little' ||
        (kind === 'count' && rest.some((word) => ['juice', 'zest'].includes(word)))
      );
    });
    const more = segment.amounts[joint];
    if (joint < 0 || !more) return [segment];
    let cut = more.from;
    while (cut > segment.food.next && !moreJoints.has(words.lower[cut] ?? '')) cut -= 1;
    // the juice of the fruit that was zested
    const part = ['juice', 'zest'].find((one) => words.stems.slice(cut, segment.to).includes(one));
    const food = part ? foodCalled(larder, `${segment.food.food.words[0] ?? ''} ${part}`) : null;
    const carried = food ? { ...segment.food, food } : segment.food;
    return [
      { ...segment, to: cut, amounts: segment.amounts.slice(0, joint) },
      { ...segment, food: carried, from: cut, amounts: [more], others: [] },
    ];
  });
}
