import {
  type Calibration,
  correctionOf,
  surprise,
  unlikelyBeyond,
  withoutEvidence,
} from './calibrate';
import { correctionBody } from './correction';
import type { TrialEvidence } from './trialEvidence';

/** A reading against what all others say of it. */
export interface Residual {
  evidence: TrialEvidence;
  /** Body expected at the temperature it was read, this reading left aside. */
  expected: number;
  /** Read minus expected, body. */
  off: number;
  /** The same in standard deviations of expectation and reading together. */
  z: number;
  unlikely: boolean;
}

/** Body a reading should show by a calibration, at the temperature it is read. */
export function expectedBody(calibration: Calibration, evidence: TrialEvidence): number {
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
export function residuals(
  calibration: Calibration,
  readings: readonly TrialEvidence[],
): Residual[] {
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
