import { measuringSd } from '../analysis/measuringSd';
import { bodyAt, fresh, modelBody } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import { trialParts } from '../book/dipParts';
import { type KeptReading, momentOf } from '../book/reading';
import type { Trial } from '../book/trial';
import { addTo, emptyBowl } from '../bowl/bowlSums';
import { partSumsPerGram } from '../bowl/part';
import type { Larder } from '../larder/larder';
import { takeReading } from '../reading/takeReading';
import type { Evidence } from './calibrate';

/** A reading as evidence, with what it was and where it is kept. */
export interface TrialEvidence extends Evidence {
  reading: KeptReading;
  /** Its place among the trial's readings. */
  index: number;
  /** What was read, at the temperature it was read, body. */
  readBody: number;
  /** What rest and temperature add there to the fresh mix, body. */
  gained: number;
}

/** The part of a trial, or of a run, that its readings are held against. */
export type ReadDip = Pick<Trial, 'dipId' | 'rows' | 'method' | 'readings'>;

/**
 * The readings of one trial made ready to teach: each brought to 25 °C and no rest before it is compared. Readings
 * of crumbs and of an empty bowl teach nothing; tests out of their range neither.
 *
 * @param trial with its rows as they were really added
 */
export function trialEvidence(trial: ReadDip, larder: Larder): TrialEvidence[] {
  if (trial.readings.length === 0) return [];
  const parts = trialParts(trial.rows, larder);
  const blended = emptyBowl();
  for (const part of parts) {
    if (part.place === 'bowl') addTo(blended, partSumsPerGram(part), part.massG);
  }
  const state = bodyState(blended);
  if (!state || state.crumbs) return [];
  const model = modelBody(state, trial.method);
  const measuring = measuringSd(parts, parts.length, blended);
  return trial.readings.flatMap((reading, index) => {
    const { body, sd, inRange } = takeReading(reading.taken);
    if (!inRange) return [];
    const gained =
      bodyAt(blended, state, trial.method, momentOf(reading, trial.method)) -
      bodyAt(blended, state, trial.method, fresh);
    return [
      {
        formulaId: trial.dipId,
        modelBody: model,
        waterOutside: state.waterOutside,
        difference: body - gained - model,
        variance: sd * sd + measuring * measuring,
        reading,
        index,
        readBody: body,
        gained,
      },
    ];
  });
}
