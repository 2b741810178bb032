import {
  type Fill,
  fuzzyUnits,
  type Measure,
  metricVolumesMl,
  type Result,
  type Size,
  systemUnits,
  type Unit,
  type Unreadable,
} from './amount';
import { pieceWords, singular } from './pieceWords';
import { readNumber } from './readNumber';
import type { Token } from './tokens';
import { cutWords, fillWords, sizeWords, unitOf } from './unitWords';

type MeasureAt = Result<{ measure: Measure; next: number }, Unreadable>;
type PackageUnit = NonNullable<Measure['packageSize']>['unit'];

const lower = (token: Token | undefined) => token?.text.toLowerCase() ?? '';
const fail = (part: string, message: string): MeasureAt => ({
  ok: false,
  error: { part, message },
});
const packageUnits = new Set<Unit>(['mg', 'g', 'kg', 'oz', 'lb', 'ml', 'cl', 'dl', 'l', 'floz']);
const unitless = new Set<Unit>([...fuzzyUnits, 'handful', 'bunch', 'can']);

/** A unit at a token, with `fl oz` as two words. */
function unitAt(list: Token[], at: number): { unit: Unit; next: number } | null {
  const token = list[at];
  if (token?.kind !== 'word') return null;
  if (['fl', 'fluid'].includes(lower(token)) && unitOf(lower(list[at + 1])) === 'oz') {
    return { unit: 'floz', next: at + 2 };
  }
  const unit = unitOf(token.text);
  return unit ? { unit, next: at + 1 } : null;
}

/** A piece's word, or two of them where an ingredient is counted in such: `cherry tomatoes`. */
function pieceAt(list: Token[], at: number, own: readonly string[]) {
  const first = lower(list[at]);
  const word = singular(first);
  const both = `${first} ${singular(lower(list[at + 1]))}`;
  if (own.includes(both)) return { piece: both, next: at + 2 };
  if (own.includes(word)) return { piece: word, next: at + 1 };
  const piece = pieceWords.get(word) ?? (word === 'half' || word === 'quarter' ? word : null);
  return piece && { piece, next: at + 1 };
}

/** `(15 oz)`, `400 g` or `400-g` before a package word. */
function packageAt(list: Token[], at: number) {
  const open = list[at]?.text === '(' ? 1 : 0;
  const number = readNumber(list, at + open);
  if (!number) return null;
  const hyphen = list[number.next]?.text === '-' ? 1 : 0;
  const unit = unitAt(list, number.next + hyphen);
  if (!unit || !packageUnits.has(unit.unit)) return null;
  let next = unit.next;
  if (open && lower(list[next]) === 'each') next += 1;
  if (open) {
    if (list[next]?.text !== ')') return null;
    next += 1;
  }
  const noun = unitAt(list, next);
  if (noun?.unit !== 'can') return null;
  return { size: { value: number.value, unit: unit.unit as PackageUnit }, next: noun.next };
}

/** `1/2 of a lemon`, `1/2 a cup`: what joins a share to its whole says nothing more. */
function pastJoints(list: Token[], at: number): number {
  let next = at;
  while (['of', 'a', 'an'].includes(lower(list[next]))) next += 1;
  return next;
}

function range(list: Token[], at: number) {
  const first = readNumber(list, at);
  if (!first) return null;
  const joint = list[first.next];
  if (joint && ['-', 'to', 'or'].includes(lower(joint))) {
    const second = readNumber(list, first.next + 1);
    if (second) {
      const next = pastJoints(list, second.next);
      return { low: first.value, high: second.value, next, ranged: true };
    }
  }
  const next = pastJoints(list, first.next);
  return { low: first.value, high: first.value, next, ranged: false };
}

/** `juice of 2 lemons`, `zest from half a lemon`. */
function fruitPart(list: Token[], at: number, own: readonly string[]): MeasureAt | null {
  const part = lower(list[at]);
  if (part !== 'juice' && part !== 'zest') return null;
  let next = at + 1;
  if (['of', 'from'].includes(lower(list[next]))) next += 1;
  const number = range(list, next);
  next = number?.next ?? next;
  const size = sizeWords[lower(list[next])];
  if (size) next += 1;
  const found = pieceAt(list, next, own);
  if (!found || found.piece === 'half') {
    return fail(
      list[next]?.text ?? part,
      `Say what the ${part} is of, such as ${part} of 1 lemon.`,
    );
  }
  const low = number?.low ?? 1;
  const high = number?.high ?? 1;
  return finish({ low, high, unit: 'piece', piece: found.piece, part, size }, found.next, list, at);
}

/** A measure before its middle is worked out. */
type Parts = Omit<Measure, 'value'>;

function finish(parts: Parts, next: number, list: Token[], at: number): MeasureAt {
  const { low, high } = parts;
  const written = list
    .slice(at, next)
    .map((token) => token.text)
    .join(' ');
  if (!Number.isFinite(low) || !Number.isFinite(high)) {
    return fail(written, `“${written}” divides by nothing.`);
  }
  if (high < low) return fail(written, `The range “${written}” runs from more to less.`);
  const measure: Measure = { value: (low + high) / 2, low, high, unit: parts.unit };
  if (parts.fill) measure.fill = parts.fill;
  if (parts.size) measure.size = parts.size;
  if (parts.piece !== undefined) measure.piece = parts.piece;
  if (parts.part) measure.part = parts.part;
  if (parts.packageSize) measure.packageSize = parts.packageSize;
  return { ok: true, value: { measure, next } };
}

