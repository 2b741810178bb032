import type { Dip } from '../dip/dip';
import { readRow, type RowReader } from '../dip/readRow';
import { printGrams } from '../amounts/printAmount';
import { hurried, type Hurry } from './dayNeeds';

/**
 * A dip with its long soaks saved: soaked hot, or out of cans in as many grams as were cooked from dried.
 *
 * @returns the same dip where nothing of it soaks long
 */
export function hurriedDip(dip: Dip, hurry: Hurry, kitchen: RowReader): Dip {
  let changed = false;
  const rows = dip.rows.map((row) => {
    const { ingredient, massG } = readRow(row, kitchen);
    if (!ingredient) return row;
    const { id, raw } = hurried(ingredient, row.raw, hurry);
    if (id === row.ingredientId && raw === row.raw) return row;
    changed = true;
    const way = raw === undefined ? {} : { raw };
    if (id === row.ingredientId) return { ...row, ...way };
    return { ...row, ingredientId: id, amount: printGrams(massG), ...way };
  });
  return changed ? { ...dip, rows } : dip;
}
