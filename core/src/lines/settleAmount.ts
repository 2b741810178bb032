import { levelsItself, packsAsLeaves } from '../amounts/measureInGrams';
import { parseAmount } from '../amounts/parseAmount';
import type { Measure } from '../amounts/amount';
import { printAmount } from '../amounts/printAmount';
import type { MeasureSystem } from '../amounts/measureSystem';
import { readGrams } from '../amounts/toGrams';
import type { Ingredient } from '../larder/ingredient';
import { readRawRow } from '../prepare/rawRow';
import { range90 } from '../statistics/spread';
import type { SaidAmount } from './amountAt';

/** An amount of one ingredient, as a row takes it. */
export interface Settled {
  /** As it stands in the row. */
  amount: string;
  massG: number;
  low: number;
  high: number;
  rawG?: number;
}

/** What an amount is of: a thing as it goes in, or raw, and the words that say so in a row. */
export interface Basis {
  /** ` dried`, ` raw`; empty for the thing as it goes in. */
  rawWords: string;
  /** What it is counted in where no piece is named, singular, likeliest first: `lemon`. */
  counted: readonly string[];
}

function ranged(amount: string, massG: number, cv: number, rawG?: number): Settled {
  return { amount, massG, ...range90(massG, cv), ...(rawG === undefined ? {} : { rawG }) };
}

/** Reads amounts as a row would, the first that can be: of the thing itself, else of the raw thing. */
function asRow(
  texts: readonly string[],
  ingredient: Ingredient,
  system: MeasureSystem,
): Settled | null {
  for (const text of texts) {
    const grams = readGrams(text, ingredient, system);
    if (grams.ok && grams.value.massG > 0) return ranged(text, grams.value.massG, grams.value.cv);
  }
  for (const text of texts) {
    const raw = readRawRow(text, ingredient, undefined, system);
    if (raw) return ranged(text, raw.massG, raw.cv, raw.rawG);
  }
  return null;
}

/** What a package nobody said the size of usually holds, g (J). */
function packageG({ role, structure }: Ingredient, word: string): number {
  if (structure === 'leaf' || word === 'jar') return 200;
  if (role === 'oil') return 500;
  return role === 'dairy' || word === 'bag' ? 250 : 200;
}

/** What a little of it is, or a good deal, or a package nobody said the size of (J). */
function usualOf(
  { kind, measure }: SaidAmount,
  ingredient: Ingredient,
  word: string,
): string | null {
  const { role, structure } = ingredient;
  const strong = role === 'salt' || role === 'spice';
  if (kind === 'little') {
    if (strong) return '1 dash';
    if (structure === 'leaf') return '½ handful';
    return levelsItself(ingredient) ? '1 tsp' : '1 tbsp';
  }
  if (kind === 'lots') {
    if (strong) return '½ tsp';
    if (structure === 'leaf') return '2 handfuls';
    return '3 tbsp';
  }
  if (kind !== 'container') return null;
  return `${Number((measure.value * packageG(ingredient, word)).toFixed(1))} g`;
}

function texts(measure: Measure, { rawWords, counted }: Basis, leafy: boolean): string[] {
  const print = (one: Measure) => printAmount({ kind: 'measured', terms: [one] });
  const pieces = measure.piece ? [measure.piece] : [...(leafy ? ['leaf'] : []), ...counted, ''];
  const said =
    measure.unit === 'piece'
      ? pieces.map((piece) => print({ ...measure, piece }))
      : [print(measure)];
  if (rawWords === '') return said;
  const raw = said.map((text) => `${text}${rawWords}`);
  // so many of it are so many as they come
  return measure.unit === 'piece' ? [...said, ...raw] : raw;
}

/**
 * An amount said in a line as a row of one ingredient takes it.
 *
 * @param word the word of its package, where it has one
 * @returns null where this ingredient can't be measured so
 */
export function settle(
  said: SaidAmount,
  ingredient: Ingredient,
  system: MeasureSystem,
  basis: Basis,
  word = '',
): Settled | null {
  const usual = usualOf(said, ingredient, word);
  if (usual !== null) return asRow([`${usual}${basis.rawWords}`, usual], ingredient, system);
  // only of leaves a chopped cup holds more than a whole one
  const { fill, ...unfilled } = said.measure;
  const measured = fill === 'chopped' && !packsAsLeaves(ingredient) ? unfilled : said.measure;
  const settled = asRow(
    texts(measured, basis, ingredient.structure === 'leaf'),
    ingredient,
    system,
  );
  if (settled) return settled;
  // a can of what doesn't come in cans is a package like any other
  const { measure } = said;
  if (measure.unit === 'can' && measure.packageSize) {
    const { value, unit } = measure.packageSize;
    const text = printAmount({
      kind: 'measured',
      terms: [
        {
          value: value * measure.value,
          low: value * measure.low,
          high: value * measure.high,
          unit,
        },
      ],
    });
    return asRow([`${text}${basis.rawWords}`], ingredient, system);
  }
  return null;
}

/** Several measures of one ingredient added up, as a row takes them. */
export function settleSum(
  said: readonly SaidAmount[],
  ingredient: Ingredient,
  system: MeasureSystem,
  basis: Basis,
): Settled | null {
  const text = said
    .map(({ measure }) => printAmount({ kind: 'measured', terms: [measure] }))
    .join(' + ');
  return parseAmount(text).ok ? asRow([`${text}${basis.rawWords}`], ingredient, system) : null;
}
