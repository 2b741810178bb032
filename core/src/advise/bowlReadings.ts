import type { Method } from '../body/conditions';
import type { Part } from '../bowl/part';
import { calibrate, correctionOf } from '../calibration/calibrate';
import type { Correction } from '../calibration/correction';
import { readEvidence } from '../calibration/readEvidence';
import { standingOf } from '../calibration/standing';
import type { ReadingTaken } from '../reading/takeReading';

/** A reading of a bowl on its way. */
export interface BowlReading {
  taken: ReadingTaken;
  /** How many parts were in when it was read; all of them when left out. */
  after?: number;
  /** °C; warm from the machine when left out. */
  atC?: number;
}

/**
 * What readings of the bowl itself have taught about it. Readings of crumbs and tests out of their range teach nothing.
 *
 * @param parts in the order they went in
 */
export function bowlCorrection(
  parts: readonly Part[],
  readings: readonly BowlReading[],
  method: Method,
): Correction {
  const evidence = readings.flatMap(({ taken, after = parts.length, atC = method.blendC }) => {
    const standing = standingOf(parts.slice(0, after), method);
    return standing
      ? (readEvidence('bowl', standing, taken, { atC, restedForMinutes: 0 }) ?? [])
      : [];
  });
  return correctionOf(calibrate(evidence), 'bowl');
}
