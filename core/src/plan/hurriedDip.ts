import type { Dip } from '../book/dip';
import { readRow } from '../book/dipParts';
import type { Larder } from '../larder/larder';
import type { MeasureSystem } from '../quantity/measureSystem';
import { printGrams } from '../quantity/printAmount';
import { hurried, type Hurry } from './dayNeeds';

/**
 * A dip with its long soaks saved: soaked hot, or out of cans in as many grams as were cooked from dried.
 *
 * @returns the same dip where nothing of it soaks long
 */
export function hurriedDip(dip: Dip, hurry: Hurry, larder: Larder, measures: MeasureSystem): Dip {
  let changed = false;
  const rows = dip.rows.map((row) => {
    const { id, raw } = hurried(row.ingredientId, row.raw, hurry);
    if (id === row.ingredientId && raw === row.raw) return row;
    changed = true;
    const way = raw === undefined ? {} : { raw };
    if (id === row.ingredientId) return { ...row, ...way };
    const { massG } = readRow(row, larder, measures);
    return { ...row, ingredientId: id, amount: printGrams(massG), ...way };
  });
  return changed ? { ...dip, rows } : dip;
}
