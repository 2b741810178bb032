import type { Method } from '../mix/method';
import { garlicOf } from '../mix/part';
import { type Dip, variantOf } from '../dip/dip';
import { keyedRows } from './compareTrials';
import type { Trial, TrialRow } from './trial';

function withBlendC({ blendC: _then, ...method }: Method, blendC: number | undefined): Method {
  return blendC === undefined ? method : { ...method, blendC };
}

/**
 * A variant that starts from a trial as it was really made: its amounts, method and machine, under its dip.
 *
 * @param dip the trial's own
 * @param rowIds one for each row of the trial
 * @param now ISO 8601
 */
export function dipFromTrial(
  dip: Dip,
  trial: Trial,
  id: string,
  name: string,
  rowIds: readonly string[],
  now: string,
): Dip {
  // how a thing is prepared stands with the dip; the trial has only what went in
  const asRows = dip.rows.map((row): TrialRow => ({ ...row, planned: null, massG: 0, cv: 0 }));
  const preps = new Map<string, string>();
  [...keyedRows(asRows).keys()].forEach((key, i) => preps.set(key, dip.rows[i]?.prep ?? ''));
  return {
    ...variantOf(dip, id, name, now),
    note: `From trial ${trial.number} of ${dip.name}.`,
    // how warm it got then is what came of it, not how it is to be made
    method: withBlendC(trial.method, dip.method.blendC),
    machineId: trial.machineId,
    rows: [...keyedRows(trial.rows)].map(([key, row], i) => ({
      id: rowIds[i] ?? `${id}-${i}`,
      ingredientId: row.ingredientId,
      amount: row.amount,
      place: row.place,
      prep: preps.get(key) ?? '',
      hold: false,
      ...(row.atC === undefined ? {} : { atC: row.atC }),
      ...(row.raw ? { raw: row.raw } : {}),
      ...garlicOf(row),
    })),
  };
}
