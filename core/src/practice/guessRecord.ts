import { median } from '../statistics/quantile';
import type { Larder } from '../larder/larder';
import type { Role } from '../larder/ingredient';
import type { Practice, PracticeStep } from './practice';

/** One guess of a body against what came. */
export interface BodyGuess {
  guessed: number;
  came: number;
  from: number | null;
  modelled: number | null;
  role: Role | null;
}

/** How guesses about one kind of thing go. */
export interface KindOfGuess {
  role: Role;
  n: number;
  /** How much more it does than was guessed, as a factor of the guessed change: 1.4 is two fifths more; below 1 it does less. */
  factor: number;
}

/** How well someone foretells a bowl. */
export interface GuessRecord {
  /** In the order they were made. */
  bodies: BodyGuess[];
  /** Middle of how far bodies were off, either way; null without any. */
  typicalMiss: number | null;
  /** What came less what was guessed, on average: above 0 the bowls are stiffer than guessed. */
  bias: number | null;
  /** Middle of how far off, of the first half and of the second; null with fewer than eight. */
  sharpened: { first: number; last: number } | null;
  /** Of the same bowls, what the model was off by that knew what is in them. */
  modelMiss: number | null;
  /** Kinds that at least three guesses are about, the furthest off first. */
  kinds: KindOfGuess[];
  /** Guesses of salt and sour, and how many of them were so. */
  marks: { said: number; so: number };
}

const fewest = { halves: 8, kind: 3 } as const;
/** A change guessed smaller than this tells nothing of its size. */
const leastChange = 0.05;

const middle = (values: readonly number[]): number | null =>
  values.length === 0 ? null : median(values);

const missOf = ({ guessed, came }: BodyGuess) => Math.abs(came - guessed);

/** A factor by least squares through nothing changed: Σ guessed · came / Σ guessed². */
function kindsOf(bodies: readonly BodyGuess[]): KindOfGuess[] {
  const byRole = new Map<Role, { guessed: number; came: number }[]>();
  for (const { role, from, guessed, came } of bodies) {
    if (role === null || from === null || Math.abs(guessed - from) < leastChange) continue;
    byRole.set(role, [...(byRole.get(role) ?? []), { guessed: guessed - from, came: came - from }]);
  }
  return [...byRole]
    .filter(([, list]) => list.length >= fewest.kind)
    .map(([role, list]) => ({
      role,
      n: list.length,
      factor:
        list.reduce((sum, one) => sum + one.guessed * one.came, 0) /
        list.reduce((sum, one) => sum + one.guessed ** 2, 0),
    }))
    .sort((a, b) => Math.abs(b.factor - 1) - Math.abs(a.factor - 1));
}

function marksOf(steps: readonly PracticeStep[]): GuessRecord['marks'] {
  const pairs = steps.flatMap(({ guess, came }) =>
    (['salt', 'sour'] as const).flatMap((sense) =>
      guess[sense] === undefined ? [] : [guess[sense] === came.sides[sense]],
    ),
  );
  return { said: pairs.length, so: pairs.filter(Boolean).length };
}

/**
 * What somebody's guesses at practice bowls say of their eye: how far off, which way, about what, and whether they sharpen.
 *
 * @param practices in any order
 */
export function guessRecord(practices: Iterable<Practice>, larder: Larder): GuessRecord {
  const steps = [...practices]
    .flatMap((practice) => practice.steps)
    .sort((a, b) => a.at.localeCompare(b.at));
  const bodies = steps.flatMap(({ guess, came, from, modelled, ingredientId }): BodyGuess[] =>
    guess.body === undefined || came.body === null
      ? []
      : [
          {
            ...{ guessed: guess.body, came: came.body, from, modelled },
            role: larder.get(ingredientId)?.role ?? null,
          },
        ],
  );
  const misses = bodies.map(missOf);
  const half = Math.floor(bodies.length / 2);
  const [first, last] = [middle(misses.slice(0, half)), middle(misses.slice(-half))];
  return {
    ...{ bodies, typicalMiss: middle(misses) },
    bias:
      bodies.length === 0
        ? null
        : bodies.reduce((sum, { came, guessed }) => sum + came - guessed, 0) / bodies.length,
    sharpened:
      bodies.length >= fewest.halves && first !== null && last !== null ? { first, last } : null,
    modelMiss: middle(
      bodies.flatMap(({ came, modelled }) =>
        modelled === null ? [] : [Math.abs(came - modelled)],
      ),
    ),
    ...{ kinds: kindsOf(bodies), marks: marksOf(steps) },
  };
}
