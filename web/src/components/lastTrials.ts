import type { Trial } from '@cobbet/core/book/trial';

/** The latest trial of each dip, by dip. */
export function lastTrials(trials: ReadonlyMap<string, Trial>): Map<string, Trial> {
  const last = new Map<string, Trial>();
  for (const trial of trials.values()) {
    const known = last.get(trial.dipId);
    if (!known || trial.number > known.number) last.set(trial.dipId, trial);
  }
  return last;
}
