import {
  type Calibration,
  correctionOf,
  surprise,
  unlikelyBeyond,
  withoutEvidence,
} from './calibrate';
import { correctionBody } from '../mix/correction';
import type { KeptReading } from './keptReading';
import type { ReadEvidence } from './readEvidence';

/** A reading as evidence, with what it was and where it is kept. */
export interface KeptEvidence extends ReadEvidence {
  reading: KeptReading;
  /** Its place among the readings it is kept with. */
  index: number;
}

/** A reading against what all others say of it. */
export interface Residual {
  evidence: KeptEvidence;
  /** Body expected at the temperature it was read, this reading left aside. */
  expected: number;
  /** Read minus expected, body. */
  off: number;
  /** The same in standard deviations of expectation and reading together. */
  z: number;
  unlikely: boolean;
}

/** Body a reading should show by a calibration, at the temperature it is read. */
export function expectedBody(calibration: Calibration, evidence: KeptEvidence): number {
  const { modelBody, waterOutside, gained, formulaId } = evidence;
  const correction = correctionOf(calibration, formulaId);
  return modelBody + gained + correctionBody(correction, modelBody, waterOutside);
}

/**
 * Readings against what was expected of them. One that teaches is taken out first, so that no reading is held against
 * itself.
 *
 * @param calibration of all readings that teach, these among them
 */
export function residuals(calibration: Calibration, readings: readonly KeptEvidence[]): Residual[] {
  return readings.map((evidence) => {
    const others = evidence.reading.leftOut ? calibration : withoutEvidence(calibration, evidence);
    const expected = expectedBody(others, evidence);
    const z = surprise(others, evidence);
    return {
      evidence,
      expected,
      off: evidence.readBody - expected,
      z,
      unlikely: Math.abs(z) > unlikelyBeyond,
    };
  });
}
