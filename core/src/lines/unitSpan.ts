import type { Fill, Measure } from '../amounts/amount';
import { readNumber } from '../amounts/readNumber';
import { cutWords, fillWords, unitOf } from '../amounts/unitWords';
import type { LineWords } from './lineWords';
import { containers, pieceUnits, sizeOf, vesselsMl } from './measureWords';

/** A unit, a vessel, a package or a piece in a line. */
export interface UnitSpan {
  unit: Measure['unit'];
  piece?: string;
  /** What one of it is in the unit. */
  factor: number;
  next: number;
  /** A vessel whose size nobody can know. */
  vague?: string;
  container?: true;
  /** Written so short that only a number before it makes a unit of it: `c`, `g`. */
  short: boolean;
}

const spokenLength = new Set(['cm', 'inch', 'thumb']);
const lumps = new Set('piece pc knob sized size long chunk lump nub cube'.split(' '));

/** The unit at a word; null where none is. */
export function unitSpan({ tokens, lower, stems }: LineWords, at: number): UnitSpan | null {
  const [word, then] = [stems[at] ?? '', stems[at + 1] ?? ''];
  if (['fl', 'fluid'].includes(lower[at] ?? '') && unitOf(lower[at + 1] ?? '') === 'oz') {
    return { unit: 'floz', factor: 1, next: at + 2, short: false };
  }
  const vessel = Object.hasOwn(vesselsMl, `${word} ${then}`) ? `${word} ${then}` : word;
  const found = Object.hasOwn(vesselsMl, vessel) ? vesselsMl[vessel] : undefined;
  if (found) {
    const next = at + vessel.split(' ').length;
    const vague = found.ask ? { vague: vessel } : {};
    return { unit: 'ml', factor: found.ml, next, short: true, ...vague };
  }
  const token = tokens[at];
  const unit = token?.kind === 'word' ? unitOf(token.text) : undefined;
  if (token && unit) return { unit, factor: 1, next: at + 1, short: token.text.length <= 2 };
  if (containers.has(word)) {
    return { unit: 'can', factor: 1, next: at + 1, container: true, short: true };
  }
  const piece = pieceUnits.get(word);
  if (!piece) return null;
  let next = at + 1;
  // a 2 cm piece, a thumb-sized knob
  while (spokenLength.has(piece) && lumps.has(stems[next] ?? '')) next += 1;
  return { unit: 'piece', piece, factor: 1, next, short: false };
}

const unnumbered = new Set<Measure['unit']>(
  'pinch dash splash drizzle glug squeeze grind grating drop handful bunch tbsp dsp tsp'.split(
    ' ',
  ) as Measure['unit'][],
);
/** What follows a word that tells what to do: `drizzle with`. */
const afterVerb = new Set('with over on onto into the it in out them to'.split(' '));

/** Units that mean one of them without a number: `pinch of salt`, and not `drizzle with oil`. */
export const meansOne = ({ lower }: LineWords, { unit, container, next }: UnitSpan): boolean =>
  unnumbered.has(unit) && !container && !afterVerb.has(lower[next] ?? '');

const packageUnits = new Set('mg g kg oz lb ml cl dl l floz'.split(' '));
type PackageUnit = NonNullable<Measure['packageSize']>['unit'];

/** `(15 oz)`, `400 g` or `400-g` before the word for a package. */
export function packageSize(words: LineWords, at: number) {
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
  return { value: number.value, unit: unit as PackageUnit, next };
}

const idle = new Set('good full nice whole very smallish fresh more'.split(' '));

/** Fill and size words, in any order: `big heaped`, `loosely packed`. */
export function qualifiers({ lower }: LineWords, at: number) {
  let next = at;
  let fill: Fill | undefined;
  let size: Measure['size'];
  for (;;) {
    const word = lower[next] ?? '';
    const more = Object.hasOwn(fillWords, word) ? fillWords[word] : undefined;
    if (cutWords.has(word) && fillWords[lower[next + 1] ?? ''] === 'chopped') {
      next += 1;
      continue;
    }
    const fat = word === 'fat' && lower[next + 1]?.startsWith('clove');
    const bigger = fat ? 'large' : sizeOf(word);
    if (!more && !bigger && !idle.has(word)) return { fill, size, next };
    if (more && !(more === 'packed' && fill === 'loose')) fill = more;
    size = bigger ?? size;
    next += 1;
  }
}
