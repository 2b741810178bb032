import type { Moment } from '../mix/bodyAt';
import { type ReadingTaken, takeReading } from './takeReading';
import type { Evidence } from './calibrate';
import type { Standing } from './standing';

/** A reading as evidence, with what was read. */
export interface ReadEvidence extends Evidence {
  /** What was read, at the temperature it was read, body. */
  readBody: number;
  /** What rest and temperature add there to the fresh mix, body. */
  gained: number;
}

/**
 * A reading brought to 25 °C and no rest, held against where the mix stands by the model.
 *
 * @returns null for a test out of its range, which teaches nothing
 */
export function readEvidence(
  formulaId: string,
  { modelBody, waterOutside, measuringSd, gainedAt }: Standing,
  taken: ReadingTaken,
  moment: Moment,
): ReadEvidence | null {
  const { body, sd, inRange } = takeReading(taken);
  if (!inRange) return null;
  const gained = gainedAt(moment);
  return {
    formulaId,
    modelBody,
    waterOutside,
    difference: body - gained - modelBody,
    variance: sd * sd + measuringSd * measuringSd,
    readBody: body,
    gained,
  };
}
