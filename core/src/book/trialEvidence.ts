import { trialParts } from './trialParts';
import { workedIn } from '../mix/conditions';
import { momentOf } from '../readings/keptReading';
import type { Trial } from './trial';
import type { Larder } from '../larder/larder';
import { evidenceOfReadings } from '../readings/readEvidence';
import type { KeptEvidence } from '../readings/residuals';

/** The part of a trial, or of a run, that its readings are held against. */
export type ReadMaking = Pick<Trial, 'dipId' | 'rows' | 'method' | 'machineId' | 'readings'>;

/**
 * The readings of one trial made ready to teach: each brought to 25 °C and no rest before it is compared. Readings
 * of crumbs and of an empty bowl teach nothing; tests out of their range neither.
 *
 * @param trial with its rows as they were really added
 */
export function trialEvidence(trial: ReadMaking, larder: Larder): KeptEvidence[] {
  if (trial.readings.length === 0) return [];
  const parts = trialParts(trial.rows, larder);
  const worked = workedIn(trial);
  // what followed a reading was not in what was read
  const taken = trial.readings.map((reading, index) => ({
    ...{ reading, index, taken: reading.taken, after: reading.after ?? parts.length },
    moment: momentOf(reading, worked.method),
  }));
  const counts = ({ reading }: (typeof taken)[number]) => !reading.leftOut;
  const evidence = evidenceOfReadings(trial.dipId, parts, taken, worked, counts);
  return taken.flatMap(({ reading, index }) => {
    const read = evidence[index];
    return read ? [{ ...read, reading, index }] : [];
  });
}
