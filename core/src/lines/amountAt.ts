import type { Fill, Measure } from '../amounts/amount';
import { fractionWords } from '../amounts/numberWords';
import { readNumber } from '../amounts/readNumber';
import { fillWords, unitOf } from '../amounts/unitWords';
import type { LineWords } from './lineWords';
import {
  containers,
  countWords,
  littleWords,
  lotWords,
  openWords,
  pieceUnits,
  sizeOf,
  vesselsMl,
} from './measureWords';

/** How an amount was said. */
export type AmountKind =
  | 'measure'
  /** So many of it, no word said of what. */
  | 'count'
  /** A package of a size nobody said. */
  | 'container'
  | 'little'
  | 'lots'
  | 'open';

/** An amount found in a line. */
export interface SaidAmount {
  from: number;
  next: number;
  kind: AmountKind;
  measure: Measure;
  /** Words it can't be sure of: a glass, a spoon. */
  vague?: string;
  /** The size of each of them, where a count says that too. */
  each?: true;
  /** Of the food as it goes in. */
  drained?: true;
  /** What can't be worked out: a division by nothing. */
  broken?: true;
}

const approx = new Set(
  'about approx approximately roughly around circa ca ~ say maybe perhaps only just another almost nearly over under at least most up to than more less slightly good generous nice proper decent a an the heaping heaped scant'.split(
    ' ',
  ),
);
const lessWords = new Set(['less', 'under', 'almost', 'nearly', 'scant', 'below', 'barely']);
const moreWords = new Set(['over', 'more', 'generous', 'good', 'heaped', 'heaping', 'bountiful']);
const packageUnits = new Set(['mg', 'g', 'kg', 'oz', 'lb', 'ml', 'cl', 'dl', 'l', 'floz']);

const plainMeasure = (value: number, unit: Measure['unit']): Measure => ({
  value,
  low: value,
  high: value,
  unit,
});

interface NumberSpan {
  low: number;
  high: number;
  next: number;
  /** A numeral or a word for one, and not only an article. */
  said: boolean;
}

/** A number or a range, `a hundred`, `several`, `four, maybe five`, `half of the 200`. */
function numberAt({ tokens, lower }: LineWords, at: number): NumberSpan | null {
  if (lower[at] === 'several') return { low: 3, high: 5, next: at + 1, said: true };
  if (lower[at] === 'both') return { low: 2, high: 2, next: at + 1, said: true };
  const first = readNumber(tokens, at);
  if (!first) return null;
  const article = lower[at] === 'a' || lower[at] === 'an';
  let { value, next } = first;
  if (lower[next] === 'hundred') [value, next] = [value * 100, next + 1];
  if (lower[next] === 'dozen' && !article) [value, next] = [value * 12, next + 1];
  const isFraction = value < 1;
  // half of the 200 g
  if (isFraction && (lower[next] === 'of' || lower[next] === 'the')) {
    let whole = next + 1;
    while (['the', 'a', 'an', 'of'].includes(lower[whole] ?? '')) whole += 1;
    const of = readNumber(tokens, whole);
    if (of && of.value >= 1)
      return { low: value * of.value, high: value * of.value, next: of.next, said: true };
    next = whole;
  }
  let far = next;
  if (lower[far] === ',') far += 1;
  const joint = lower[far];
  if (
    joint &&
    ['-', 'to', 'or', 'maybe', 'perhaps', '/'].includes(joint) &&
    !(joint === '/' && far !== next)
  ) {
    let from = far + 1;
    while (['maybe', 'perhaps', 'even', 'about'].includes(lower[from] ?? '')) from += 1;
    const second = readNumber(tokens, from);
    if (
      second &&
      second.value > value &&
      second.value < value * 12 &&
      !['a', 'an'].includes(lower[from] ?? '')
    ) {
      return { low: value, high: second.value, next: second.next, said: true };
    }
  }
  return { low: value, high: value, next, said: !article || next > at + 1 };
}

interface UnitSpan {
  unit: Measure['unit'];
  piece?: string;
  factor: number;
  next: number;
  vague?: string;
  container?: true;
}

/** A unit, a vessel, a package or a piece at a word. */
function unitSpan(
  { tokens, lower, stems }: LineWords,
  at: number,
  numbered: boolean,
): UnitSpan | null {
  const [word, then] = [stems[at] ?? '', stems[at + 1] ?? ''];
  if (['fl', 'fluid'].includes(lower[at] ?? '') && unitOf(lower[at + 1] ?? '') === 'oz') {
    return { unit: 'floz', factor: 1, next: at + 2 };
  }
  const vessel = vesselsMl[`${word} ${then}`] ? `${word} ${then}` : word;
  const found = Object.hasOwn(vesselsMl, vessel) ? vesselsMl[vessel] : undefined;
  if (found && numbered) {
    const next = at + vessel.split(' ').length;
    return { unit: 'ml', factor: found.ml, next, ...(found.ask ? { vague: vessel } : {}) };
  }
  const raw = tokens[at];
  const unit = raw?.kind === 'word' ? unitOf(raw.text) : undefined;
  const short = (raw?.text.length ?? 0) <= 2;
  if (unit && (numbered || !short)) return { unit, factor: 1, next: at + 1 };
  if (containers.has(word) && numbered) {
    // a packed cup is no pack
    return { unit: 'can', factor: 1, next: at + 1, container: true };
  }
  const piece = pieceUnits.get(word);
  if (piece && numbered) {
    let next = at + 1;
    // a 2 cm piece, a thumb-sized knob
    while (
      ['piece', 'pc', 'knob', 'sized', 'size', 'long', 'chunk', 'lump', 'nub', 'cube'].includes(
        stems[next] ?? '',
      )
    ) {
      if (!['cm', 'inch', 'thumb'].includes(piece)) break;
      next += 1;
    }
    return { unit: 'piece', piece, factor: 1, next };
  }
  return null;
}

