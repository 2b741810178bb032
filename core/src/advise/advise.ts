import type { LinearSolver } from '../landing/linearProgram';
import type { Ingredient } from '../larder/ingredient';
import { type Figures, figuresOf, type Miss, missed } from '../mix/figures';
import { mixWith } from '../mix/mix';
import { dipMass } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import { type Proposal, type StartingBowl, startFrom } from '../proposal/proposal';
import type { AdviseInput } from './adviseInput';
import { clearOfEdges } from './justInside';
import { proposeAdditions } from './proposeAdditions';
import { type Rescue, rescueOf } from './rescue';
import { additionParts, canReach, halfOf, type Shelf, solveAdditions } from './solveAdditions';
import { tasteTargets } from './tasteTargets';
import { whyWords } from './whyWords';

/** One thing that could be done next. */
export interface Suggestion {
  /** Nothing, when the bowl is where it should be. */
  add: Addition[];
  /** Half of it, to be added first and looked at. */
  firstStep: Addition[];
  /** All of it, with what it would do. */
  proposal: Proposal;
}

export interface Advice {
  now: Figures;
  /** Spread of the body now, one standard deviation. */
  nowSd: number;
  met: boolean;
  /** Targets that are missed, with by how much: positive is too little. */
  misses: Miss[];
  /** At most three, the best first. */
  suggestions: Suggestion[];
  rescue?: Rescue;
}

const mostSuggestions = 3;
/** More than this of the bowl in one addition is a rescue and not seasoning. */
const stepShare = 0.2;
/** A step that only makes sure is small. */
const surerShare = 0.05;
/** A lean mouth is not helped by what has no fat. */
const isThin = ({ role, fatG }: Ingredient) => role === 'liquid' && fatG < 2;

/** A bowl being advised on, with what every attempt needs of it. */
interface Attempt {
  input: AdviseInput;
  targets: Targets;
  from: StartingBowl;
  shelf: Shelf;
  solver: LinearSolver;
}

/** Whether every target is met. */
const meetsAll = ({ proposal }: Suggestion) => proposal.misses.length === 0;

/** Worth of a suggestion, less is better: few things, little of them, little risk, little cost. */
function price(one: Suggestion, bowlG: number): number {
  const { add, proposal } = one;
  const share = add.reduce((sum, { massG }) => sum + massG, 0) / Math.max(1, bowlG);
  const risk = proposal.sure.overshoot ?? 0;
  const { costEur } = proposal.consequences;
  return (meetsAll(one) ? 0 : 100) + 0.35 * add.length + 2 * share + 1.5 * risk + 0.1 * costEur;
}

function figuresWith({ from, shelf }: Attempt, add: readonly Addition[]): Figures {
  return figuresOf(mixWith(from.mix, additionParts(add, shelf)), from.conditions);
}

function suggestion(attempt: Attempt, add: Addition[]): Suggestion {
  const { input, targets, from, shelf } = attempt;
  const lacks = missed(from.figures, targets);
  const things = add.flatMap(({ ingredient }) => shelf.get(ingredient) ?? []);
  const solves = add.map((one) => {
    const left = missed(figuresWith(attempt, [one]), targets);
    return lacks.filter(({ name, miss }) => {
      const still = left.find((other) => other.name === name)?.miss ?? 0;
      return Math.abs(still) < Math.abs(miss) - 1e-6;
    }).length;
  });
  const why = whyWords(lacks, things, solves, input.tastes);
  return {
    add,
    firstStep: halfOf(add, shelf, from.conditions.measures),
    proposal: proposeAdditions(from, add, shelf, targets, 'next step', why),
  };
}

/** A small step that takes a body that is only just inside its band clear of the edge; null where there is none. */
function surer(attempt: Attempt): Suggestion | null {
  const { input, from, solver } = attempt;
  const inner = { ...attempt, targets: clearOfEdges(attempt.targets) };
  if (missed(from.figures, inner.targets).length === 0) return null;
  const limits = { mostShare: surerShare, bowlG: dipMass(input.parts) };
  const add = solveAdditions(input, inner.targets, input.atHand, limits, solver);
  if (!add) return null;
  const step = suggestion(inner, add);
  if (!meetsAll(step)) return null;
  const why = 'It is in, but only just: this makes it surer.';
  // half of so little could not be told from nothing
  return { ...step, firstStep: add, proposal: { ...step.proposal, why } };
}

