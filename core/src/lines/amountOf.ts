import type { Measure } from '../amounts/amount';
import { massUnitsG } from '../amounts/amount';
import type { MeasureSystem } from '../amounts/measureSystem';
import type { Ingredient } from '../larder/ingredient';
import type { SaidAmount } from './amountAt';
import type { FoodForm } from './foods';
import type { LineWords } from './lineWords';
import type { Mentions } from './mentions';
import { shareAfter } from './numberSpan';
import { containers, pieceUnits, sizeOf } from './measureWords';
import type { Segment } from './segments';
import { type Basis, settle, type Settled, settleSum } from './settleAmount';

/** The amount of one food: settled, perhaps with a doubt; left open; or not to be settled. */
export type FoodAmount =
  { settled: Settled; doubt?: string } | { open: true } | { problem: string };

/** Two ways of saying one amount may differ by this much before it is asked which is right. */
const mostApart = 1.55;

const isWeight = ({ kind, measure }: SaidAmount) =>
  kind === 'measure' && measure.unit in massUnitsG;
const timesMeasure = (measure: Measure, by: Measure): Measure => ({
  ...measure,
  value: measure.value * by.value,
  low: measure.low * by.low,
  high: measure.high * by.high,
});

/** The words around an amount: its brackets, or up to the commas. */
function around({ tokens, lower }: LineWords, { from, next }: SaidAmount): string[] {
  let start = from;
  let end = next;
  const stops = (at: number) => tokens[at]?.kind === 'sign' && /[,;()[\]+]/.test(lower[at] ?? '');
  while (start > 0 && !stops(start - 1)) start -= 1;
  while (end < lower.length && !stops(end)) end += 1;
  return lower.slice(start, end);
}

function rawWordsOf(form: FoodForm, said: ReadonlySet<string>, ingredient: Ingredient): string {
  if (!form.raw) return '';
  if (said.has('strained')) return ' plain yogurt';
  if (said.has('inshell')) return ' in the shell';
  if (said.has('inpod')) return ' pods';
  return ingredient.role === 'legume' ? ' dried' : ' raw';
}

/** One amount with the size that is said elsewhere in the line: `2 beetroots, big`. */
function sizedBy(words: LineWords, { from, to, food }: Segment, said: SaidAmount): SaidAmount {
  if (said.measure.size || !['piece', 'bunch', 'handful'].includes(said.measure.unit)) return said;
  for (let at = from; at < to; at += 1) {
    if (at >= food.from && at < food.next) continue;
    const size = sizeOf(words.lower[at] ?? '');
    // a baby leaf is no small bunch
    if (size && words.lower[at] !== 'baby' && words.lower[at - 1] !== 'a')
      return { ...said, measure: { ...said.measure, size } };
  }
  return said;
}

/** A count of the pieces named after the food: `1 roasted garlic bulb`. */
function piecedBy(words: LineWords, { food }: Segment, said: SaidAmount): SaidAmount {
  const piece = pieceUnits.get(words.stems[food.next] ?? '');
  if (said.kind !== 'count' || !piece || said.from > food.next) return said;
  return { ...said, measure: { ...said.measure, piece } };
}

/** `a lemon and a half`. */
function halfMore(words: LineWords, { food }: Segment, said: SaidAmount): SaidAmount {
  const more = shareAfter(words, food.next);
  if (said.kind !== 'count' || !more || said.from > food.next) return said;
  const { value, low, high } = said.measure;
  const { share } = more;
  const measure = { ...said.measure, value: value + share, low: low + share, high: high + share };
  return { ...said, measure };
}

/** A count with the weight of each, a package with its size: one amount out of two. */
function joined(
  words: LineWords,
  amounts: readonly SaidAmount[],
): { said: SaidAmount; raw: boolean } | null {
  const [first, second] = amounts;
  if (!first || !second) return null;
  const many = amounts.find(
    ({ kind, measure }) =>
      kind === 'count' || kind === 'container' || (measure.unit === 'can' && !measure.packageSize),
  );
  const one = amounts.find(
    (amount) =>
      amount !== many &&
      amount.kind === 'measure' &&
      (isWeight(amount) || ['ml', 'l', 'floz', 'cl', 'dl'].includes(amount.measure.unit)),
  );
  if (!many || !one) return null;
  const near = around(words, one);
  const each = near.includes('each') || near.includes('apiece');
  if (many.measure.unit === 'can' && many.kind === 'measure') {
    const unit = one.measure.unit as NonNullable<Measure['packageSize']>['unit'];
    return {
      said: {
        ...many,
        measure: { ...many.measure, packageSize: { value: one.measure.value, unit } },
      },
      raw: false,
    };
  }
  const package_ = near.some((word) => containers.has(word)) || many.kind === 'container';
  if (!each && !package_) return null;
  return {
    said: { ...one, measure: timesMeasure(one.measure, many.measure) },
    raw: each && many.kind === 'count',
  };
}

const ratioOf = (a: Settled, b: Settled) =>
  Math.max(a.massG, b.massG) / Math.max(1e-9, Math.min(a.massG, b.massG));

/**
 * The amount of one food out of everything a line says of it: the drained weight before any, a weight before a cup, what is
 * added up, a package with its size; two that contradict each other are asked about.
 *
 * @param states what is said of the food, from `saidOf`
 */
