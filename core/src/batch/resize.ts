import type { Dip } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import { amountEdits } from '../landing/landDip';
import type { Proposal } from '../proposal/proposal';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Machine } from '../kitchen/machines';
import type { Measure } from '../amounts/amount';
import type { Ingredient } from '../larder/ingredient';
import { closeKitchenMeasure } from '../amounts/closeMeasure';
import { isWeighed } from '../amounts/isWeighed';
import type { MeasureSystem } from '../amounts/measureSystem';
import { parseAmount } from '../amounts/parseAmount';
import { printAmount, printGrams } from '../amounts/printAmount';
import type { RawRow } from '../prepare/rawRow';
import { scaleAmount } from '../amounts/scaleAmount';
import { countedSize } from './countedSize';
import { ownPieceWords, readGrams } from '../amounts/toGrams';
import { timesToHold } from '../landing/keepRules';
import { isKept, type LinearRule } from '../mix/rule';
import type { ReadRow } from '../dip/readRow';

/** What a dip can be sized by. */
export const sizings = ['times', 'portions', 'mass', 'volume', 'jars', 'fills'] as const;
export type Sizing = (typeof sizings)[number];

/** A dip as it is, for sizing. */
export interface Sized {
  massG: number;
  volumeMl: number;
  portionG: number;
}

/** Jars are filled to ten millimetres under the rim: about nine tenths of what they hold. */
export const jarFill = 0.9;

/**
 * How many times a dip must be made to come to a size.
 *
 * @param value so many times, portions, g, ml, jars or machine fills; > 0
 * @param jarMl what one jar holds to the rim
 * @returns 0 for a dip with nothing in it
 */
export function sizeFactor(
  sizing: Sizing,
  value: number,
  { massG, volumeMl, portionG }: Sized,
  machine: Machine,
  jarMl: number,
): number {
  if (!(massG > 0) || !(volumeMl > 0)) return 0;
  switch (sizing) {
    case 'times':
      return value;
    case 'portions':
      return (value * portionG) / massG;
    case 'mass':
      return value / massG;
    case 'volume':
      return value / volumeMl;
    case 'jars':
      return (value * jarMl * jarFill) / volumeMl;
    case 'fills':
      return (value * machine.mostMl) / volumeMl;
  }
}

/**
 * How many times a dip can be made from what there is of its scarcest thing.
 *
 * @param inHouse g ready, by ingredient; what is not in it does not limit
 * @returns the factor and what sets it; null when nothing of it is in the house
 */
export function scarcest(
  rows: readonly ReadRow[],
  inHouse: ReadonlyMap<string, number>,
): { ingredientId: string; factor: number } | null {
  const needed = new Map<string, number>();
  for (const { row, massG } of rows) {
    if (massG > 0) needed.set(row.ingredientId, (needed.get(row.ingredientId) ?? 0) + massG);
  }
  let found: { ingredientId: string; factor: number } | null = null;
  for (const [ingredientId, massG] of needed) {
    const there = inHouse.get(ingredientId);
    if (there === undefined) continue;
    const factor = there / massG;
    if (!found || factor < found.factor) found = { ingredientId, factor };
  }
  return found;
}

/** A row in another size, and what is left of a piece or can that was begun. */
export interface ResizedRow {
  rowId: string;
  amount: string;
  /** what rounding to a kitchen measure adds, as a share of what it should be */
  off: number;
  /** `half a lemon`, as a share of one with what it is of; null where nothing worth keeping is begun. */
  spare: { share: number; of: string } | null;
}

const nice = (text: string) => !/\d\.\d/.test(text);
/** What is left of a lighter piece, such as a garlic clove, is not kept for the next dip. */
const worthKeepingG = 20;

function spareOf(terms: readonly Measure[], { pieceG }: Ingredient): ResizedRow['spare'] {
  for (const { unit, value, piece } of terms) {
    const whole = unit === 'piece' && (pieceG ?? 0) >= worthKeepingG ? (piece ?? '') : '';
    const counted = unit === 'can' ? 'can' : whole;
    const share = Math.ceil(value - 1e-6) - value;
    if (counted !== '' && share > 0.05) return { share, of: counted };
  }
  return null;
}

/**
 * The raw thing in another size, in the measure it is written in; where that can't be counted and no word says it is raw, what it gives
 * ready is weighed, since a weight alone is of that.
 */
