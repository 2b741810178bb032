import { type Moment, chilled } from '../mix/moment';
import type { WarmMethod } from '../mix/method';
import type { ReadingTaken } from './takeReading';

/** A reading kept with a run or a trial. */
export interface KeptReading {
  taken: ReadingTaken;
  /** °C; null when not measured: warm from the machine, or from the fridge. */
  atC: number | null;
  when: 'machine' | 'chilled';
  /** ISO 8601 */
  takenAt: string;
  /** Kept to be seen, but it teaches nothing. */
  leftOut: boolean;
  /** How many additions were in when it was read; all of them when left out. */
  after?: number;
}

/** What readings are kept with. */
interface Read {
  readings: KeptReading[];
}

export type ReadingWay = 'eye' | 'ring' | 'press';

/** How a reading was taken. */
export function wayOf(taken: ReadingTaken): ReadingWay {
  if ('eye' in taken) return 'eye';
  return 'ring' in taken ? 'ring' : 'press';
}

/** How warm and how rested the paste was when it was read. */
export function momentOf(reading: Pick<KeptReading, 'atC' | 'when'>, method: WarmMethod): Moment {
  if (reading.when === 'machine') {
    return { atC: reading.atC ?? method.blendC, restedForMinutes: 0 };
  }
  return { ...chilled, atC: reading.atC ?? chilled.atC };
}

/** An outcome with a reading in it; one taken the same way at the same moment takes its place. */
export function withReading<T extends Read>(outcome: T, reading: KeptReading): T {
  const way = wayOf(reading.taken);
  const others = outcome.readings.filter(
    (one) => one.when !== reading.when || wayOf(one.taken) !== way || one.after !== reading.after,
  );
  return { ...outcome, readings: [...others, reading] };
}

/**
 * The most telling reading of a moment: a test before a look, the latest of two alike; null when there is none.
 */
export function readingAt({ readings }: Read, when: KeptReading['when']): KeptReading | null {
  const rank = { eye: 0, ring: 1, press: 2 } as const;
  let best: KeptReading | null = null;
  for (const one of readings) {
    if (one.when !== when || one.leftOut) continue;
    if (!best || rank[wayOf(one.taken)] >= rank[wayOf(best.taken)]) best = one;
  }
  return best;
}
