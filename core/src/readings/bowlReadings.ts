import type { Worked } from '../mix/conditions';
import type { Part } from '../mix/part';
import type { Evidence } from './calibrate';
import { evidenceOfReadings } from './readEvidence';
import type { ReadingTaken } from './takeReading';

/** A reading of a bowl on its way. */
export interface BowlReading {
  taken: ReadingTaken;
  /** How many parts were in when it was read; all of them when left out. */
  after?: number;
  /** °C; warm from the machine when left out. */
  atC?: number;
}

/** The formula a bowl's own readings are kept under where it has no other name. */
export const bowlFormula = 'bowl';

/**
 * Readings of a bowl as evidence about it. Readings of crumbs and tests out of their range teach nothing.
 *
 * @param parts in the order they went in
 */
export function bowlEvidence(
  parts: readonly Part[],
  readings: readonly BowlReading[],
  worked: Worked,
): Evidence[] {
  const taken = readings.map(
    ({ taken: how, after = parts.length, atC = worked.method.blendC }) => ({
      ...{ taken: how, after, moment: { atC, restedForMinutes: 0 } },
    }),
  );
  return evidenceOfReadings(bowlFormula, parts, taken, worked).filter((one) => one !== null);
}
