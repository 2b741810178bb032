import type { Book } from '@cobbet/core/book/book';
import { put, remove } from '@cobbet/core/book/change';
import { type Gate, type Trial, withGate } from '@cobbet/core/book/trial';
import { type KeptReading, withReading } from '@cobbet/core/readings/keptReading';
import { useBook } from './bookStore';

/** Keeps a reading of a trial. */
export function readTrial(trialId: string, reading: KeptReading): Promise<boolean> {
  return editTrial(trialId, 'Read it', (trial) => withReading(trial, reading));
}

/** Keeps a taste of a trial at its gate. */
export function tasteTrial(trialId: string, gate: Gate): Promise<boolean> {
  return editTrial(trialId, 'Taste it', (trial) => withGate(trial, gate));
}

/** Leaves a trial's reading out of what the kitchen learns, or puts it back. */
export function leaveReadingOut(trialId: string, index: number, out: boolean): Promise<boolean> {
  return editTrial(trialId, out ? 'Leave a reading out' : 'Put a reading back', (trial) => ({
    ...trial,
    readings: trial.readings.map((one, i) => (i === index ? { ...one, leftOut: out } : one)),
  }));
}

function editTrial(trialId: string, label: string, edit: (trial: Trial) => Trial) {
  const change = (book: Book) => {
    const trial = book.trials.get(trialId);
    return trial ? [put('trials', edit(trial))] : [];
  };
  return useBook.getState().act(label, change, { whole: true });
}

export function deleteTrial(trial: Trial): Promise<boolean> {
  return useBook.getState().act(`Delete trial ${trial.number}`, () => [remove('trials', trial.id)]);
}
