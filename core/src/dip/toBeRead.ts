import type { Kitchen } from '../kitchen/kitchen';
import { chilled, fromMachine } from '../mix/moment';
import { standingOf } from '../readings/standing';
import type { ToBeRead } from '../readings/tellsMost';
import { dipConditions } from './analyseDip';
import type { Dip } from './dip';
import { partOf, readRow } from './readRow';

/** A dip as it stands, ready to ask which reading would tell most of it; null while it is no paste. */
export function toBeRead(dip: Dip, kitchen: Kitchen): ToBeRead | null {
  const parts = dip.rows.flatMap((row) => partOf(readRow(row, kitchen)) ?? []);
  const conditions = dipConditions(dip, kitchen);
  const standing = standingOf(parts, conditions);
  if (!standing) return null;
  const { modelBody, waterOutside, priorSd, measuringSd, gainedAt } = standing;
  return {
    formulaId: dip.id,
    modelBody,
    waterOutside,
    priorSd,
    measuringSd,
    gained: { machine: gainedAt(fromMachine(conditions.method)), chilled: gainedAt(chilled) },
  };
}
