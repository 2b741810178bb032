import type { ReadingWay } from './keptReading';
import { ringSd } from './ringTest';
import { eyeSd, pressRange, pressSd, ringRange } from './takeReading';
import { yieldStressPa } from '../mix/bodyWords';
import { type Calibration, correctionOf, withEvidence } from './calibrate';
import { correctionBody, spreadLeft } from '../mix/correction';

/** A reading that could be taken of a dip and what it would leave of the band. */
export interface TellingReading {
  way: ReadingWay;
  when: 'machine' | 'chilled';
  /** One standard deviation of body from the model, before and after. */
  sdNow: number;
  sdThen: number;
}

/** A dip as it would be read. */
export interface ToBeRead {
  formulaId: string;
  modelBody: number;
  waterOutside: number;
  /** What temperature and rest add at each moment, body. */
  gained: { machine: number; chilled: number };
  /** One standard deviation of the model before any reading, and from measuring, body. */
  priorSd: number;
  measuringSd: number;
}

function errorOf(way: ReadingWay, body: number): number | null {
  const tau = yieldStressPa(body);
  switch (way) {
    case 'eye':
      return eyeSd;
    case 'ring':
      if (tau < ringRange.low || tau > ringRange.high) return null;
      // about 100 Pa the two equations of the ring differ, and it is less sure
      return tau > 60 && tau < 130 ? ringSd.between : ringSd.clear;
    case 'press':
      return tau < pressRange.low || tau > pressRange.high ? null : pressSd.smooth;
  }
}

/**
 * The readings that could be taken of a dip, the one that would narrow its band most first. What a test would show
 * is not known, but what it would leave of the spread does not depend on that.
 *
 * @param dip where it stands by the model
 */
export function tellingReadings(calibration: Calibration, dip: ToBeRead): TellingReading[] {
  const { formulaId, modelBody, waterOutside, gained, priorSd, measuringSd } = dip;
  const sd = (taught: Calibration) =>
    priorSd * spreadLeft(correctionOf(taught, formulaId), modelBody, waterOutside);
  const expected =
    modelBody + correctionBody(correctionOf(calibration, formulaId), modelBody, waterOutside);
  const sdNow = sd(calibration);
  const found: TellingReading[] = [];
  for (const when of ['machine', 'chilled'] as const) {
    for (const way of ['press', 'ring', 'eye'] as const) {
      const error = errorOf(way, expected + gained[when]);
      if (error === null) continue;
      const variance = error * error + measuringSd * measuringSd;
      const then = withEvidence(calibration, {
        formulaId,
        modelBody,
        waterOutside,
        difference: 0,
        variance,
      });
      found.push({ way, when, sdNow, sdThen: sd(then) });
    }
  }
  // as good and warm is sooner done
  return found.sort((a, b) => a.sdThen - b.sdThen || (a.when === 'machine' ? -1 : 1));
}
