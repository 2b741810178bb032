import type { BodyWord } from '../body/words';
import type { EyeReading, Outcome } from './trial';

/**
 * An outcome with an eye reading in it; one look at a moment takes the place of an earlier one at the same.
 *
 * @param takenAt ISO 8601
 */
export function withEyeReading<T extends Outcome>(
  outcome: T,
  when: EyeReading['when'],
  word: BodyWord,
  takenAt: string,
): T {
  const reading: EyeReading = {
    kind: 'eye',
    word,
    // a look takes no thermometer: warm from the machine, or from the fridge
    atC: null,
    when,
    takenAt,
  };
  return {
    ...outcome,
    readings: [...outcome.readings.filter((one) => one.when !== when), reading],
  };
}
