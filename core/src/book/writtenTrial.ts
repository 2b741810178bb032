import type { Dip } from '../dip/dip';
import { readRow } from '../dip/readRow';
import { workedMethod } from '../dip/workedMethod';
import type { Kitchen } from '../kitchen/kitchen';
import type { Trial } from './trial';
import { trialRowOf } from './trialParts';

/** Before the id of a dip, where trials and dips stand beside one another. */
const written = 'dip:';

/** How a dip as it is written is named beside trials. */
export const writtenId = (dipId: string) => `${written}${dipId}`;

/** The dip that is named as it is written; null for what names a trial. */
export const dipOfWritten = (column: string) =>
  column.startsWith(written) ? column.slice(written.length) : null;

/** A dip as it is written, as it would be made: a trial nobody has read, tasted or weighed. Rows that can't be read are left out. */
export function writtenTrial(dip: Dip, kitchen: Kitchen): Trial {
  const rows = dip.rows.flatMap((row) => trialRowOf(readRow(row, kitchen)) ?? []);
  return {
    id: writtenId(dip.id),
    dipId: dip.id,
    number: 0,
    madeAt: dip.createdAt,
    rows,
    method: workedMethod(dip.method, dip.rows, kitchen.larder),
    machineId: dip.machineId,
    readings: [],
    tastes: {},
    yieldG: null,
    notes: dip.note,
    changeNext: dip.nextThing,
  };
}
