import type { Amount, Measure, Result, Unreadable } from './amount';
import { readMeasure } from './readMeasure';
import { readNumber } from './readNumber';
import { type Token, tokens } from './tokens';
import { fillWords, harmlessNotes } from './unitWords';

const toTastePattern = /^(?:add |season )?(?:to taste|as needed|as you like|to season)$/i;
const joints = new Set(['+', 'plus', 'and', '&', ',']);

function fail(part: string, message: string): Result<Amount, Unreadable> {
  return { ok: false, error: { part, message } };
}

/** `4 oz (115 g)`: what stands in brackets after a whole measure says it once more. */
function pastNote(list: Token[], at: number): number {
  if (list[at]?.text !== '(') return at;
  const close = list.findIndex((token, i) => i > at && token.text === ')');
  return close < 0 ? at : close + 1;
}

/** `1 cup and a half`: a bare fraction after a joint goes with the unit before it. */
function bareFraction(list: Token[], at: number, before: Measure | undefined): Measure | null {
  const number = readNumber(list, at);
  if (!number || !before || number.next !== list.length || !(number.value < 1)) return null;
  return { ...before, value: number.value, low: number.value, high: number.value };
}

/**
 * Reads an amount as cooks write it: integers, decimals with point or comma, vulgar and Unicode fractions, mixed
 * numbers, ranges, sums, packages, pieces, juice and zest of fruit, fuzzy measures, number words, “to taste”.
 *
 * @param text what was typed, without the ingredient's name
 * @param ownPieces further words for pieces (singular), such as an own ingredient's
 * @returns the amount, or which part can't be read and why; never throws
 *
 * @example parseAmount('1 1/2 cups') // one term, value 1.5, unit 'cup'
 */
export function parseAmount(
  text: string,
  ownPieces: readonly string[] = [],
): Result<Amount, Unreadable> {
  const trimmed = text.trim();
  if (trimmed === '') return fail('', 'Write an amount, such as 2 tbsp, 80 g or to taste.');
  if (toTastePattern.test(trimmed)) return { ok: true, value: { kind: 'toTaste' } };
  const list = tokens(trimmed);
  const terms: Measure[] = [];
  let at = 0;
  while (at < list.length) {
    if (terms.length > 0) {
      const word = list[at]?.text.toLowerCase() ?? '';
      if (joints.has(word)) at += 1;
      const note = list[at]?.text.toLowerCase() ?? '';
      const last = terms.at(-1);
      const fill = Object.hasOwn(fillWords, note) ? fillWords[note] : undefined;
      // `1 cup, packed`: a fill at the end belongs to what stands before it
      // `1 cup, chopped` is measured before it is chopped
      if (fill && fill !== 'chopped' && last && at === list.length - 1) {
        last.fill = fill;
        at += 1;
        continue;
      }
      if (harmlessNotes.has(note)) {
        at += 1;
        continue;
      }
      if (at >= list.length) return fail(word, `Something is missing after “${word}”.`);
      const half = bareFraction(list, at, last);
      if (half) {
        terms.push(half);
        break;
      }
    }
    const read = readMeasure(list, at, ownPieces);
    if (!read.ok) return read;
    terms.push(read.value.measure);
    at = read.value.next;
    at = pastNote(list, at);
    const next = list[at];
    if (next?.kind === 'word' && !joints.has(next.text.toLowerCase())) {
      if (harmlessNotes.has(next.text.toLowerCase())) continue;
      if (!readNumber(list, at)) {
        return fail(next.text, `“${next.text}” can't be read here; write only the amount.`);
      }
    }
  }
  const [first] = terms;
  if (terms.length > 1 && terms.some((term) => term.piece === '')) {
    return fail(trimmed, 'Each part of a sum needs a measure, such as 1 cup + 2 tbsp.');
  }
  if (!first) return fail(trimmed, `“${trimmed}” can't be read as an amount.`);
  return { ok: true, value: { kind: 'measured', terms } };
}
