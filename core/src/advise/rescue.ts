import { dipMass } from '../bowl/part';
import type { LinearSolver } from '../landing/linearProgram';
import type { TargetName, Targets } from '../landing/targets';
import type { AdviseInput } from './adviseInput';
import { type BowlFigures, bowlFigures, missed } from './figures';
import { type Addition, additionsFor, solveAdditions } from './solveAdditions';
import { lackWords } from './whyWords';

/** The way back from what can't be taken out. */
export interface Rescue {
  /** More of what it is made of, with what goes with it; empty where even that does not help. */
  add: Addition[];
  after: BowlFigures;
  /** Whether every target is met then. */
  meets: boolean;
  /** The new yield, g. */
  massG: number;
  /** How much of it no longer fits the machine, ml; 0 where it does. */
  tooMuchMl: number;
  /** What else it would be good for as it stands. */
  otherUse: string;
  why: string;
}

/** At most three times what is in the bowl now. */
const rescueShare = 2;

function otherUseOf(body: number | null): string {
  if (body === null) return 'Blend it on with more liquid: as crumbs it is a topping.';
  if (body < 4.6) return 'As it is: a dressing, or a swirl on soup.';
  if (body < 7.5) return 'As it is: under roasted vegetables, or thinned as a dressing.';
  return 'As it is: a spread, or baked in a small dish.';
}

const noWay = 'With what is at hand it can’t be brought back; more of its base would.';

/** What is too much can only be spread out; what is too little or too stiff just takes more than a spoon. */
function wayBack(lacks: readonly { name: TargetName; miss: number }[], moreG: number): string {
  const seasoned = ['saltG', 'acidG', 'garlicG'];
  const tooMuch = lacks.some(({ name, miss }) => miss < 0 && seasoned.includes(name));
  const grams = moreG.toFixed(0);
  if (tooMuch)
    return `What is too much can’t be taken out; ${grams} g more around it brings it back.`;
  return `It is ${lackWords(lacks, {}) ?? 'off'} by more than a spoon can mend; ${grams} g more gets it there.`;
}

/**
 * The least of what is at hand that brings a bowl back by diluting what is too much, with the new yield and what then
 * no longer fits; and another use for it as it stands.
 */
export function rescueOf(
  input: AdviseInput,
  targets: Targets,
  now: BowlFigures,
  solver: LinearSolver,
): Rescue {
  const { parts, atHand, mostMl } = input;
  const bowlG = dipMass(parts);
  const limits = { mostShare: rescueShare, bowlG };
  const byId = new Map(atHand.map((one) => [one.id, one]));
  const solved = (sameDip: boolean) => {
    const add = solveAdditions(input, targets, atHand, { ...limits, sameDip }, solver) ?? [];
    const after = bowlFigures([...parts, ...additionsFor(add, byId)], input);
    return { add, after, meets: missed(after, targets).length === 0 };
  };
  // more of the same dip tastes of it still; whatever gets there comes after
  const same = solved(true);
  const { add, after, meets } = same.meets ? same : solved(false);
  const lacks = missed(now, targets);
  const better = missed(after, targets).length < lacks.length || meets;
  const taken = better ? add : [];
  const end = better ? after : now;
  return {
    add: taken,
    after: end,
    meets,
    massG: end.massG,
    tooMuchMl: mostMl === null ? 0 : Math.max(0, end.volumeMl - mostMl),
    otherUse: otherUseOf(now.body),
    why: meets ? wayBack(lacks, end.massG - now.massG) : noWay,
  };
}
