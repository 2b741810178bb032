import { allergensOf } from '../dip/analyse';
import { readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import type { Kitchen } from '../kitchen/kitchen';
import { massOf, mixOf, mixVolumeMl } from '../mix/mix';

/** A dip's rows read, with what they come to in the bowl and folded in. */
export function bowlOfRows(
  dip: Dip,
  kitchen: Kitchen,
): {
  rows: ReadRow[];
  massG: number;
  volumeMl: number;
  allergens: string[];
  problems: string[];
} {
  const { rows, parts, conditions } = readDip(dip, kitchen);
  const mix = mixOf(parts);
  return {
    rows,
    massG: massOf(mix),
    volumeMl: mixVolumeMl(mix, conditions.method),
    allergens: allergensOf(parts),
    problems: rows.flatMap(({ error }) => (error === null ? [] : [error])),
  };
}
