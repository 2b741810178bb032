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
    const correction = correctionOf(others, evidence.formulaId);
    const { modelBody, waterOutside, gained, readBody } = evidence;
    const expected = modelBody + gained + correctionBody(correction, modelBody, waterOutside);
    const z = surprise(others, evidence);
    return {
      evidence,
      expected,
      off: readBody - expected,
      z,
      unlikely: Math.abs(z) > unlikelyBeyond,
    };
  });
}
