import { type Kitchen, machineFor } from '../kitchen/kitchen';
import type { Machine } from '../kitchen/machines';
import { everyday } from '../larder/everyday';
import type { Conditions } from '../mix/conditions';
import type { Part } from '../mix/part';
import { type Analysis, analyse } from './analyse';
import type { Dip } from './dip';
import { workedMethod } from './workedMethod';
import { partOf, type ReadRow, readRow } from './readRow';
import { warmConditions, type WorkedPart } from './warmMethod';

/** A dip with its rows read in a kitchen, ready to be asked about. */
export interface DipInKitchen {
  dip: Dip;
  rows: ReadRow[];
  /** One for each row, so that a path stays aligned with them; what can't be read counts as nothing. */
  parts: Part[];
  conditions: Conditions;
  machine: Machine;
}

/** What a dip is evaluated under in a kitchen. */
export const dipConditions = (dip: Dip, kitchen: Kitchen): Conditions =>
  readDip(dip, kitchen).conditions;

/** Reads a dip in a kitchen. */
export function readDip(dip: Dip, kitchen: Kitchen): DipInKitchen {
  const rows = dip.rows.map((row) => readRow(row, kitchen));
  const nothing = kitchen.larder.get(everyday.water);
  const parts = rows.map((read): Part => {
    const part = partOf(read);
    if (part) return part;
    if (!nothing) throw new Error('the larder has no water');
    return { ingredient: nothing, massG: 0, cv: 0, place: 'bowl' };
  });
  const method = workedMethod(dip.method, dip.rows, kitchen.larder);
  const workedParts = parts.map((part, i): WorkedPart => {
    const worked = dip.rows[i]?.worked;
    return worked ? { ...part, worked } : part;
  });
  return {
    dip,
    rows,
    parts,
    conditions: warmConditions({ ...dip, dipId: dip.id, method }, workedParts, kitchen),
    machine: machineFor(dip, kitchen),
  };
}

/** A dip read in a kitchen, with everything the model says of it. */
export function analyseDip(dip: Dip, kitchen: Kitchen): DipInKitchen & { analysis: Analysis } {
  const read = readDip(dip, kitchen);
  return { ...read, analysis: analyse(read.parts, read.conditions) };
}