/** `(15 oz)`, `400 g` or `400-g` before the word for a package. */
function packageAt(words: LineWords, at: number) {
  const { tokens, lower } = words;
  const open = lower[at] === '(' ? 1 : 0;
  let start = at + open;
  while (['about', 'approx', 'c', 'ca'].includes(lower[start] ?? '')) start += 1;
  const number = readNumber(tokens, start);
  if (!number) return null;
  const unit = unitOf(tokens[number.next]?.text ?? '');
  if (!unit || !packageUnits.has(unit)) return null;
  let next = number.next + 1;
  if (open) {
    while (next < lower.length && lower[next] !== ')') next += 1;
    next += 1;
  }
  while (['net', 'each'].includes(lower[next] ?? '')) next += 1;
  return { value: number.value, unit: unit as NonNullable<Measure['packageSize']>['unit'], next };
}

/** Fill and size words, in any order. */
function qualifiers({ lower }: LineWords, at: number) {
  let next = at;
  let fill: Fill | undefined;
  let size: Measure['size'];
  for (;;) {
    const word = lower[next] ?? '';
    const more = Object.hasOwn(fillWords, word) ? fillWords[word] : undefined;
    const bigger = sizeOf(word);
    if (
      !more &&
      !bigger &&
      !['good', 'full', 'nice', 'whole', 'very', 'smallish', 'fresh', 'more'].includes(word)
    )
      break;
    if (more && !(more === 'packed' && fill === 'loose')) fill = more;
    size = bigger ?? size;
    next += 1;
  }
  return { fill, size, next };
}

function pastOf({ lower }: LineWords, at: number): number {
  let next = at;
  while (["'", 'worth', 'of', 'the', 'that', 'your', 'my'].includes(lower[next] ?? '')) next += 1;
  return next;
}

/**
 * An amount that starts at a word: a number with a unit, a package, a vessel or a piece; a word such as pinch or handful; a
 * little, lots, some; or a bare number.
 *
 * @returns null where none starts here
 */
