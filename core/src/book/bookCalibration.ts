import { type ServedAs, servedMoment } from '../mix/bodyMoments';
import { type Conditions, workedIn } from '../mix/conditions';
import type { Analysis } from '../dip/analyse';
import type { Kitchen } from '../kitchen/kitchen';
import type { Book } from './book';
import { analyseTrialRows } from './trialParts';
import { loggedRows } from './runEvents';
import { settledRun } from './runHeat';
import type { Trial } from './trial';
import type { Larder } from '../larder/larder';
import { calibrate, type Calibration, correctionOf, withoutEvidence } from '../readings/calibrate';
import type { Correction } from '../mix/correction';
import { type ReadMaking, trialEvidence } from './trialEvidence';
import { type KeptEvidence } from '../readings/residuals';

/** Trials don't change in place, so each is held against the model once. */
const known = new WeakMap<object, { larder: Larder; evidence: KeptEvidence[] }>();

/** The evidence of one trial or run, remembered for as long as it and the larder stay the same. */
export function evidenceOf(trial: ReadMaking, larder: Larder, key: object = trial): KeptEvidence[] {
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
  const teaching: KeptEvidence[] = [];
  const take = (evidence: readonly KeptEvidence[]) => {
    for (const one of evidence) if (!one.reading.leftOut) teaching.push(one);
  };
  for (const trial of book.trials.values()) if (counts(trial)) take(evidenceOf(trial, larder));
  for (const run of book.runs.values()) {
    if (counts(run) && run.readings.length > 0)
      take(evidenceOf({ ...settledRun(run, larder), rows: loggedRows(run) }, larder, run));
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

/** What a trial was made under, with what every reading but its own has taught. */
export function conditionsAlone(trial: Trial, dip: ServedAs, kitchen: Kitchen): Conditions {
  const { larder, measures, calibrationOf } = kitchen;
  return {
    ...workedIn(trial),
    served: servedMoment(dip),
    measures,
    correction: correctionWithout(calibrationOf(trial.machineId), trial, larder),
  };
}

/** What the model says of a trial as it was made, by what every other reading has taught. */
export function analyseTrialAlone(trial: Trial, dip: ServedAs, kitchen: Kitchen): Analysis {
  return analyseTrialRows(trial.rows, kitchen.larder, conditionsAlone(trial, dip, kitchen));
}

/** Every reading of the book's trials with the trial it belongs to, the latest first. */
export function bookEvidence(
  trials: Iterable<Trial>,
  larder: Larder,
): { trial: Trial; evidence: KeptEvidence }[] {
  return [...trials]
    .flatMap((trial) => evidenceOf(trial, larder).map((evidence) => ({ trial, evidence })))
    .sort((a, b) => b.evidence.reading.takenAt.localeCompare(a.evidence.reading.takenAt));
}
