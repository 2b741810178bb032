import type { LinearSolver } from '../landing/linearProgram';
import { type Miss, missed } from '../mix/figures';
import { dipMass } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { Proposal, StartingBowl } from '../proposal/proposal';
import type { AdviseInput } from './adviseInput';
import { proposeAdditions } from './proposeAdditions';
import { halfOf, type Shelf, solveAdditions } from './solveAdditions';
import { lackWords } from './whyWords';

/** The way back from what can't be taken out. */
export interface Rescue {
  /** More of what it is made of, with what goes with it; empty where even that does not help. */
  add: Addition[];
  /** Half of it, to be added first and looked at. */
  firstStep: Addition[];
  proposal: Proposal;
  /** Whether every target is met then. */
  meets: boolean;
  /** What else it would be good for as it stands. */
  otherUse: string;
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
function wayBack(lacks: readonly Miss[], moreG: number): string {
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
  from: StartingBowl,
  shelf: Shelf,
  solver: LinearSolver,
): Rescue {
  const limits = { mostShare: rescueShare, bowlG: dipMass(input.parts) };
  const solved = (sameDip: boolean) => {
    const add = solveAdditions(input, targets, input.atHand, { ...limits, sameDip }, solver) ?? [];
    const proposal = proposeAdditions(from, add, shelf, targets, 'way back', noWay);
    return { add, proposal, meets: proposal.misses.length === 0 };
  };
  // more of the same dip tastes of it still; whatever gets there comes after
  const same = solved(true);
  const found = same.meets ? same : solved(false);
  const lacks = missed(from.figures, targets);
  const better = found.meets || found.proposal.misses.length < lacks.length;
  const otherUse = otherUseOf(from.figures.freshBody);
  if (!better) {
    const proposal = proposeAdditions(from, [], shelf, targets, 'way back', noWay);
    return { add: [], firstStep: [], proposal, meets: false, otherUse };
  }
  const { massG } = found.proposal.consequences;
  const why = found.meets ? wayBack(lacks, massG) : noWay;
  const firstStep = halfOf(found.add, shelf, input.conditions.measures);
  return { ...found, firstStep, proposal: { ...found.proposal, why }, otherUse };
}
