import { allergensOf } from '../dip/analyse';
import type { Dip } from '../dip/dip';
import { partOf, type ReadRow, type RowReader, readRow } from '../dip/readRow';
import { massOf, mixOf, mixVolumeMl } from '../mix/mix';

/** A dip's rows read, with what they come to in the bowl and folded in. */
export function bowlOfRows(
  dip: Dip,
  reader: RowReader,
): {
  rows: ReadRow[];
  massG: number;
  volumeMl: number;
  allergens: string[];
  problems: string[];
} {
  const rows = dip.rows.map((row) => readRow(row, reader));
  const parts = rows.flatMap((read) => partOf(read) ?? []);
  const mix = mixOf(parts);
  return {
    rows,
    massG: massOf(mix),
    volumeMl: mixVolumeMl(mix, dip.method),
    allergens: allergensOf(parts),
    problems: rows.flatMap(({ error }) => (error === null ? [] : [error])),
  };
}
