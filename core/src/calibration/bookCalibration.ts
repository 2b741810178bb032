import type { Book } from '../book/book';
import { loggedRows } from '../book/run';
import type { Trial } from '../book/trial';
import type { Larder } from '../larder/larder';
import { calibrate, type Calibration, correctionOf, withoutEvidence } from './calibrate';
import type { Correction } from './correction';
import { type ReadDip, trialEvidence, type TrialEvidence } from './trialEvidence';

/** Trials don't change in place, so each is held against the model once. */
const known = new WeakMap<object, { larder: Larder; evidence: TrialEvidence[] }>();

/** The evidence of one trial or run, remembered for as long as it and the larder stay the same. */
export function evidenceOf(trial: ReadDip, larder: Larder, key: object = trial): TrialEvidence[] {
  const found = known.get(key);
  if (found?.larder === larder) return found.evidence;
  const evidence = trialEvidence(trial, larder);
  known.set(key, { larder, evidence });
  return evidence;
}

/**
 * What the readings of a whole book have taught: of every trial and of dips being made now, but for those left out.
 *
 * @param machineId only what was made in this machine: what one machine taught says nothing of another; all of them
 *   when left out
 */
export function bookCalibration(
  book: Pick<Book, 'trials' | 'runs'>,
  larder: Larder,
  machineId?: string,
): Calibration {
  const counts = (made: { machineId: string }) =>
    machineId === undefined || made.machineId === machineId;
  const teaching: TrialEvidence[] = [];
  const take = (evidence: readonly TrialEvidence[]) => {
    for (const one of evidence) if (!one.reading.leftOut) teaching.push(one);
  };
  for (const trial of book.trials.values()) if (counts(trial)) take(evidenceOf(trial, larder));
  for (const run of book.runs.values()) {
    if (counts(run) && run.readings.length > 0)
      take(evidenceOf({ ...run, rows: loggedRows(run) }, larder, run));
  }
  return calibrate(teaching);
}

/**
 * What every other reading says of a trial: the expectation its own readings are held against.
 *
 * @param calibration of the book the trial is in
 */
export function correctionWithout(
  calibration: Calibration,
  trial: Trial,
  larder: Larder,
): Correction {
  const others = evidenceOf(trial, larder)
    .filter((one) => !one.reading.leftOut)
    .reduce(withoutEvidence, calibration);
  return correctionOf(others, trial.dipId);
}

/** Every reading of the book's trials with the trial it belongs to, the latest first. */
export function bookEvidence(
  trials: Iterable<Trial>,
  larder: Larder,
): { trial: Trial; evidence: TrialEvidence }[] {
  return [...trials]
    .flatMap((trial) => evidenceOf(trial, larder).map((evidence) => ({ trial, evidence })))
    .sort((a, b) => b.evidence.reading.takenAt.localeCompare(a.evidence.reading.takenAt));
}
