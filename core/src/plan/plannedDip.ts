import type { Dip } from '../book/dip';
import { partOf, type ReadRow, readRow } from '../book/dipParts';
import { addTo, emptyBowl, volumeMl } from '../bowl/bowlSums';
import { partSumsPerGram } from '../bowl/part';
import type { Larder } from '../larder/larder';
import type { MeasureSystem } from '../quantity/measureSystem';

/** A dip's rows read, with what they come to in the bowl and folded in. */
export function bowlOfRows(
  dip: Dip,
  larder: Larder,
  measures: MeasureSystem,
): { rows: ReadRow[]; massG: number; volumeMl: number; problems: string[] } {
  const rows = dip.rows.map((row) => readRow(row, larder, measures));
  const all = emptyBowl();
  for (const read of rows) {
    const part = partOf(read);
    if (part && part.place !== 'top') addTo(all, partSumsPerGram(part), part.massG);
  }
  return {
    rows,
    massG: all[0] ?? 0,
    volumeMl: volumeMl(all),
    problems: rows.flatMap(({ error }) => (error === null ? [] : [error])),
  };
}

/** Allergens of everything in a dip, once each. */
export function allergensOf(rows: readonly ReadRow[]): string[] {
  return [...new Set(rows.flatMap(({ ingredient }) => ingredient?.allergens ?? []))].sort();
}
