import type { Moment } from '../mix/moment';
import type { Worked } from '../mix/conditions';
import type { Part } from '../mix/part';
import { type ReadingTaken, takeReading, wordSd } from './takeReading';
import type { Evidence } from './calibrate';
import { type Standing, standingOf } from './standing';

/** A reading as evidence, with what was read. */
export interface ReadEvidence extends Evidence {
  /** What was read, at the temperature it was read, body. */
  readBody: number;
  /** What rest and temperature add there to the fresh mix, body. */
  gained: number;
}

/** How many readings there are of the same bowl, and how many of them look at it by eye at the same moment. */
export interface Alike {
  bowl: number;
  looks: number;
}

/** A reading with the bowl it was taken of: how many parts were in, and when it was looked at. */
export interface TakenOf {
  taken: ReadingTaken;
  after: number;
  moment: Moment;
}

/** How many of some readings are of the same bowl as one of them. */
export function alikeTo({ taken, after, moment }: TakenOf, readings: readonly TakenOf[]): Alike {
  const sameBowl = readings.filter((other) => other.after === after);
  const looks = sameBowl.filter(
    (other) =>
      'eye' in other.taken &&
      other.moment.atC === moment.atC &&
      other.moment.restedForMinutes === moment.restedForMinutes,
  );
  return { bowl: sameBowl.length, looks: 'eye' in taken ? looks.length : 0 };
}

/**
 * Variance of one reading among several of the same bowl, body². What they share counts once for all of them together: how the
 * bowl was measured, and where in its word's range it lies.
 */
function varianceOf(taken: ReadingTaken, sd: number, measuringSd: number, alike: Alike): number {
  const own = 'eye' in taken ? sd * sd + (alike.looks - 1) * wordSd * wordSd : sd * sd;
  return own + alike.bowl * measuringSd * measuringSd;
}

/**
 * A reading brought to 25 °C and no rest, held against where the mix stands by the model.
 *
 * @param alike how many readings of the same bowl there are, this one among them
 * @returns null for a test out of its range, which teaches nothing
 */
export function readEvidence(
  formulaId: string,
  { modelBody, waterOutside, measuringSd, gainedAt }: Standing,
  taken: ReadingTaken,
  moment: Moment,
  alike: Alike = { bowl: 1, looks: 1 },
): ReadEvidence | null {
  const { body, sd, inRange } = takeReading(taken);
  if (!inRange) return null;
  const gained = gainedAt(moment);
  return {
    formulaId,
    modelBody,
    waterOutside,
    difference: body - gained - modelBody,
    variance: varianceOf(taken, sd, measuringSd, alike),
    readBody: body,
    gained,
  };
}

/**
 * Readings of one making as evidence, each against the parts that were in by then. Readings of crumbs and tests out of their range
 * teach nothing.
 *
 * @param parts in the order they went in
 * @param counts whether a reading counts among those of its bowl; all of them when left out
 * @returns a reading's evidence in its place; null where it teaches nothing
 */
export function evidenceOfReadings<T extends TakenOf>(
  formulaId: string,
  parts: readonly Part[],
  readings: readonly T[],
  worked: Worked,
  counts: (one: T) => boolean = () => true,
): (ReadEvidence | null)[] {
  // what teaches nothing shares nothing
  const counting = readings.filter((one) => counts(one) && takeReading(one.taken).inRange);
  const standings = new Map<number, Standing | null>();
  return readings.map((one) => {
    const { after, taken, moment } = one;
    const standing = standings.get(after) ?? standingOf(parts.slice(0, after), worked);
    standings.set(after, standing);
    const alike = counts(one) ? alikeTo(one, counting) : undefined;
    return standing && readEvidence(formulaId, standing, taken, moment, alike);
  });
}