function rawResized(
  { amount, words, way, rawG, massG }: RawRow,
  factor: number,
): Pick<ResizedRow, 'amount' | 'off'> {
  const parsed = parseAmount(
    amount,
    Object.keys(way.pieceG).flatMap((one) => one.split(' ')),
  );
  const text = parsed.ok ? printAmount(scaleAmount(parsed.value, factor)) : '';
  if (!isWeighed(amount) && nice(text)) return { amount: `${text}${words}`, off: 0 };
  const counted = parsed.ok && !isWeighed(amount) ? countedSize(parsed.value, factor) : null;
  if (counted) return { amount: `${counted.text}${words}`, off: counted.off };
  return words === '' && !isWeighed(amount)
    ? { amount: printGrams(massG * factor), off: 0 }
    : { amount: `${printGrams(rawG * factor)}${words}`, off: 0 };
}

/**
 * Rows in another size, each in the measure it is written in: kitchen fractions where they come out as such, else
 * measures a cook has; weights as weights. What can't be read, and what is to taste, stays as it is.
 *
 * @param factor > 0
 * @param rules of the dip: what rounding would break of them is measured more finely
 */
export function resizedRows(
  rows: readonly ReadRow[],
  factor: number,
  measures: MeasureSystem,
  rules: readonly LinearRule[] = [],
): ResizedRow[] {
  const sized = eachResized(rows, factor, measures);
  return rules.length > 0 ? keptInSize(rows, sized, factor, measures, rules) : sized;
}

/** What a row in another size weighs, g; as it should be where it can't be read. */
function sizedG({ amount }: ResizedRow, { ingredient, massG }: ReadRow, by: SizedBy): number {
  const read = ingredient ? readGrams(amount, ingredient, by.measures) : null;
  return read?.ok ? read.value.massG : massG * by.factor;
}

interface SizedBy {
  factor: number;
  measures: MeasureSystem;
}

/** Rows in another size with what rounding broke of the rules measured anew, weighed where no spoon is near enough. */
function keptInSize(
  rows: readonly ReadRow[],
  sized: readonly ResizedRow[],
  factor: number,
  measures: MeasureSystem,
  rules: readonly LinearRule[],
): ResizedRow[] {
  const kept = [...sized];
  const by = { factor, measures };
  const massesNow = () =>
    rows.map((read, i) => (kept[i] ? sizedG(kept[i], read, by) : read.massG * factor));
  const before = rows.map(({ massG }) => massG);
  for (const rule of rules) {
    const masses = massesNow();
    if (isKept(rule, masses) || !isKept(rule, before)) continue;
    const moved = rows.map(({ row }, i) => (rule.left[i] ?? 0) !== 0 && !row.hold);
    const times = timesToHold(rule, masses, moved);
    if (times === null) continue;
    rows.forEach(({ ingredient }, i) => {
      const one = kept[i];
      if (moved[i] !== true || !one || !ingredient) return;
      const massG = (masses[i] ?? 0) * times;
      const near = closeKitchenMeasure(massG, ingredient, measures);
      const fits = Math.abs(near.massG / massG - 1) <= rule.slack;
      kept[i] = { ...one, amount: fits ? near.text : printGrams(massG), off: 0 };
    });
  }
  return kept;
}

function eachResized(
  rows: readonly ReadRow[],
  factor: number,
  measures: MeasureSystem,
): ResizedRow[] {
  return rows.map(({ row, ingredient, massG, error, toTaste, fromRaw }) => {
    const same = { rowId: row.id, amount: row.amount, off: 0, spare: null };
    if (error !== null || toTaste || !ingredient || massG <= 0) return same;
    if (fromRaw) return { ...same, ...rawResized(fromRaw, factor) };
    const parsed = parseAmount(row.amount, ownPieceWords(ingredient));
    if (!parsed.ok || parsed.value.kind === 'toTaste') return same;
    const scaled = scaleAmount(parsed.value, factor);
    const terms = scaled.kind === 'measured' ? scaled.terms : [];
    const text = printAmount(scaled);
    if (isWeighed(row.amount)) {
      const grams = terms.every(({ unit }) => unit === 'g');
      return { ...same, amount: grams ? printGrams(massG * factor) : text };
    }
    if (nice(text)) return { ...same, amount: text, spare: spareOf(terms, ingredient) };
    const counted = countedSize(parsed.value, factor);
    if (counted) return { ...same, amount: counted.text, off: counted.off };
    const near = closeKitchenMeasure(massG * factor, ingredient, measures);
    return { ...same, amount: near.text, off: near.massG / (massG * factor) - 1 };
  });
}

/** A dip in another size as a proposal: every amount in its own measure. */
export function proposeSize(dip: Dip, kitchen: Kitchen, resized: readonly ResizedRow[]): Proposal {
  const amounts = new Map(resized.map(({ rowId, amount }) => [rowId, amount]));
  return proposeForDip(dip, kitchen, {
    maker: 'size',
    label: 'Another size',
    edits: amountEdits(
      dip,
      dip.rows.map(({ id }) => amounts.get(id)),
    ),
  });
}
