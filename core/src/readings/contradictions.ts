import { bodyWord } from '../mix/bodyWords';
import { unlikelyBeyond } from './calibrate';
import { type ReadingTaken, takeReading } from './takeReading';

/** Two readings of one bowl that can't both be. */
export interface Contradiction {
  readings: [number, number];
  why: string;
}

/**
 * Pairs of readings of the same bowl, equally warm, that can't both be: one of them must be asked about.
 *
 * @param readings in order, with how many parts were in
 * @param count parts in the bowl now
 */
export function contradictions(
  readings: readonly (ReadingTaken & { after?: number; atC?: number })[],
  count: number,
): Contradiction[] {
  const taken = readings.map((one) => ({
    ...takeReading(one),
    at: one.after ?? count,
    atC: one.atC,
  }));
  return taken.flatMap((one, i) =>
    taken.slice(i + 1).flatMap((other, j): Contradiction[] => {
      const same = one.at === other.at && one.atC === other.atC;
      const apart = Math.abs(one.body - other.body) / Math.hypot(one.sd, other.sd);
      if (!same || apart <= unlikelyBeyond) return [];
      const [first, second] = [bodyWord(one.body), bodyWord(other.body)];
      const why = `One reading says ${first}, another of the same bowl ${second}: which of them is right?`;
      return [{ readings: [i, i + 1 + j], why }];
    }),
  );
}