const volumes = new Set<string>([...Object.keys(metricVolumesMl), ...systemUnits]);

/** Units of which a chopped thing holds more than a whole one. */
const cutMatters = (unit: Unit): boolean => volumes.has(unit);

const fillFor = (word: string): Fill | undefined =>
  Object.hasOwn(fillWords, word) ? fillWords[word] : undefined;

/** Fill and size words, in any order and number, `firmly packed` and `loosely packed` as one. */
function qualifiers(list: Token[], at: number) {
  let next = at;
  let fill: Fill | undefined;
  let size: Size | undefined;
  for (;;) {
    const word = lower(list[next]);
    const cut = cutWords.has(word) && fillFor(lower(list[next + 1])) === 'chopped';
    if (cut) next += 1;
    const moreFill = fillFor(lower(list[next]));
    const moreSize = Object.hasOwn(sizeWords, word) ? sizeWords[word] : undefined;
    if (!moreFill && !moreSize) return { fill, size, next };
    if (!(moreFill === 'packed' && fill === 'loose')) fill = moreFill ?? fill;
    size = moreSize ?? size;
    next += 1;
  }
}

/** The higher end of `1/2 cup to 3/4 cup`, where both ends carry the unit. */
function farEnd(list: Token[], at: number, unit: Unit) {
  if (!['-', 'to', 'or'].includes(lower(list[at]))) return null;
  const number = readNumber(list, at + 1);
  const second = number && unitAt(list, number.next);
  return number && second?.unit === unit ? { high: number.value, next: second.next } : null;
}

/**
 * Reads one measure of an amount: number or range, fill and size words, then a unit, package or piece.
 *
 * @param list tokens of the whole amount
 * @param at where the measure starts
 * @param own further words for pieces, singular
 * @returns the measure and the index after it, or the part that can't be read and why
 */
export function readMeasure(list: Token[], at: number, own: readonly string[]): MeasureAt {
  const start = ['about', 'approx', 'approximately', 'roughly', 'ca', '~', 'the'].includes(
    lower(list[at]),
  )
    ? at + 1
    : at;
  const token = list[start];
  if (!token) return fail('', 'Write an amount, such as 2 tbsp or 80 g.');
  if (token.text === '-') return fail('-', 'An amount can’t be less than nothing.');
  const fruit = fruitPart(list, start, own);
  if (fruit) return fruit;

  // a size right at the start means one package: `400 g can`, `15-oz can`
  const single = packageAt(list, start);
  if (single) {
    const parts = { low: 1, high: 1, unit: 'can' as const, packageSize: single.size };
    return finish(parts, single.next, list, start);
  }
  const number = range(list, start);
  let next = number?.next ?? start;
  const low = number?.low ?? 1;
  const high = number?.high ?? 1;

  const times = ['x', 'times'].includes(lower(list[next]));
  const sized = packageAt(list, times ? next + 1 : next);
  if (number && sized) {
    return finish({ low, high, unit: 'can', packageSize: sized.size }, sized.next, list, start);
  }
  if (number && times) {
    const each = range(list, next + 1);
    const unit = each && unitAt(list, each.next);
    if (!each || !unit || unit.unit === 'can') {
      return fail(token.text, 'After “x” comes the size of each, such as 2 x 240 g.');
    }
    return finish(
      { low: low * each.low, high: high * each.high, unit: unit.unit },
      unit.next,
      list,
      start,
    );
  }

  const before = qualifiers(list, next);
  next = before.next;
  const unit = unitAt(list, next);
  if (unit) {
    if (!number && !unitless.has(unit.unit) && !before.fill) {
      return fail(token.text, `How much? “${token.text}” needs a number before it.`);
    }
    const far = number?.ranged === false ? farEnd(list, unit.next, unit.unit) : null;
    const after = qualifiers(list, far?.next ?? unit.next);
    const parts: Parts = { low, high: far?.high ?? high, unit: unit.unit };
    const fill = before.fill ?? after.fill;
    // what is counted is counted before it is chopped
    if (fill && (fill !== 'chopped' || cutMatters(unit.unit))) parts.fill = fill;
    const size = before.size ?? after.size;
    if (size) parts.size = size;
    next = after.next;
    if (unit.unit === 'can' && list[next]?.text === '(') {
      const inside = packageAt([...list.slice(next), { ...token, kind: 'word', text: 'can' }], 0);
      if (inside)
        return finish({ ...parts, packageSize: inside.size }, next + inside.next - 1, list, start);
    }
    return finish(parts, next, list, start);
  }
  const found = pieceAt(list, next, own);
  if (found && (number || next > start)) {
    const { piece } = found;
    return finish({ low, high, unit: 'piece', piece, size: before.size }, found.next, list, start);
  }
  const rest = list[next];
  if (!number) {
    return fail(token.text, `“${token.text}” is not an amount; write one like 2 tbsp or 80 g.`);
  }
  if (!rest || rest.text === '+' || rest.text === ',') {
    return finish({ low, high, unit: 'piece', piece: '', size: before.size }, next, list, start);
  }
  if (lower(rest) === 'to' || rest.text === '-') {
    return fail(rest.text, `The range is missing its end after “${rest.text}”.`);
  }
  return fail(
    rest.text,
    `“${rest.text}” is no measure known here; use g, ml, cups, tbsp, tsp or pieces.`,
  );
}
