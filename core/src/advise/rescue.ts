import type { LinearSolver } from '../landing/linearProgram';
import { missed, type Miss } from '../mix/figures';
import { dipMass } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { Proposal, StartingBowl } from '../proposal/proposal';
import type { TasteMarks } from '../readings/tastes';
import type { AdviseInput } from './adviseInput';
import { type GivenUp, givenUp } from './justNoticeable';
import { halfOf, measured } from './measured';
import type { Choices } from './plausible';
import { proposeAdditions } from './proposeAdditions';
import type { Shelf } from './shelf';
import { solveAdditions } from './solveAdditions';
import { lackWords } from './whyWords';

/** A part of the bowl mended by itself, the rest kept as it is for another day. */
export interface Divided {
  /** g to take out first. */
  takeOutG: number;
  /** What then goes into the rest. */
  add: Addition[];
}

/** The way back from what can't be taken out. */
export interface Rescue {
  /** More of what it is made of, with what goes with it; empty where even that does not help. */
  add: Addition[];
  /** Half of it, to be added first and looked at. */
  firstStep: Addition[];
  proposal: Proposal;
  /** Whether everything wanted is met then. */
  meets: boolean;
  /** What nobody complained about and it moves all the same. */
  gives: GivenUp[];
  /** Where it would grow too much: take some out and mend the rest. */
  divide?: Divided;
  /** What else it would be good for as it stands. */
  otherUse: string;
}

/** What of an attempt a way back starts from. */
interface Lost {
  targets: Targets;
  held: Targets;
  tastes: TasteMarks;
  from: StartingBowl;
  shelf: Shelf;
}

/** At most three times what is in the bowl now. */
const rescueShare = 2;
/** A bowl that would grow by more than this share is divided first. */
const dividedFrom = 0.6;

function otherUseOf(body: number | null): string {
  if (body === null) return 'Blend it on with more liquid: as crumbs it is a topping.';
  if (body < 4.6) return 'As it is: a dressing, or a swirl on soup.';
  if (body < 7.5) return 'As it is: under roasted vegetables, or thinned as a dressing.';
  return 'As it is: a spread, or baked in a small dish.';
}

const tooMuchOf = (lacks: readonly Miss[]) =>
  lacks.some(({ name, miss }) => miss < 0 && ['saltG', 'acidG', 'garlicG'].includes(name));

/** Why there is no way back: what is too much can't be taken out, what is short is not at hand. */
function noWay(lacks: readonly Miss[], tastes: TasteMarks): string {
  const words = lackWords(lacks, tastes) ?? 'off';
  return tooMuchOf(lacks)
    ? `It is ${words}, and with what is at hand it can’t be brought back; more of its base would.`
    : `It is ${words}, and nothing at hand mends it without spoiling something else.`;
}

/** What is too much can only be spread out; what is too little or too stiff just takes more than a spoon. */
function wayBack(lacks: readonly Miss[], tastes: TasteMarks, moreG: number): string {
  const grams = moreG.toFixed(0);
  return tooMuchOf(lacks)
    ? `What is too much can’t be taken out; ${grams} g more around it brings it back.`
    : `It is ${lackWords(lacks, tastes) ?? 'off'} by more than a spoon can mend; ${grams} g more gets it there.`;
}

/** The same way back for a part of the bowl, so that it does not grow beyond what it was; null where a measure is too small. */
function dividedOf(
  add: readonly Addition[],
  bowlG: number,
  { shelf, from }: Lost,
): Divided | undefined {
  const moreG = add.reduce((sum, { massG }) => sum + massG, 0);
  const share = bowlG / (bowlG + moreG);
  const part = add.map(({ ingredient, massG }) => {
    const thing = shelf.get(ingredient);
    return thing ? measured(massG * share, thing, from.conditions.measures) : null;
  });
  if (part.some((one) => one === null)) return undefined;
  const takeOutG = Math.round(((1 - share) * bowlG) / 10) * 10;
  return takeOutG > 0 ? { takeOutG, add: part.flatMap((one) => one ?? []) } : undefined;
}

/**
 * The least more of the same dip that brings a bowl back by diluting what is too much, each thing by no more than its own share and
 * what is strong by taste, with the new yield; where it would grow too much, a part of it; and another use for it as it stands.
 */
export function rescueOf(
  input: AdviseInput,
  lost: Lost,
  { first }: Choices,
  solver: LinearSolver,
): Rescue {
  const { targets, held, tastes, from, shelf } = lost;
  const bowlG = dipMass(input.parts);
  const limits = { mostShare: rescueShare, bowlG, sameDip: true };
  const add = solveAdditions(input, { wanted: targets, held: {} }, first, limits, solver) ?? [];
  const lacks = missed(from.figures, targets);
  const proposal = proposeAdditions(from, add, shelf, targets, 'way back', '');
  const meets = proposal.misses.length === 0;
  const otherUse = otherUseOf(from.figures.freshBody);
  if (add.length === 0 || (!meets && proposal.misses.length >= lacks.length)) {
    const why = noWay(lacks, tastes);
    const stays = proposeAdditions(from, [], shelf, targets, 'way back', why);
    return { add: [], firstStep: [], proposal: stays, meets: false, gives: [], otherUse };
  }
  const { massG } = proposal.consequences;
  const why = meets ? wayBack(lacks, tastes, massG) : noWay(lacks, tastes);
  const divide = massG > dividedFrom * bowlG ? dividedOf(add, bowlG, lost) : undefined;
  return {
    add,
    firstStep: halfOf(add, shelf, input.conditions.measures),
    proposal: { ...proposal, why },
    meets,
    gives: givenUp(from.figures, proposal.after, held),
    ...(divide ? { divide } : {}),
    otherUse,
  };
}
