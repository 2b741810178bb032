import { printGrams } from '../amounts/printAmount';
import { type Analysis, analyse } from '../dip/analyse';
import type { ReadRow } from '../dip/readRow';
import type { Larder } from '../larder/larder';
import type { Conditions } from '../mix/conditions';
import { garlicOf, type Part } from '../mix/part';
import { readyIngredient } from '../prepare/takenUp';
import type { TrialRow } from './trialRow';

/** A read row as a run and a trial keep it; null when its ingredient is not known. */
export function trialRowOf(read: ReadRow): TrialRow | null {
  if (!read.ingredient) return null;
  const { ingredientId, place, raw, atC } = read.row;
  // a run measures what goes in, not what it came from
  const amount = read.fromRaw ? printGrams(read.massG) : read.row.amount;
  return {
    ingredientId,
    planned: amount,
    amount,
    massG: read.massG,
    cv: read.cv,
    place,
    ...(atC === undefined ? {} : { atC }),
    ...(raw ? { raw } : {}),
    ...garlicOf(read.row),
  };
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
  larder: Larder,
  conditions: Conditions,
): Analysis {
  return analyse(trialParts(rows, larder), conditions);
}
