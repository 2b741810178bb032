import type { Fill, Measure } from '../amounts/amount';
import { fillFactor } from '../amounts/measureInGrams';
import { readNumber } from '../amounts/readNumber';
import { fillWords, unitOf } from '../amounts/unitWords';
import type { LineWords } from './lineWords';
import { containers, countWords, littleWords, lotWords, openWords } from './measureWords';
import { type NumberSpan, numberSpan, shareAfter } from './numberSpan';
import { meansOne, packageSize, qualifiers, type UnitSpan, unitSpan } from './unitSpan';

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
  /** What can't be worked out: a division by nothing. */
  broken?: true;
}

const lead = new Set(
  'about approx approximately roughly around circa ca ~ say maybe perhaps only just another almost nearly over under at least most up to than more less slightly good generous nice proper decent a an the heaping heaped scant'.split(
    ' ',
  ),
);
const articles = new Set(['a', 'an', 'the']);
const lessWords = new Set(['less', 'under', 'almost', 'nearly', 'scant', 'below', 'barely']);
const moreWords = new Set(['over', 'more', 'generous', 'heaped', 'heaping', 'bountiful']);
/** What `over` and `under` compare after; after a verb they say where it goes. */
const comparedBy = new Set(['just', 'slightly', 'well', 'bit', 'little', 'touch', 'tad']);
const comparing = new Set(['less', 'more', 'over', 'under']);

const spread = (low: number, high: number) => ({ value: (low + high) / 2, low, high });
const one = (unit: Measure['unit']): Measure => ({ ...spread(1, 1), unit });

/** What stands before the number: about, a bit less than, a generous. */
function pastLead({ tokens, lower, stems }: LineWords, at: number) {
  let start = at;
  let fill: Fill | undefined;
  if (lower[start] === 'x' && readNumber(tokens, start + 1)) start += 1;
  if (lower[start] === 'c' && tokens[start + 1]?.kind === 'number') start += 1;
  for (; lead.has(lower[start] ?? ''); start += 1) {
    const word = lower[start] ?? '';
    const [stem = '', then = ''] = [stems[start + 1], lower[start + 1]];
    const little = littleWords.has(stem);
    if (articles.has(word)) {
      // a bit less than
      if (little && comparing.has(lower[start + 2] ?? '')) start += 1;
      else if (little || (word !== 'the' && !lead.has(then))) break;
    } else if (['more', 'another'].includes(word) && !readNumber(tokens, start + 1)) break;
    else if (comparing.has(word) && !comparedBy.has(lower[start - 1] ?? '')) continue;
    else if (lessWords.has(word)) fill = 'scant';
    else if (moreWords.has(word)) fill ??= fillWords[word] ?? 'generous';
  }
  return { start, fill };
}

/** A little, a touch of, lots of, some. */
function vagueAmount(words: LineWords, from: number, start: number): SaidAmount | null {
  const { lower, stems } = words;
  const article = articles.has(lower[start] ?? '') ? 1 : 0;
  let at = start + article;
  if (lower[at] === 'whole') at += 1;
  const stem = stems[at] ?? '';
  const little = littleWords.has(stem) && (article > 0 || lower[at + 1] === 'of');
  if (little || (lotWords.has(stem) && words.tokens[at + 1]?.kind === 'word')) {
    let next = at + 1;
    while (littleWords.has(stems[next] ?? '')) next += 1;
    if (stems[next] === 'of') next = pastOf(words, next);
    return { from, next, kind: little ? 'little' : 'lots', measure: one('pinch') };
  }
  if (!openWords.has(stem) || article > 0) return null;
  const none: Measure = { ...spread(0, 0), unit: 'g' };
  return { from, next: pastOf(words, at + 1), kind: 'open', measure: none };
}

/** `2 x 400 g cans`, `1 (15 oz) can`, `a 250 g tub`, `2 x 100 g`. */
function packaged(
  words: LineWords,
  from: number,
  start: number,
  number: NumberSpan,
): SaidAmount | null {
  const { tokens, lower, stems } = words;
  const { low, high } = number;
  const times = lower[number.next] === 'x' || lower[number.next] === 'times';
  const said = (next: number, measure: Measure): SaidAmount => ({
    from,
    next: pastOf(words, next),
    kind: 'measure',
    measure,
  });
  const isCan = (at: number) => unitOf(tokens[at]?.text ?? '') === 'can';
  const each = packageSize(words, times ? number.next + 1 : number.next);
  if (each) {
    const { value, unit } = each;
    const noun = qualifiers(words, each.next).next;
    if (isCan(noun)) {
      return said(noun + 1, { ...spread(low, high), unit: 'can', packageSize: { value, unit } });
    }
    const inPackage = containers.has(stems[noun] ?? '');
    const measure: Measure = { ...spread(low * value, high * value), unit };
    if (inPackage) return said(noun + 1, measure);
    if (times) return said(each.next, measure);
  }
  // 400 g can
  const single = packageSize(words, start);
  if (!single || !isCan(single.next)) return null;
  const { value, unit } = single;
  return said(single.next + 1, { ...one('can'), packageSize: { value, unit } });
}

