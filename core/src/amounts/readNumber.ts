import { fractionWords, wholeWords } from './numberWords';
import type { Token } from './tokens';

interface NumberAt {
  value: number;
  next: number;
}

const lower = (token: Token | undefined) => token?.text.toLowerCase() ?? '';
const isNumber = (token: Token | undefined): token is Token => token?.kind === 'number';

/** A fraction `1/3` starting at a token; null when there is none, NaN for a division by nothing. */
function slashFraction(list: Token[], at: number): NumberAt | null {
  const [top, slash, bottom] = [list[at], list[at + 1], list[at + 2]];
  if (!isNumber(top) || slash?.text !== '/' || !isNumber(bottom)) return null;
  return { value: bottom.value === 0 ? NaN : top.value / bottom.value, next: at + 3 };
}

function written(list: Token[], at: number): NumberAt | null {
  const fraction = slashFraction(list, at);
  if (fraction) return fraction;
  const whole = list[at];
  if (!isNumber(whole)) return null;
  // `1 1/2`, `1-1/2` and `1 and 1/2` are one number; `1 - 1/2` with spaces is a range
  for (const joint of [1, 2]) {
    const sign = list[at + 1];
    if (joint === 2 && !(sign?.text === '-' && sign.tight && list[at + 2]?.tight)) {
      if (lower(sign) !== 'and') continue;
    }
    const rest = slashFraction(list, at + joint);
    if (rest && rest.value < 1 && Number.isInteger(whole.value)) {
      return { value: whole.value + rest.value, next: rest.next };
    }
  }
  if (lower(list[at + 1]) === 'and') {
    const half = spokenFraction(list, at + 2);
    if (half) return { value: whole.value + half.value, next: half.next };
  }
  return { value: whole.value, next: at + 1 };
}

/** `half`, `a half`, `half a`, `two thirds`, `three quarters of a`. */
function spokenFraction(list: Token[], at: number): NumberAt | null {
  let next = at;
  let times = 1;
  const first = lower(list[next]);
  const count = wholeWords[first];
  if (count !== undefined && fractionWords[lower(list[next + 1])] !== undefined) {
    times = count;
    next += 1;
  }
  const share = fractionWords[lower(list[next])];
  if (share === undefined) return null;
  next += 1;
  const after = lower(list[next]);
  if (after === 'of' && ['a', 'an'].includes(lower(list[next + 1]))) next += 2;
  else if (after === 'a' || after === 'an') next += 1;
  return { value: times * share, next };
}

function spoken(list: Token[], at: number): NumberAt | null {
  const fraction = spokenFraction(list, at);
  if (fraction) return fraction;
  const word = lower(list[at]);
  const whole = Object.hasOwn(wholeWords, word) ? wholeWords[word] : undefined;
  if (whole === undefined) return null;
  let next = at + 1;
  let value = whole;
  if (word === 'a' || word === 'one') {
    const second = lower(list[next]);
    const group = ['dozen', 'couple', 'few'].includes(second) ? wholeWords[second] : undefined;
    if (group !== undefined) {
      value = group;
      next += 1;
    }
  }
  if (lower(list[next]) === 'and') {
    const half = spokenFraction(list, next + 1);
    if (half) return { value: value + half.value, next: half.next };
  }
  if (['dozen', 'couple', 'few'].includes(lower(list[next - 1])) && lower(list[next]) === 'of') {
    next += 1;
  }
  return { value, next };
}

/**
 * Reads a number as a cook writes it at a token: `2`, `1,5`, `1/3`, `1½`, `1-1/2`, `one and a half`, `half a`.
 *
 * @param list tokens of the amount
 * @param at index of the first token
 * @returns the value and the index after it; null when no number starts here; NaN value for a zero denominator
 */
export function readNumber(list: Token[], at: number): NumberAt | null {
  return written(list, at) ?? spoken(list, at);
}
