import { type Analysis, analyse } from '../analysis/analyse';
import type { Correction } from '../calibration/correction';
import { garlicOf, type Part } from '../bowl/part';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import type { MeasureSystem } from '../quantity/measureSystem';
import { readyIngredient } from '../prep/takenUp';
import { type RawRow, readRawRow } from '../prep/rawRow';
import { printGrams } from '../quantity/printAmount';
import { readGrams } from '../quantity/toGrams';
import type { Dip, Row } from './dip';
import type { Trial, TrialRow } from './trial';

/** A row read to grams, or why it can't be. */
export interface ReadRow {
  row: Row;
  ingredient: Ingredient | null;
  massG: number;
  cv: number;
  toTaste: boolean;
  /** What was written of the raw thing; null where it says what goes in. */
  fromRaw: RawRow | null;
  error: string | null;
}

/** Rows don't change in place, so a row is read once: typing in one does not read the others again. */
const lastReads = new WeakMap<Row, { larder: Larder; measures: MeasureSystem; read: ReadRow }>();

/**
 * Reads a row's amount. A row that can't be read counts as nothing and says why.
 *
 * @param larder the book's own larder
 */
export function readRow(row: Row, larder: Larder, measures: MeasureSystem): ReadRow {
  const known = lastReads.get(row);
  if (known?.larder === larder && known.measures === measures) return known.read;
  const read = readAfresh(row, larder, measures);
  lastReads.set(row, { larder, measures, read });
  return read;
}

function readAfresh(row: Row, larder: Larder, measures: MeasureSystem): ReadRow {
  const shelf = larder.get(row.ingredientId);
  const ingredient = shelf ? readyIngredient(shelf, row.raw, larder) : null;
  const nothing = { row, ingredient, massG: 0, cv: 0, toTaste: false, fromRaw: null };
  if (!ingredient) return { ...nothing, error: `“${row.ingredientId}” is not in the larder.` };
  const read = readGrams(row.amount, ingredient, measures);
  if (!read.ok) {
    const fromRaw = readRawRow(row.amount, ingredient, row.raw, measures);
    if (!fromRaw) return { ...nothing, error: read.error.message };
    return { ...nothing, massG: fromRaw.massG, cv: fromRaw.cv, fromRaw, error: null };
  }
  return { ...nothing, ...read.value, error: null };
}

/** A read row as a part of the bowl; null when its ingredient is not known. */
export function partOf(read: ReadRow): Part | null {
  if (!read.ingredient) return null;
  return {
    ingredient: read.ingredient,
    massG: read.massG,
    cv: read.cv,
    place: read.row.place,
    ...garlicOf(read.row),
  };
}

/** A read row as a run and a trial keep it; null when its ingredient is not known. */
export function trialRowOf(read: ReadRow): TrialRow | null {
  if (!read.ingredient) return null;
  const { ingredientId, place, raw } = read.row;
  // a run measures what goes in, not what it came from
  const amount = read.fromRaw ? printGrams(read.massG) : read.row.amount;
  return {
    ingredientId,
    planned: amount,
    amount,
    massG: read.massG,
    cv: read.cv,
    place,
    ...(raw ? { raw } : {}),
    ...garlicOf(read.row),
  };
}

/** A dip's analysis with every row read; rows that can't be read count as nothing. */
export function analyseDip(
  dip: Dip,
  larder: Larder,
  measures: MeasureSystem,
  correction?: Correction,
): { rows: ReadRow[]; parts: Part[]; analysis: Analysis } {
  const rows = dip.rows.map((row) => readRow(row, larder, measures));
  const nothing = larder.get('water');
  const parts = rows.map((read): Part => {
    const part = partOf(read);
    if (part) return part;
    if (!nothing) throw new Error('the larder has no water');
    // keeps the path aligned with the rows
    return { ingredient: nothing, massG: 0, cv: 0, place: 'bowl' };
  });
  const { method, servedAtC } = dip;
  const learned = correction ? { correction } : {};
  return { rows, parts, analysis: analyse({ parts, method, servedAtC, measures, ...learned }) };
}

/** Rows as they were really added, as parts; ingredients no longer known are left out. */
export function trialParts(rows: readonly TrialRow[], larder: Larder): Part[] {
  return rows.flatMap((row): Part[] => {
    const ingredient = larder.get(row.ingredientId);
    return ingredient ? [{ ...row, ingredient: readyIngredient(ingredient, row.raw, larder) }] : [];
  });
}

/** What the model says of rows as they were really added; ingredients no longer known are left out. */
export function analyseTrialRows(
  rows: readonly TrialRow[],
  method: Trial['method'],
  servedAtC: number,
  larder: Larder,
  correction?: Correction,
): Analysis {
  const parts = trialParts(rows, larder);
  return analyse({ parts, method, servedAtC, ...(correction ? { correction } : {}) });
}
