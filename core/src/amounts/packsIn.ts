import { parseAmount } from './parseAmount';

/** How many whole cans or bunches an amount is; null for any other. */
export function packsIn(amountText: string): number | null {
  const read = parseAmount(amountText);
  if (!read.ok || read.value.kind !== 'measured' || read.value.terms.length !== 1) return null;
  const [term] = read.value.terms;
  const isPack = term?.unit === 'can' || term?.unit === 'bunch';
  return isPack && Number.isInteger(term.value) && term.value > 0 ? term.value : null;
}
