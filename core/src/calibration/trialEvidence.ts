import { trialParts } from '../book/dipParts';
import { type KeptReading, momentOf } from '../book/reading';
import type { Trial } from '../book/trial';
import type { Larder } from '../larder/larder';
import { type ReadEvidence, readEvidence } from './readEvidence';
import { type Standing, standingOf } from './standing';

/** A reading as evidence, with what it was and where it is kept. */
export interface TrialEvidence extends ReadEvidence {
  reading: KeptReading;
  /** Its place among the trial's readings. */
  index: number;
}

/** The part of a trial, or of a run, that its readings are held against. */
export type ReadDip = Pick<Trial, 'dipId' | 'rows' | 'method' | 'machineId' | 'readings'>;

/**
 * The readings of one trial made ready to teach: each brought to 25 °C and no rest before it is compared. Readings
 * of crumbs and of an empty bowl teach nothing; tests out of their range neither.
 *
 * @param trial with its rows as they were really added
 */
export function trialEvidence(trial: ReadDip, larder: Larder): TrialEvidence[] {
  if (trial.readings.length === 0) return [];
  const parts = trialParts(trial.rows, larder);
  const standings = new Map<number, Standing | null>();
  return trial.readings.flatMap((reading, index) => {
    // what followed a reading was not in what was read
    const after = reading.after ?? parts.length;
    const standing = standings.get(after) ?? standingOf(parts.slice(0, after), trial.method);
    standings.set(after, standing);
    if (!standing) return [];
    const read = readEvidence(
      trial.dipId,
      standing,
      reading.taken,
      momentOf(reading, trial.method),
    );
    return read ? [{ ...read, reading, index }] : [];
  });
}