export function amountOf(
  { words }: Mentions,
  segment: Segment,
  ingredient: Ingredient,
  form: FoodForm,
  states: ReadonlySet<string>,
  system: MeasureSystem,
): FoodAmount {
  const name = segment.food.food.words;
  const counted = [name.join(' '), name.at(-1) ?? '', name[0] ?? ''];
  const basis: Basis = { rawWords: rawWordsOf(form, states, ingredient), counted };
  const closed = segment.amounts.filter(({ kind }) => kind !== 'open');
  const all = closed.map((one) =>
    halfMore(words, segment, piecedBy(words, segment, sizedBy(words, segment, one))),
  );
  const [first, second] = all;
  if (!first) return { open: true };
  const unknown = unknownMeasure(words, segment, first);
  if (unknown !== null) {
    return { problem: `“${unknown}” is no measure known here: how much is it?` };
  }
  if (first.broken) return { problem: 'That divides by nothing: how much is it?' };
  const packageWord =
    words.stems.slice(segment.from, segment.to).find((word) => containers.has(word)) ?? '';
  const settleOne = (one: SaidAmount, how: Basis = basis) =>
    settle(asGrams(one, segment, ingredient), ingredient, system, how, packageWord);
  const share = segment.shared;
  if (share !== undefined) {
    const settled = settleOne({ ...first, measure: divided(first.measure, share) });
    return settled
      ? { settled, doubt: 'Is it this much of each, or of all together?' }
      : { open: true };
  }
  const corrected = words.lower.includes('make') && words.lower.includes('it') && all.length > 1;
  const last = all.at(-1);
  if (corrected && last) {
    const settled = settleOne({
      ...last,
      measure: {
        ...first.measure,
        value: last.measure.value,
        low: last.measure.low,
        high: last.measure.high,
      },
    });
    if (settled) return { settled, doubt: 'Is it the second amount?' };
  }
  const drained = all.find((one) => isWeight(one) && around(words, one).includes('drained'));
  if (drained) {
    const settled = settleOne(drained);
    if (settled) return { settled };
  }
  const whence = all.find((one) => isWhence(words, one));
  if (whence && all.length === 2 && all.some(isWeight)) {
    const settled = settleOne(all.find(isWeight) ?? first);
    const isSaid = words.lower.includes('drained');
    if (settled && isSaid) return { settled };
    if (settled) return { settled, doubt: 'Is that drained, or the whole can?' };
  }
  const both = joined(words, all);
  if (both) {
    const settled =
      settleOne(both.said, both.raw ? { ...basis, rawWords: ' raw' } : basis) ??
      settleOne(both.said);
    if (settled) return { settled };
  }
  const ownWords = words.lower.slice(segment.from, segment.to);
  if (
    second &&
    all.length === 2 &&
    ['+', 'plus'].some((joint) => words.lower.slice(first.next, second.from).includes(joint))
  ) {
    const sum = settleSum(all, ingredient, system, basis);
    if (sum) return { settled: sum };
  }
  const weight = all.find(isWeight);
  const juice = all.find(
    (one, i) => i > 0 && around(words, one).includes('juice') && one.kind === 'measure',
  );
  const best = weight ?? juice ?? first;
  const settled =
    settleOne(best) ?? all.map((one) => settleOne(one)).find((one) => one !== null) ?? null;
  if (!settled) return { problem: `How much is that? ${ingredient.name} can't be measured so.` };
  const other = all.find(
    (one) => one !== best && one.kind === 'measure' && !ownWords.includes('or'),
  );
  const second_ = other && settleOne(other, { ...basis, rawWords: '' });
  if (
    second_ &&
    ratioOf(settled, second_) > mostApart &&
    best.kind === 'measure' &&
    !settled.rawG
  ) {
    return { settled, doubt: 'The two amounts differ. Which one is right?' };
  }
  if (best.kind === 'container') return { settled, doubt: `How much is in the ${packageWord}?` };
  if (best.vague !== undefined) return { settled, doubt: `How much is a ${best.vague}?` };
  return { settled };
}

/** `250 g butter beans out of a tin`: the tin is where they come from, and not how much there is. */
function isWhence({ lower }: LineWords, { from, measure }: SaidAmount): boolean {
  const before = lower.slice(Math.max(0, from - 2), from).join(' ');
  const isFrom = before.endsWith('out of') || before.endsWith('from');
  return measure.unit === 'can' && !measure.packageSize && isFrom;
}

/** `2 blorps of rocket`: so many of a word that is no measure, and not so many of the food; null where that is not said. */
function unknownMeasure(
  { tokens, lower }: LineWords,
  { food }: Segment,
  { kind, next }: SaidAmount,
): string | null {
  const isMeant = kind === 'count' && next + 2 === food.from && lower[next + 1] === 'of';
  const token = tokens[next];
  return isMeant && token?.kind === 'word' ? token.text : null;
}

/** `feta 150`: a bare number after what isn't counted is grams. */
function asGrams(said: SaidAmount, segment: Segment, ingredient: Ingredient): SaidAmount {
  const { kind, measure, from } = said;
  const counts = ingredient.pieceG !== null && ingredient.pieceG > 0;
  if (
    kind !== 'count' ||
    from < segment.food.next ||
    measure.value < 20 ||
    (counts && measure.value <= 40)
  )
    return said;
  const { low, high, value } = measure;
  return { ...said, kind: 'measure', measure: { value, low, high, unit: 'g' } };
}

function divided(measure: Measure, by: number): Measure {
  return { ...measure, value: measure.value / by, low: measure.low / by, high: measure.high / by };
}
