import type { Trial } from '@cobbet/core/book/trial';
import { wordMiddle } from '@cobbet/core/body/words';

/** The last trial's readings as bodies, and how many trials there are. */
export function lastRead(trials: ReadonlyMap<string, Trial>, dipId: string) {
  const own = [...trials.values()].filter((trial) => trial.dipId === dipId);
  const last = own.reduce<Trial | null>(
    (latest, trial) => (latest === null || trial.number > latest.number ? trial : latest),
    null,
  );
  const read = (when: 'machine' | 'chilled') => {
    const reading = last?.readings.findLast((one) => one.when === when);
    return reading ? wordMiddle[reading.word] : null;
  };
  return { count: own.length, machine: read('machine'), chilled: read('chilled') };
}