export function amountAt(words: LineWords, at: number): SaidAmount | null {
  const { lower, stems, tokens } = words;
  let start = at;
  let fill: Fill | undefined;
  if (lower[start] === 'x' && readNumber(tokens, start + 1)) start += 1;
  if (lower[start] === 'c' && tokens[start + 1]?.kind === 'number') start += 1;
  while (approx.has(lower[start] ?? '')) {
    const word = lower[start] ?? '';
    if (
      ['a', 'an', 'the'].includes(word) &&
      !approx.has(lower[start + 1] ?? '') &&
      !littleWords.has(stems[start + 1] ?? '')
    ) {
      if (word !== 'the') break;
      start += 1;
      continue;
    }
    if (
      littleWords.has(stems[start] ?? '') ||
      (word === 'a' &&
        littleWords.has(stems[start + 1] ?? '') &&
        !['less', 'more', 'over', 'under'].includes(lower[start + 2] ?? ''))
    )
      break;
    if (['more', 'another'].includes(word) && !readNumber(tokens, start + 1)) break;
    if (lessWords.has(word)) fill = 'scant';
    else if (moreWords.has(word) && word !== 'good') fill ??= 'generous';
    start += 1;
    while (
      littleWords.has(stems[start] ?? '') &&
      ['less', 'more', 'over', 'under'].includes(lower[start + 1] ?? '')
    )
      start += 1;
  }
  if (
    lower[start] === 'a' &&
    littleWords.has(stems[start + 1] ?? '') &&
    ['less', 'more', 'over', 'under'].includes(lower[start + 2] ?? '')
  ) {
    // a bit less than a cup
    fill = lessWords.has(lower[start + 2] ?? '') ? 'scant' : 'generous';
    start += 3;
    if (lower[start] === 'than') start += 1;
  }
  const number = numberAt(words, start);
  const afterArticle = number && !number.said ? number.next : start;
  // a touch of, a little, lots of
  const vagueAt = lower[afterArticle] === 'whole' ? afterArticle + 1 : afterArticle;
  if (!number?.said) {
    const stem = stems[vagueAt] ?? '';
    const kind = littleWords.has(stem) ? 'little' : lotWords.has(stem) ? 'lots' : null;
    if (kind) {
      let next = vagueAt + 1;
      while (littleWords.has(stems[next] ?? '')) next += 1;
      const inside = stems[next] === 'of' ? pastOf(words, next) : next;
      return { from: at, next: inside, kind, measure: plainMeasure(1, 'pinch') };
    }
    if (openWords.has(stem) && !number) {
      return {
        from: at,
        next: pastOf(words, vagueAt + 1),
        kind: 'open',
        measure: plainMeasure(0, 'g'),
      };
    }
  }
  let next = number?.next ?? start;
  const [low, high] = [number?.low ?? 1, number?.high ?? 1];
  const broken = number && !Number.isFinite(low + high) ? ({ broken: true } as const) : {};
  const numbered = number !== null;
  const times = lower[next] === 'x' || lower[next] === 'times';
  const sized = numbered ? packageAt(words, times ? next + 1 : next) : null;
  if (sized) {
    const noun = qualifiers(words, sized.next).next;
    const word = stems[noun] ?? '';
    if (unitOf(tokens[noun]?.text ?? '') === 'can' || (containers.has(word) && word !== 'can')) {
      const isCan = unitOf(tokens[noun]?.text ?? '') === 'can';
      const { value, unit } = sized;
      const measure: Measure = isCan
        ? { ...spread(low, high), unit: 'can', packageSize: { value, unit } }
        : { ...spread(low * value, high * value), unit };
      return { from: at, next: pastOf(words, noun + 1), kind: 'measure', measure };
    }
    if (times) {
      const { value, unit } = sized;
      return {
        from: at,
        next: pastOf(words, sized.next),
        kind: 'measure',
        measure: { ...spread(low * value, high * value), unit },
      };
    }
  }
  // 400 g can
  const single = !numbered ? null : packageAt(words, start);
  if (single && unitOf(tokens[single.next]?.text ?? '') === 'can') {
    const { value, unit } = single;
    return {
      from: at,
      next: pastOf(words, single.next + 1),
      kind: 'measure',
      measure: { ...spread(1, 1), unit: 'can', packageSize: { value, unit } },
    };
  }
  const before = qualifiers(words, next);
  const unit = unitSpan(
    words,
    before.next,
    numbered || before.next > next || lower[start - 1] === 'the',
  );
  const definite = lower[start - 1] === 'the' || lower[start] === 'whole';
  if (unit && (numbered || definite || isWordUnit(unit))) {
    const after = qualifiers(words, unit.next);
    next = after.next > unit.next && (after.fill || after.size) ? after.next : unit.next;
    let far = high;
    // ½ cup to ¾ cup
    if (['-', 'to', 'or'].includes(lower[next] ?? '')) {
      const second = readNumber(tokens, next + 1);
      const same = second && unitSpan(words, second.next, true);
      if (second && same?.unit === unit.unit && same.piece === unit.piece && second.value > high)
        [far, next] = [second.value, same.next];
    }
    const measure: Measure = { ...spread(low * unit.factor, far * unit.factor), unit: unit.unit };
    const saidFill = before.fill ?? after.fill ?? fill;
    if (saidFill && isVolume(unit.unit)) measure.fill = saidFill;
    const size = before.size ?? after.size;
    if (size) measure.size = size;
    if (unit.piece) measure.piece = unit.piece;
    if (unit.unit === 'can' && !unit.container) {
      const inside = lower[next] === '(' ? packageAt(words, next) : null;
      if (inside) {
        measure.packageSize = { value: inside.value, unit: inside.unit };
        next = inside.next;
      }
    }
    const kind = unit.container ? 'container' : 'measure';
    return {
      from: at,
      next: pastOf(words, next),
      kind,
      measure,
      ...(unit.vague ? { vague: unit.vague } : {}),
      ...broken,
    };
  }
  if (!number) return null;
  if (!number.said && !(lower[at] === 'a' || lower[at] === 'an')) return null;
  next = number.next;
  while (countWords.has(stems[next] ?? '') && lower[next] !== 'each') next += 1;
  const size = qualifiers(words, next);
  const measure: Measure = { ...spread(low, high), unit: 'piece', piece: '' };
  if (size.size) measure.size = size.size;
  return {
    from: at,
    next: pastOf(words, size.size ? size.next : next),
    kind: 'count',
    measure,
    ...broken,
  };
}

const spread = (low: number, high: number) => ({ value: (low + high) / 2, low, high });

const volumes = new Set<Measure['unit']>([
  'cup',
  'tbsp',
  'dsp',
  'tsp',
  'floz',
  'pint',
  'quart',
  'ml',
  'cl',
  'dl',
  'l',
]);
const isVolume = (unit: Measure['unit']) => volumes.has(unit);

const unnumbered = new Set<Measure['unit']>([
  'pinch',
  'dash',
  'splash',
  'drizzle',
  'glug',
  'squeeze',
  'grind',
  'grating',
  'drop',
  'handful',
  'bunch',
]);
/** Units that mean one of them without a number. */
const isWordUnit = ({ unit, container }: UnitSpan) => unnumbered.has(unit) && !container;

/** Whether a word is a share and no count: `half can be parsley`. */
export const isShare = (word: string): boolean => Object.hasOwn(fractionWords, word);
