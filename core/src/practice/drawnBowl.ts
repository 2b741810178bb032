import { patterns, type Pattern } from '../dip/patterns';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import { missOf } from '../mix/targets';
import { normal, seeded, shuffled } from '../statistics/random';
import type { Verdict } from '../readings/tastes';
import { bowlFigures } from './bowlFigures';
import { missingMeasures } from './measures';
import { shelfFor } from './shelf';
import { sidesOf } from './senses';
import {
  type Addition,
  additionOf,
  bowlWithWay,
  type HiddenBowl,
  type Level,
  offBy,
  partOf,
  type Sense,
  senses,
} from './hiddenBowl';

/** How far a kitchen may be off, one standard deviation, body, by level. */
const kitchenSd: Readonly<Record<Level, number>> = { 1: 0.15, 2: 0.3, 3: 0.5 };
/** What is wrong is wrong by so much more than what is right: body, g per 100 g. */
const clearly: Readonly<Record<Sense, number>> = { body: 0.35, salt: 0.08, sour: 0.05 };
const bowlG = 500;
/** As much of a part stands in it at least. */
const leastLeft = 0.2;
const mostTries = 20_000;
const mostDrawn = 999;

/** Kinds of dip that are looked at with a spoon, of things that are all there all year. */
const drawnFamilies: ReadonlySet<Pattern['family']> = new Set(['pulse', 'pate'] as const);
const drawnPatterns = patterns.filter(({ family }) => drawnFamilies.has(family));

type Wrong = readonly [body: Verdict, salt: Verdict, sour: Verdict];
/** What may be wrong, by level; of the body, short is too loose. */
const wrongs: Readonly<Record<Level, readonly Wrong[]>> = {
  1: [
    ['over', 'right', 'right'],
    ['short', 'right', 'right'],
    ['right', 'short', 'right'],
    ['right', 'over', 'right'],
    ['right', 'right', 'short'],
  ],
  2: [
    ['over', 'short', 'right'],
    ['over', 'right', 'short'],
    ['short', 'over', 'right'],
    ['short', 'right', 'over'],
    ['right', 'short', 'short'],
    ['right', 'over', 'over'],
  ],
  3: [
    ['short', 'over', 'over'],
    ['over', 'short', 'short'],
    ['short', 'short', 'over'],
  ],
};

const words: Readonly<Record<Level, string>> = {
  1: 'One thing is wrong with it.',
  2: 'Two things are wrong with it.',
  3: 'Body, salt and sour are all wrong.',
};

interface Drawn {
  ingredient: Ingredient;
  massG: number;
}

/** A dip of a pattern as one cook has it. */
function rightDip(pattern: Pattern, z: () => number, larder: Larder): Drawn[] {
  return pattern.slots.flatMap((slot): Drawn[] => {
    if (slot.usual <= 0 || slot.name === 'garnish') return [];
    const share = Math.min(slot.most, Math.max(slot.least, slot.usual * Math.exp(0.15 * z())));
    const { ingredient } = partOf(slot.first, 0, larder);
    return [{ ingredient, massG: (bowlG * share) / 100 }];
  });
}

/** A few measures to be taken out of it, one thing each; a bowl that is to be loose lacks what gives it body. */
function drawWay(
  right: readonly Drawn[],
  { many, loose }: { many: number; loose: boolean },
  random: () => number,
  larder: Larder,
): Addition[] {
  const some = shuffled(
    right.filter(({ ingredient }) => missingMeasures(ingredient.role).length > 0),
    random,
  );
  if (loose) {
    const weight = ({ ingredient, massG }: Drawn) => (ingredient.role === 'legume' ? massG : 0);
    some.sort((a, b) => weight(b) - weight(a));
  }
  return some.slice(0, many).map(({ ingredient }): Addition => {
    const list = missingMeasures(ingredient.role);
    return additionOf(ingredient.id, list[Math.floor(random() * list.length)] ?? '', larder);
  });
}

/** The side of its aim each sense is clearly on; null where any is neither right nor clearly wrong. */
function clearSides(bowl: HiddenBowl): Verdict[] | null {
  const at = bowlFigures(bowl.start, bowl.correction);
  const sides = sidesOf(bowl, at);
  const clear = senses.every((sense) => {
    const value = at[sense];
    const miss = value === null ? 0 : Math.abs(missOf(value, bowl.aim[sense]));
    return value !== null && (miss === 0 || miss >= clearly[sense]);
  });
  return clear ? senses.map((sense) => sides[sense]) : null;
}

/**
 * A bowl drawn by its number: a dip that is right, without a few of its measures. What is missing brings it back, so that every bowl can be
 * mended; what is wrong is as many things as its level says, clearly, and nothing else.
 *
 * @param seed 1–999, the same number gives the same bowl
 * @throws RangeError for another number
 */
export function drawnBowl(level: Level, seed: number, larder: Larder): HiddenBowl {
  if (!Number.isInteger(seed) || seed < 1 || seed > mostDrawn) {
    throw new RangeError(`bowls are numbered 1–${mostDrawn}`);
  }
  const own = level * 1000 + seed;
  const random = seeded(own);
  const z = () => normal(random);
  const wrong = wrongs[level][seed % wrongs[level].length];
  for (let tried = 0; tried < mostTries; tried += 1) {
    const pattern = drawnPatterns[Math.floor(random() * drawnPatterns.length)];
    if (!pattern) continue;
    const right = rightDip(pattern, z, larder);
    const correction = offBy(kitchenSd[level] * z());
    const many = 1 + Math.floor(random() * level);
    const way = drawWay(right, { many, loose: wrong?.[0] === 'short' }, random, larder);
    const start = right.map(({ ingredient, massG }) => {
      const out = way.find(({ ingredientId }) => ingredientId === ingredient.id);
      return partOf(ingredient.id, Math.max(leastLeft * massG, massG - (out?.massG ?? 0)), larder);
    });
    const shelf = shelfFor(
      start.map(({ ingredient }) => ingredient),
      larder,
    );
    const bowl = bowlWithWay(
      {
        ...{ name: pattern.name, told: words[level], level, family: pattern.family },
        ...{ start, correction, shelf },
      },
      way,
      own,
      larder,
    );
    const sides = clearSides(bowl);
    if (sides && sides.every((side, i) => side === wrong?.[i])) return bowl;
  }
  throw new Error('no such bowl was found');
}
