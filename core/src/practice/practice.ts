import type { Larder } from '../larder/larder';
import { priorCorrection } from '../mix/correction';
import type { Verdict } from '../readings/tastes';
import { bowlFigures } from './bowlFigures';
import { drawnBowl } from './drawnBowl';
import {
  type Addition,
  type HiddenBowl,
  type Level,
  partOf,
  type Sense,
  senses,
} from './hiddenBowl';
import { figuresAfter, sidesOf } from './senses';
import { writtenBowl } from './writtenBowls';

/** Which bowl it is: one written by hand, or one drawn by its number. */
export type BowlRef = { written: string } | { level: Level; seed: number };

/** What a learner says before something goes in; what is not said is left out. */
export interface Guess {
  /** Just blended. */
  body?: number;
  salt?: Verdict;
  sour?: Verdict;
}

/** Where a bowl really stood after an addition; its body is null for crumbs. */
export interface CameTo {
  body: number | null;
  /** Of the body, short is too loose. */
  sides: Readonly<Record<Sense, Verdict>>;
}

/** One addition to a practice bowl, with what was guessed and what came of it. */
export interface PracticeStep extends Addition {
  guess: Guess;
  /** The body it really had before; null for crumbs. */
  from: number | null;
  came: CameTo;
  /** The body the model would have said, knowing what is in the bowl and not this kitchen. */
  modelled: number | null;
  /** ISO 8601 */
  at: string;
}

/** A practice bowl as a learner has it: past figures stay as they were. */
export interface Practice {
  id: string;
  bowl: BowlRef;
  name: string;
  steps: readonly PracticeStep[];
  /** ISO 8601; null while more may go in. */
  endedAt: string | null;
  /** ISO 8601 */
  startedAt: string;
}

/** Whether two are the same bowl. */
export function sameBowl(one: BowlRef, other: BowlRef): boolean {
  return 'written' in one
    ? 'written' in other && one.written === other.written
    : 'seed' in other && one.level === other.level && one.seed === other.seed;
}

/**
 * The bowl that is meant.
 *
 * @returns null for one that is not written, or has no such number
 */
export function hiddenBowl(ref: BowlRef, larder: Larder): HiddenBowl | null {
  if ('written' in ref) return writtenBowl(ref.written, larder);
  try {
    return drawnBowl(ref.level, ref.seed, larder);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

/** Something goes in: what was guessed stands beside what really comes of it. The last addition there is ends it. */
export function withAddition(
  practice: Practice,
  bowl: HiddenBowl,
  addition: Addition,
  guess: Guess,
  larder: Larder,
  at: string,
): Practice {
  const went = [...practice.steps, addition];
  const before = figuresAfter(bowl, practice.steps, larder);
  const after = figuresAfter(bowl, went, larder);
  const known = went.map(({ ingredientId, massG }) => partOf(ingredientId, massG, larder));
  const step: PracticeStep = {
    ...addition,
    ...{ guess, at, from: before.body },
    came: { body: after.body, sides: sidesOf(bowl, after) },
    modelled: bowlFigures([...bowl.start, ...known], priorCorrection).body,
  };
  const endedAt = went.length >= bowl.most ? at : practice.endedAt;
  return { ...practice, steps: [...practice.steps, step], endedAt };
}

/** Whether a bowl is right in all that was asked. */
export function isRight(sides: Readonly<Record<Sense, Verdict>>): boolean {
  return senses.every((sense) => sides[sense] === 'right');
}
