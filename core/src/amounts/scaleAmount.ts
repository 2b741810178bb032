import type { Amount, Result, Unreadable } from './amount';
import { parseAmount } from './parseAmount';
import { printAmount } from './printAmount';

/**
 * An amount multiplied, in the measure it was written in.
 *
 * @param amount as parsed
 * @param factor ≥ 0
 */
export function scaleAmount(amount: Amount, factor: number): Amount {
  if (amount.kind === 'toTaste') return amount;
  return {
    kind: 'measured',
    terms: amount.terms.map((term) => ({
      ...term,
      value: term.value * factor,
      low: term.low * factor,
      high: term.high * factor,
    })),
  };
}

/** Half of `2 tbsp` is `1 tbsp`: text in, text out. */
export function scaleAmountText(text: string, factor: number): Result<string, Unreadable> {
  const amount = parseAmount(text);
  if (!amount.ok) return amount;
  return { ok: true, value: printAmount(scaleAmount(amount.value, factor)) };
}