const volumes = new Set<Measure['unit']>(
  'cup tbsp dsp tsp floz pint quart ml cl dl l'.split(' ') as Measure['unit'][],
);
/** Units that come small and large. */
const comesInSizes = new Set<Measure['unit']>(['piece', 'bunch', 'handful']);

/** The higher end of `1/2 cup to 3/4 cup`, where both ends carry the unit. */
function farEnd(words: LineWords, at: number, unit: UnitSpan, high: number) {
  if (!['-', 'to', 'or'].includes(words.lower[at] ?? '')) return null;
  const second = readNumber(words.tokens, at + 1);
  const same = second && unitSpan(words, second.next);
  if (!second || same?.unit !== unit.unit || same.piece !== unit.piece) return null;
  return second.value > high ? { high: second.value, next: same.next } : null;
}

interface Lead {
  start: number;
  fill: Fill | undefined;
}

/** A number with its unit, or a unit that means one of it. */
function measured(
  words: LineWords,
  from: number,
  { start, fill }: Lead,
  number: NumberSpan | null,
) {
  const { lower, stems } = words;
  const [low, high] = [number?.low ?? 1, number?.high ?? 1];
  const before = qualifiers(words, number?.next ?? start);
  const unit = unitSpan(words, before.next);
  if (!unit) return null;
  const named =
    unit.piece !== undefined && (lower[unit.next] === 'of' || stems[unit.next - 1] === 'piece');
  const definite =
    lower[start - 1] === 'the' ||
    lower[start] === 'whole' ||
    before.fill !== undefined ||
    before.size !== undefined ||
    named;
  if (!number && !(definite && !unit.short) && !meansOne(words, unit)) return null;
  const after = qualifiers(words, unit.next);
  const told = after.fill !== undefined || after.size !== undefined;
  let next = told ? after.next : unit.next;
  const far = farEnd(words, next, unit, high);
  if (far) next = far.next;
  const saidFill = before.fill ?? after.fill ?? fill;
  // a vessel is said in millilitres, and nobody heaps those
  const vesselFill = unit.factor !== 1 && saidFill ? fillFactor[saidFill] : 1;
  const times = unit.factor * vesselFill;
  const more = far ? null : shareAfter(words, next);
  if (more) next = more.next;
  const share = more?.share ?? 0;
  const ends = spread((low + share) * times, ((far?.high ?? high) + share) * times);
  const measure: Measure = { ...ends, unit: unit.unit };
  if (saidFill && unit.factor === 1 && volumes.has(unit.unit)) measure.fill = saidFill;
  const size = before.size ?? after.size;
  if (size && comesInSizes.has(unit.unit)) measure.size = size;
  if (unit.piece) measure.piece = unit.piece;
  const inside =
    unit.unit === 'can' && !unit.container && lower[next] === '(' ? packageSize(words, next) : null;
  if (inside) {
    measure.packageSize = { value: inside.value, unit: inside.unit };
    next = inside.next;
  }
  const said: SaidAmount = {
    from,
    next: pastOf(words, next),
    kind: unit.container ? 'container' : 'measure',
    measure,
    ...(unit.vague ? { vague: unit.vague } : {}),
  };
  return said;
}

/** So many of it. */
function counted(words: LineWords, from: number, number: NumberSpan): SaidAmount {
  let { next } = number;
  while (countWords.has(words.stems[next] ?? '') && words.lower[next] !== 'each') next += 1;
  const { size, next: after } = qualifiers(words, next);
  const measure: Measure = { ...spread(number.low, number.high), unit: 'piece', piece: '' };
  if (size) measure.size = size;
  return { from, next: pastOf(words, size ? after : next), kind: 'count', measure };
}

const joints = new Set(["'", 'worth', 'of', 'the']);

function pastOf({ lower }: LineWords, at: number): number {
  let next = at;
  while (joints.has(lower[next] ?? '')) next += 1;
  return next;
}

/**
 * An amount that starts at a word: a number with a unit, a package, a vessel or a piece; a word such as pinch or handful; a
 * little, lots, some; or a bare number.
 *
 * @returns null where none starts here
 */
export function amountAt(words: LineWords, at: number): SaidAmount | null {
  const begun = pastLead(words, at);
  const { start } = begun;
  const number = numberSpan(words, start);
  const vague = number?.said ? null : vagueAmount(words, at, start);
  if (vague) return vague;
  const found =
    (number && packaged(words, at, start, number)) ??
    measured(words, at, begun, number) ??
    (number && (number.said || articles.has(words.lower[at] ?? ''))
      ? counted(words, at, number)
      : null);
  if (!found || !number || Number.isFinite(number.low + number.high)) return found;
  return { ...found, broken: true };
}
