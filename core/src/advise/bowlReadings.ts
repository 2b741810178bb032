import type { Method } from '../body/conditions';
import type { Part } from '../bowl/part';
import { calibrate, type Calibration, correctionOf, withEvidence } from '../calibration/calibrate';
import type { Correction } from '../calibration/correction';
import { standingOf } from '../calibration/standing';
import { type ReadingTaken, takeReading } from '../reading/takeReading';

/** A reading of a bowl on its way. */
export interface BowlReading {
  taken: ReadingTaken;
  /** How many parts were in when it was read; all of them when left out. */
  after?: number;
  /** °C; warm from the machine when left out. */
  atC?: number;
}

const bowl = 'bowl';

/**
 * What readings of the bowl itself have taught about it, on top of what the kitchen knows already. Readings of crumbs
 * and tests out of their range teach nothing.
 *
 * @param parts in the order they went in
 * @param known what the kitchen's other readings say; nothing when left out
 */
export function bowlCorrection(
  parts: readonly Part[],
  readings: readonly BowlReading[],
  method: Method,
  known: Calibration = calibrate([]),
  formulaId = bowl,
): Correction {
  let calibration = known;
  for (const { taken, after = parts.length, atC = method.blendC } of readings) {
    const standing = standingOf(parts.slice(0, after), method);
    const { body, sd, inRange } = takeReading(taken);
    if (!standing || !inRange) continue;
    const { modelBody, waterOutside, measuringSd, gainedAt } = standing;
    calibration = withEvidence(calibration, {
      formulaId,
      modelBody,
      waterOutside,
      difference: body - gainedAt({ atC, restedForMinutes: 0 }) - modelBody,
      variance: sd * sd + measuringSd * measuringSd,
    });
  }
  return correctionOf(calibration, formulaId);
}
