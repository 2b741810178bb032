import { chilled } from '../body/bodyAt';
import type { Dip } from '../book/dip';
import { partOf, readRow } from '../book/dipParts';
import type { Larder } from '../larder/larder';
import type { MeasureSystem } from '../quantity/measureSystem';
import { standingOf } from './standing';
import type { ToBeRead } from './tellsMost';

/** A dip as it stands, ready to ask which reading would tell most of it; null while it is no paste. */
export function toBeRead(dip: Dip, larder: Larder, measures: MeasureSystem): ToBeRead | null {
  const parts = dip.rows.flatMap((row) => partOf(readRow(row, larder, measures)) ?? []);
  const standing = standingOf(parts, dip.method);
  if (!standing) return null;
  const { modelBody, waterOutside, measuringSd, gainedAt } = standing;
  return {
    formulaId: dip.id,
    modelBody,
    waterOutside,
    measuringSd,
    gained: {
      machine: gainedAt({ atC: dip.method.blendC, restedForMinutes: 0 }),
      chilled: gainedAt(chilled),
    },
  };
}
