import type { Measurable } from './measurable';
import type { Amount, Result, Unreadable } from './amount';
import { type Grams, type GramsResult, measureInGrams } from './measureInGrams';
import type { MeasureSystem } from './measureSystem';
import { parseAmount } from './parseAmount';
import { singular } from './pieceWords';
import { combineCv, cvOfWrittenRange } from '../statistics/spread';

/** More of one thing than any kitchen blends at once, g. */
const mostG = 100_000;

/**
 * Turns an amount into grams in the bowl through the ingredient's density, piece or package.
 *
 * @param amount what was written; “to taste” is no mass
 * @param ingredient what is measured
 * @param system whose cup, spoon and can
 * @returns mass in g and its coefficient of variation, or why this ingredient can't be measured so
 */
export function toGrams(
  amount: Amount,
  ingredient: Measurable,
  system: MeasureSystem,
): GramsResult {
  if (amount.kind === 'toTaste') return { ok: true, value: { massG: 0, cv: 0 } };
  let massG = 0;
  let variance = 0;
  for (const term of amount.terms) {
    const read = measureInGrams(term, ingredient, system);
    if (!read.ok) return read;
    const cv = combineCv(read.value.cv, cvOfWrittenRange(term.low, term.value, term.high));
    massG += read.value.massG;
    variance += (read.value.massG * cv) ** 2;
  }
  if (massG > mostG) {
    const message = `That is over ${mostG / 1000} kg of it, more than any kitchen blends at once.`;
    return { ok: false, error: { part: '', message } };
  }
  return { ok: true, value: { massG, cv: massG > 0 ? Math.sqrt(variance) / massG : 0 } };
}

/** The words an ingredient's pieces go by, singular, for parseAmount. */
export function ownPieceWords(ingredient: Measurable): string[] {
  const head = ingredient.pieceName?.toLowerCase().split(/[(,]/)[0]?.trim() ?? '';
  const usual = head === '' ? [] : head.split(/\s+/).map(singular);
  if (usual.length > 1) usual.unshift(usual.join(' '));
  return [...usual, ...Object.keys(ingredient.morePieces)];
}

/**
 * Reads an amount as written for one ingredient, straight to grams.
 *
 * @param text what was typed
 * @param ingredient what is measured
 * @param system whose cup, spoon and can
 * @returns grams with spread, whether it was “to taste”, or which part can't be read and why
 */
export function readGrams(
  text: string,
  ingredient: Measurable,
  system: MeasureSystem,
): Result<Grams & { toTaste: boolean }, Unreadable> {
  const amount = parseAmount(text, ownPieceWords(ingredient));
  if (!amount.ok) return amount;
  const grams = toGrams(amount.value, ingredient, system);
  if (!grams.ok) return grams;
  return { ok: true, value: { ...grams.value, toTaste: amount.value.kind === 'toTaste' } };
}
