import type { Larder } from '../larder/larder';
import { measuringCv } from '../amounts/measuringCv';
import { type BodyWord, bodyWord } from '../mix/bodyWords';
import { missOf } from '../mix/targets';
import type { Verdict } from '../readings/tastes';
import { measuredFactor } from '../statistics/logNormal';
import { normals } from '../statistics/random';
import { type BowlFigures, bowlFigures } from './bowlFigures';
import { type Addition, type HiddenBowl, partOf, type Sense } from './hiddenBowl';

/** What one look and one tasting are off by, one standard deviation: body, g per 100 g (J; as in advice that is tried on simulated cooks). */
export const senseSd: Readonly<Record<Sense, number>> = { body: 0.35, salt: 0.04, sour: 0.02 };

/** What eye and tongue tell, and nothing else. */
export interface Sensed {
  /** What the spoon shows; null for crumbs. */
  eye: BodyWord | null;
  salt: Verdict;
  sour: Verdict;
}

/** Where a bowl really stands after what went in. */
export function figuresAfter(
  bowl: HiddenBowl,
  went: readonly Pick<Addition, 'ingredientId' | 'massG'>[],
  larder: Larder,
): BowlFigures {
  // one deviate an addition, so that what is added later changes nothing of what went before
  const off = normals(went.length, bowl.seed * 31 + 7);
  const parts = went.map(({ ingredientId, massG }, i) =>
    partOf(ingredientId, massG * measuredFactor(measuringCv.spoon, off[i] ?? 0), larder),
  );
  return bowlFigures([...bowl.start, ...parts], bowl.correction);
}

const verdictOf = (miss: number): Verdict => (miss > 0 ? 'short' : miss < 0 ? 'over' : 'right');

/** On which side of its aim a bowl really is: of the body, short is too loose; crumbs are over. */
export function sidesOf({ aim }: HiddenBowl, at: BowlFigures): Record<Sense, Verdict> {
  return {
    body: at.body === null ? 'over' : verdictOf(missOf(at.body, aim.body)),
    salt: verdictOf(missOf(at.salt, aim.salt)),
    sour: verdictOf(missOf(at.sour, aim.sour)),
  };
}

/**
 * What eye and tongue tell of a bowl: the same for the same bowl, step and look.
 *
 * @param step how many additions went in
 * @param look 0 for the first, one more for each time it is tasted again
 */
export function sensedAt(bowl: HiddenBowl, at: BowlFigures, step: number, look: number): Sensed {
  const [eye = 0, salt = 0, sour = 0] = normals(3, bowl.seed * 7919 + step * 101 + look);
  const { salt: saltSide, sour: sourSide } = sidesOf(bowl, {
    ...at,
    salt: at.salt + senseSd.salt * salt,
    sour: at.sour + senseSd.sour * sour,
  });
  return {
    eye: at.body === null ? null : bodyWord(at.body + senseSd.body * eye),
    ...{ salt: saltSide, sour: sourSide },
  };
}
