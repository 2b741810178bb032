import { readGrams } from '../amounts/toGrams';
import type { Larder } from '../larder/larder';
import type { Correction } from '../mix/correction';
import type { Family } from '../mix/families';
import type { Part } from '../mix/part';
import type { Band } from '../mix/targets';
import { type BowlFigures, bowlFigures } from './bowlFigures';

/** What a practice bowl can be wrong in. */
export const senses = ['body', 'salt', 'sour'] as const;
export type Sense = (typeof senses)[number];

/** How many things are wrong when it starts. */
export const levels = [1, 2, 3] as const;
export type Level = (typeof levels)[number];

/** Something that goes in with one measure. */
export interface Addition {
  ingredientId: string;
  /** As a cook measures it. */
  amount: string;
  massG: number;
}

/** A bowl nobody knows the inside of, to be brought to its aim with few additions. */
export interface HiddenBowl {
  name: string;
  /** What the learner is told. */
  told: string;
  level: Level;
  family: Family;
  /** What really stands in it. */
  start: readonly Part[];
  /** How far this kitchen is off what the model says. */
  correction: Correction;
  /** What is right here: body just blended, salt and acid in g per 100 g. */
  aim: Readonly<Record<Sense, Band>>;
  /** What is at hand, by id. */
  shelf: readonly string[];
  /** Additions there are. */
  most: number;
  /** One way that brings it there. */
  way: readonly Addition[];
  /** Of everything about it that is drawn: how amounts fall, what eye and tongue are off by. */
  seed: number;
}

/** Half of what counts as right: body, g salt and g acid per 100 g (J). */
export const rightHalf: Readonly<Record<Sense, number>> = { body: 0.6, salt: 0.14, sour: 0.09 };

/** More additions than the way takes, for a learner who goes by halves. */
const toSpare = 2;

/** How a kitchen is off by the same body everywhere. */
export function offBy(body: number): Correction {
  return { mean: [body, body, 0, 0], covariance: new Array<number>(16).fill(0) };
}

/**
 * A part of that many grams, blended in.
 *
 * @throws RangeError for an ingredient the larder does not have
 */
export function partOf(ingredientId: string, massG: number, larder: Larder): Part {
  const ingredient = larder.get(ingredientId);
  if (!ingredient) throw new RangeError(`the larder has no ${ingredientId}`);
  return { ingredient, massG, cv: 0, place: 'bowl' };
}

/**
 * A measure of something as an addition; spoons and cups are metric ones, so that a bowl is the same in every kitchen.
 *
 * @throws RangeError for an ingredient or an amount that can't be read
 */
export function additionOf(ingredientId: string, amount: string, larder: Larder): Addition {
  const { ingredient } = partOf(ingredientId, 0, larder);
  const read = readGrams(amount, ingredient, 'metric');
  if (!read.ok) throw new RangeError(`${amount} of ${ingredientId}: ${read.error.message}`);
  return { ingredientId, amount, massG: read.value.massG };
}

/** The aim that a bowl stands in the middle of. */
export function aimAround({ body, salt, sour }: BowlFigures): HiddenBowl['aim'] {
  const about = (value: number, by: number): Band => ({
    low: Math.max(0, value - by),
    high: value + by,
  });
  return {
    body: about(body ?? 0, rightHalf.body),
    salt: about(salt, rightHalf.salt),
    sour: about(sour, rightHalf.sour),
  };
}

/**
 * A bowl whose aim is where a way leads.
 *
 * @param start what stands in it
 */
export function bowlWithWay(
  said: Pick<HiddenBowl, 'name' | 'told' | 'level' | 'family' | 'start' | 'correction' | 'shelf'>,
  way: readonly Addition[],
  seed: number,
  larder: Larder,
): HiddenBowl {
  const led = way.map(({ ingredientId, massG }) => partOf(ingredientId, massG, larder));
  return {
    ...said,
    ...{ way, seed, most: way.length + toSpare },
    aim: aimAround(bowlFigures([...said.start, ...led], said.correction)),
  };
}
