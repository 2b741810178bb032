import { latestTrial, type Trial } from '@cobbet/core/book/trial';
import { wordMiddle } from '@cobbet/core/body/words';

/** The last trial's readings as bodies, and how many trials there are. */
export function lastRead(trials: ReadonlyMap<string, Trial>, dipId: string) {
  const own = [...trials.values()].filter((trial) => trial.dipId === dipId);
  const last = latestTrial(own, dipId);
  const read = (when: 'machine' | 'chilled') => {
    const reading = last?.readings.findLast((one) => one.when === when);
    return reading ? wordMiddle[reading.word] : null;
  };
  return { count: own.length, machine: read('machine'), chilled: read('chilled') };
}
