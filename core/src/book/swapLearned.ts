import type { Larder } from '../larder/larder';
import { calibrate } from '../readings/calibrate';
import { expectedBody } from '../readings/residuals';
import type { Book } from './book';
import { evidenceOf } from './bookCalibration';
import type { KeptSwap } from './keptSwap';
import type { Trial } from './trial';

/** What reading dips with a swap in them has taught of it. */
export interface LearnedShift {
  /** Trials that were read. */
  n: number;
  /** How much stiffer (positive) or looser they were than reckoned, on average, body. */
  measured: number;
  /** What of that is believed, body: little while there are few. */
  believed: number;
}

/** How far a thing may stand from what is reckoned of it, before anybody has read it, and how far one trial's makings scatter, body (J). */
const priorSd = 0.4;
const trialSd = 0.3;

/** Whether a trial has a swap in it: the one made at its bowl, or one of its dip that went in. */
function has(trial: Trial, { dipId, trialId, runId, to, at }: KeptSwap): boolean {
  if (trialId !== null) return trialId === trial.id;
  if (runId !== null || dipId !== trial.dipId || at > trial.madeAt) return false;
  return trial.rows.some(({ ingredientId }) => ingredientId === to.ingredientId);
}

/** Body read less body reckoned of one trial, weighed by how surely it was read; null where nothing of it teaches. */
function offOf(
  trial: Trial,
  calibration: ReturnType<typeof calibrate>,
  larder: Larder,
): { off: number; variance: number } | null {
  let [sum, weights] = [0, 0];
  for (const evidence of evidenceOf(trial, larder)) {
    if (evidence.reading.leftOut) continue;
    const weight = 1 / Math.max(1e-4, evidence.variance);
    sum += weight * (evidence.readBody - expectedBody(calibration, evidence));
    weights += weight;
  }
  return weights > 0 ? { off: sum / weights, variance: 1 / weights } : null;
}

/**
 * What readings have taught of everything that went in for a thing: body read against body reckoned by all other trials, shrunk
 * towards the model (normal prior, normal readings).
 *
 * @param fromId what the others went in for
 * @returns by id of what went in; what was never read is left out
 */
export function learnedShifts(
  { swaps, trials }: Pick<Book, 'swaps' | 'trials'>,
  fromId: string,
  larder: Larder,
): ReadonlyMap<string, LearnedShift> {
  const kept = [...swaps.values()].filter(({ from }) => from.ingredientId === fromId);
  const found = new Map<string, LearnedShift>();
  for (const toId of new Set(kept.map(({ to }) => to.ingredientId))) {
    const made = kept.filter(({ to }) => to.ingredientId === toId);
    const [withIt, others]: [Trial[], Trial[]] = [[], []];
    for (const trial of trials.values()) {
      (made.some((swap) => has(trial, swap)) ? withIt : others).push(trial);
    }
    if (!withIt.some(({ readings }) => readings.length > 0)) continue;
    const calibration = calibrate(
      others.flatMap((trial) =>
        evidenceOf(trial, larder).filter(({ reading }) => !reading.leftOut),
      ),
    );
    const read = withIt.flatMap((trial) => offOf(trial, calibration, larder) ?? []);
    if (read.length === 0) continue;
    let [precision, sum] = [1 / priorSd ** 2, 0];
    for (const { off, variance } of read) {
      const weight = 1 / (variance + trialSd ** 2);
      precision += weight;
      sum += weight * off;
    }
    const measured = read.reduce((total, { off }) => total + off, 0) / read.length;
    found.set(toId, { n: read.length, measured, believed: sum / precision });
  }
  return found;
}
