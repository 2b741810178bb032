import type { Amount, Measure, Result, Unreadable } from './amount';
import { parseAmount } from './parseAmount';
import { printAmount } from './printAmount';

/** What is counted, without how many. */
function measureKey({ unit, fill, size, piece, part, packageSize }: Measure): string {
  return JSON.stringify([unit, fill, size, piece, part, packageSize]);
}

/**
 * Two amounts as one text: `2 tbsp` and `1 tbsp` are `3 tbsp`, unlike measures stand side by side.
 *
 * @param more added to what is there; nothing and “to taste” take its place
 */
export function addAmountTexts(text: string, more: string): Result<string, Unreadable> {
  const first: Result<Amount, Unreadable> =
    text.trim() === '' ? { ok: true, value: { kind: 'toTaste' } } : parseAmount(text);
  if (!first.ok) return first;
  const second = parseAmount(more);
  if (!second.ok) return second;
  if (first.value.kind === 'toTaste' || second.value.kind === 'toTaste') {
    return { ok: true, value: first.value.kind === 'toTaste' ? more : text };
  }
  const terms = [...first.value.terms];
  for (const term of second.value.terms) {
    const at = terms.findIndex((one) => measureKey(one) === measureKey(term));
    const same = terms[at];
    if (!same) {
      terms.push(term);
      continue;
    }
    terms[at] = {
      ...same,
      value: same.value + term.value,
      low: same.low + term.low,
      high: same.high + term.high,
    };
  }
  return { ok: true, value: printAmount({ kind: 'measured', terms }) };
}
