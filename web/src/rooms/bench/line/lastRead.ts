import { latestTrial, type Trial } from '@cobbet/core/book/trial';
import { readingAt } from '@cobbet/core/readings/keptReading';
import { takeReading } from '@cobbet/core/readings/takeReading';

/** The last trial's readings as bodies, and how many trials there are. */
export function lastRead(trials: ReadonlyMap<string, Trial>, dipId: string) {
  const own = [...trials.values()].filter((trial) => trial.dipId === dipId);
  const last = latestTrial(own, dipId);
  const read = (when: 'machine' | 'chilled') => {
    const reading = last && readingAt(last, when);
    return reading ? takeReading(reading.taken).body : null;
  };
  return { count: own.length, machine: read('machine'), chilled: read('chilled') };
}
