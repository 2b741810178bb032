import { packsIn } from '../amounts/packsIn';
import type { Role } from '../larder/ingredient';
import type { Targets } from '../mix/targets';
import type { LandingRow } from './landing';

/** What is measured by taste, a piece or a pinch, and hardly moves what a landing is asked for (judgement). */
const quiet: readonly Role[] = ['spice', 'herb', 'crunch', 'sweetener', 'aromatic', 'umami'];

/** Whether a row hardly matters to what is asked for: garlic does where garlic is, and salty things where salt is. */
function hardlyMatters({ ingredient, place }: LandingRow, targets: Targets): boolean {
  if (targets.garlicG && ingredient.garlicUnits > 0) return false;
  if (targets.saltG && ingredient.saltG > 2) return false;
  return place !== 'bowl' || quiet.includes(ingredient.role);
}

/** Rows of a dip with what should rather stay held, the first list with the most of it held. */
export interface Attempt<T> {
  parts: T[];
  /** It holds more than the cook does. */
  holds: boolean;
}

/**
 * Which rows a landing moves, tried in this order: without spices, herbs and pieces that hardly matter and without breaking a can
 * or bunch; then with the former; then with everything.
 *
 * @returns at least one; an attempt that would hold nothing more than the one after it is left out
 */
export function attemptsAt<T extends LandingRow & { amountText: string }>(
  parts: readonly T[],
  targets: Targets,
): Attempt<T>[] {
  // another size is the same dip only if everything goes with it
  if (targets.massG ?? targets.volumeMl) return [{ parts: [...parts], holds: false }];
  const isQuiet = parts.map((part) => !part.hold && hardlyMatters(part, targets));
  const isPack = parts.map((part) => !part.hold && packsIn(part.amountText) !== null);
  const holding = (held: (i: number) => boolean): Attempt<T> => ({
    parts: parts.map((part, i) => (held(i) ? { ...part, hold: true } : part)),
    holds: true,
  });
  const attempts: Attempt<T>[] = [];
  if (isQuiet.includes(true))
    attempts.push(holding((i) => isQuiet[i] === true || isPack[i] === true));
  if (isPack.includes(true)) attempts.push(holding((i) => isPack[i] === true));
  return [...attempts, { parts: [...parts], holds: false }];
}
