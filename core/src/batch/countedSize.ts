import { type Amount, fuzzyUnits, type Measure } from '../amounts/amount';
import { printAmount } from '../amounts/printAmount';
import { scaleAmount } from '../amounts/scaleAmount';

/** Counted and fuzzy measures are written in halves; a thing that is counted stays counted. */
const step = 0.5;
const fuzzy = new Set<Measure['unit']>(fuzzyUnits);
/** A counted thing rounded by more than so much is measured otherwise, by unit (share). */
const mostOff: Partial<Record<Measure['unit'], number>> = {
  piece: 0.12,
  can: 0.12,
  bunch: 0.15,
  handful: 0.25,
};
/** Nobody tells a pinch from one and a half (share; J). */
const mostFuzzyOff = 0.5;
/** From so many pinches on a spoon is plainer. */
const mostFuzzy = 6;

/**
 * An amount of counted things in another size, rounded to what can be counted: `1 can` 1.4 times is `1½ cans`, a pinch stays one.
 *
 * @param factor > 0
 * @returns the text, and what rounding adds as a share; null where it is not counted, or can't be rounded so
 */
export function countedSize(amount: Amount, factor: number): { text: string; off: number } | null {
  if (amount.kind !== 'measured') return null;
  const [term, another] = amount.terms;
  if (!term || another) return null;
  const most = fuzzy.has(term.unit) ? mostFuzzyOff : mostOff[term.unit];
  if (most === undefined) return null;
  const wanted = term.value * factor;
  const value = Math.max(step, Math.round(wanted / step) * step);
  const off = value / wanted - 1;
  if (Math.abs(off) > most + 1e-9 || (fuzzy.has(term.unit) && value > mostFuzzy)) return null;
  // a range is rounded by its middle
  const text = printAmount(scaleAmount(amount, value / term.value));
  return /\d\.\d/.test(text) ? null : { text, off };
}