/** Additions without those that can be left out: less to measure, with every band that was met met still. */
function pruned(attempt: Attempt, add: readonly Addition[]): Addition[] {
  const misses = (some: readonly Addition[]) =>
    missed(figuresWith(attempt, some), attempt.targets).length;
  let kept = [...add];
  for (const one of [...add].sort((a, b) => a.massG - b.massG)) {
    const fewer = kept.filter((other) => other !== one);
    if (fewer.length > 0 && misses(fewer) <= misses(kept)) kept = fewer;
  }
  return kept;
}

/** One thing alone hardly puts more lacks than this right. */
const mostForOne = 2;

/** Sets of things to try: all within reach but one, and, where that may do, each alone. */
function reaches(
  atHand: readonly Ingredient[],
  used: readonly string[],
  lacks: number,
): Ingredient[][] {
  return [
    ...used.map((id) => atHand.filter((one) => one.id !== id)),
    ...(lacks <= mostForOne ? atHand.map((one) => [one]) : []),
  ].filter((set) => set.length > 0);
}

/** Nothing to add: it is where it should be. */
function stopHere({ from, shelf, targets }: Attempt): Suggestion {
  const why = 'Nothing: it is where you want it. Stop here.';
  return {
    add: [],
    firstStep: [],
    proposal: proposeAdditions(from, [], shelf, targets, 'next step', why),
  };
}

/**
 * What to do next with a bowl: nothing when it is where it should be, with a small step to be surer before it where
 * that is only just; else at most three additions, ranked, each with a first step of half of it, what it does, and the
 * chance that it goes too far. Nothing is ever taken out.
 *
 * @param input the bowl as it is, with what readings and tastes have said of it
 * @param solver linear solver
 */
export function advise(input: AdviseInput, solver: LinearSolver): Advice {
  const { parts, tastes } = input;
  const from = startFrom(input);
  const { per100g } = from.figures;
  const targets = tasteTargets(input.targets, tastes, per100g);
  const shelf: Shelf = new Map(input.atHand.map((one) => [one.id, one]));
  const attempt: Attempt = { input, targets, from, shelf, solver };
  const misses = missed(from.figures, targets);
  const stop = stopHere(attempt);
  const advice = { now: from.figures, nowSd: stop.proposal.sure.bodySd, misses };
  const lean = tastes.lean === 'over';
  if (misses.length === 0 && !lean && parts.length > 0) {
    const further = surer(attempt);
    return { ...advice, met: true, suggestions: further ? [further, stop] : [stop] };
  }
  const bowlG = dipMass(parts);
  const fatty = input.atHand.filter((one) => !isThin(one));
  const atHand = lean && fatty.length > 0 ? fatty : input.atHand;
  const limits = { mostShare: stepShare, bowlG };
  const solved = (set: readonly Ingredient[], rough = false) =>
    solveAdditions(input, targets, set, { ...limits, rough }, solver);
  const first = solved(atHand);
  const found = new Map<string, Suggestion>();
  const keep = (solution: Addition[] | null) => {
    if (!solution || solution.length === 0) return;
    const add = pruned(attempt, solution);
    const key = add
      .map(({ ingredient }) => ingredient)
      .sort()
      .join();
    const one = suggestion(attempt, add);
    const known = found.get(key);
    if (!known || price(one, bowlG) < price(known, bowlG)) found.set(key, one);
  };
  keep(first);
  // where all of it together does not get there, less of it does not either
  const reachable = [...found.values()].some(meetsAll);
  const used = first?.map(({ ingredient }) => ingredient) ?? [];
  if (reachable) {
    for (const set of reaches(atHand, used, misses.length)) {
      if (canReach(misses, targets, set)) keep(solved(set, true));
    }
  }
  const ranked = [...found.values()].sort((a, b) => price(a, bowlG) - price(b, bowlG));
  const good = ranked.filter(meetsAll);
  // what does not get there is only worth saying when nothing does
  const suggestions = (good.length > 0 ? good : ranked.slice(0, 1)).slice(0, mostSuggestions);
  if (good.length > 0) return { ...advice, met: false, suggestions };
  const rescue = rescueOf(input, targets, from, shelf, solver);
  // a step that falls short is in the way where a way back leads all the way
  return { ...advice, met: false, suggestions: rescue.meets ? [] : suggestions, rescue };
}
