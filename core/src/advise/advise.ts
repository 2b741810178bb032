import type { LinearSolver } from '../landing/linearProgram';
import type { Ingredient } from '../larder/ingredient';
import { type Figures, figuresOf, type Miss, missed, targetFigure } from '../mix/figures';
import { mixOf, mixWith } from '../mix/mix';
import { dipMass } from '../mix/part';
import { missUnit, targetNames, type Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import { type Proposal, type StartingBowl, startFrom } from '../proposal/proposal';
import type { Taste, TasteMarks } from '../readings/tastes';
import type { AdviseInput } from './adviseInput';
import { clearOfEdges } from './justInside';
import {
  type GivenUp,
  givenUp,
  type HeldName,
  heldNames,
  heldTargets,
  saidFrom,
} from './justNoticeable';
import { leadGivenUp } from './leadGivenUp';
import { halfOf } from './measured';
import { type Choices, choicesFor } from './plausible';
import { proposeAdditions } from './proposeAdditions';
import { type Rescue, rescueOf } from './rescue';
import { additionParts, type Shelf } from './shelf';
import { canReach, solveAdditions } from './solveAdditions';
import { type Goal, goalsOf, stillCounts } from './wanted';
import { whyWords } from './whyWords';

/** One thing that could be done next. */
export interface Suggestion {
  /** Nothing, when the bowl is where it should be. */
  add: Addition[];
  /** Half of it, to be added first and looked at. */
  firstStep: Addition[];
  /** All of it, with what it would do. */
  proposal: Proposal;
  /** What nobody complained about and it moves all the same, by more than is noticed; the most first. */
  gives: GivenUp[];
  /** What stays as it is, within what is noticed. */
  holds: HeldName[];
}

export interface Advice {
  now: Figures;
  /** Spread of the body now, one standard deviation. */
  nowSd: number;
  met: boolean;
  /** What is wanted and missed, with by how much: positive is too little. */
  misses: Miss[];
  /** At most three, the best first. */
  suggestions: Suggestion[];
  rescue?: Rescue;
  /** Marks that no longer count: something went in since that moved their taste. To be tasted again. */
  stale: Taste[];
}

const mostSuggestions = 3;
/** More than this of the bowl in one addition is a rescue and not seasoning. */
const stepShare = 0.2;
/** A step that only makes sure is small. */
const surerShare = 0.05;

/** A step that moves something nobody complained about by so many times what is noticed is held against a way back. */
const tooMuchGiven = 2;

/** A bowl being advised on, with what every attempt needs of it. */
interface Attempt {
  input: AdviseInput;
  goal: Goal;
  targets: Targets;
  held: Targets;
  tastes: TasteMarks;
  from: StartingBowl;
  shelf: Shelf;
  solver: LinearSolver;
}

/** Whether everything wanted is met. */
const meetsAll = ({ proposal }: Pick<Suggestion, 'proposal'>) => proposal.misses.length === 0;

/** Worth of a suggestion, less is better: nothing given up, few things, little of them, little risk, little cost, nothing gained. */
function price({ add, proposal, gives }: Suggestion, bowlG: number, targets: Targets): number {
  const share = add.reduce((sum, { massG }) => sum + massG, 0) / Math.max(1, bowlG);
  const risk = proposal.sure.overshoot ?? 0;
  const { costEur, allergensGained, dietsLost, keepDays, overfillMl } = proposal.consequences;
  return (
    (proposal.misses.length > 0 ? 100 : 0) +
    3 * gives.reduce((sum, { times }) => sum + times - 1, 0) +
    0.35 * add.length +
    2 * share +
    1.5 * risk +
    0.1 * costEur +
    0.6 * (allergensGained.length + dietsLost.length) +
    0.3 * Math.max(0, keepDays.before - keepDays.after) +
    (overfillMl > 0.5 ? 2 : 0) +
    1.5 * nearEdges(proposal.after, targets)
  );
}

/** How near the ends of two-sided bands figures are: for each 0 up to half way from the middle, 1 at an end. */
function nearEdges(figures: Figures, targets: Targets): number {
  return targetNames.reduce((sum, name) => {
    const { low = null, high = null } = targets[name] ?? {};
    const value = targetFigure(name, figures);
    if (low === null || high === null || value === null || high <= low) return sum;
    const off = Math.abs(value - (low + high) / 2) / ((high - low) / 2);
    return sum + Math.max(0, 2 * Math.min(1, off) - 1);
  }, 0);
}

function figuresWith({ from, shelf }: Attempt, add: readonly Addition[]): Figures {
  return figuresOf(mixWith(from.mix, additionParts(add, shelf)), from.conditions);
}

function suggestion(attempt: Attempt, add: Addition[]): Suggestion {
  const { input, goal, targets, held, from, shelf, tastes } = attempt;
  const lacks = missed(from.figures, targets);
  const things = add.flatMap(({ ingredient }) => shelf.get(ingredient) ?? []);
  const solves = add.map((one) => {
    const left = missed(figuresWith(attempt, [one]), targets);
    return lacks.filter(({ name, miss }) => {
      const still = left.find((other) => other.name === name)?.miss ?? 0;
      return Math.abs(still) < Math.abs(miss) - 1e-6;
    }).length;
  });
  const proposal = proposeAdditions(from, add, shelf, targets, 'next step', '');
  const gives = [
    ...givenUp(from.figures, proposal.after, held),
    ...leadGivenUp(from.parts, [...from.parts, ...additionParts(add, shelf)], input.leadId),
  ].sort((a, b) => b.times - a.times);
  const moved = new Set(gives.map(({ name }) => name));
  const said = lacks.filter(({ name }) => !goal.means.includes(name));
  const why = whyWords({
    lacks: said,
    added: things,
    solves,
    tastes,
    by: goal.by,
    gives,
    proposal,
  });
  return {
    add,
    firstStep: halfOf(add, shelf, from.conditions.measures),
    proposal: { ...proposal, why },
    gives,
    holds: heldNames.filter((name) => held[name] && !moved.has(name)),
  };
}

/** A small step that takes a body that is only just inside its band clear of the edge; null where there is none. */
function surer(attempt: Attempt, choices: Choices): Suggestion | null {
  const { input, from, solver, held } = attempt;
  const inner = { ...attempt, targets: clearOfEdges(attempt.targets) };
  if (missed(from.figures, inner.targets).length === 0) return null;
  const limits = { mostShare: surerShare, bowlG: dipMass(input.parts) };
  const add = solveAdditions(input, { wanted: inner.targets, held }, choices.first, limits, solver);
  if (!add) return null;
  const step = suggestion(inner, add);
  if (!meetsAll(step) || step.gives.length > 0) return null;
  const why = 'It is in, but only just: this makes it surer.';
  // half of so little could not be told from nothing
  return { ...step, firstStep: add, proposal: { ...step.proposal, why } };
}

/** Additions without those that can be left out: less to measure, with every band that was met met still. */
function pruned(attempt: Attempt, add: readonly Addition[]): Addition[] {
  const worth = (some: readonly Addition[]) => {
    const then = figuresWith(attempt, some);
    const off = missed(then, attempt.targets).reduce((sum, { name, miss }) => {
      return sum + Math.abs(miss) / missUnit[name];
    }, 0);
    return [off, givenUp(attempt.from.figures, then, attempt.held).length] as const;
  };
  let kept = [...add];
  for (const one of [...add].sort((a, b) => a.massG - b.massG)) {
    const fewer = kept.filter((other) => other !== one);
    if (fewer.length === 0) continue;
    const [lessMisses, lessGives] = worth(fewer);
    const [misses, gives] = worth(kept);
    if (lessMisses <= misses + 1e-6 && lessGives <= gives) kept = fewer;
  }
  return kept;
}

/** One thing alone hardly puts more lacks than this right. */
const mostForOne = 2;

/** Sets of things to try: all that fit but one, one put in another's place, and, where that may do, each alone. */
function reaches({ first, instead }: Choices, used: readonly string[], lacks: number) {
  const swapped = instead
    .filter(({ of }) => used.includes(of))
    .map(({ of, ingredient }) => first.map((one) => (one.id === of ? ingredient : one)));
  return [
    ...used.map((id) => first.filter((one) => one.id !== id)),
    ...swapped,
    ...(lacks <= mostForOne ? first.map((one) => [one]) : []),
  ].filter((set) => set.length > 0);
}

/** Nothing to add: it is where it should be. */
function stopHere(attempt: Attempt): Suggestion {
  const { from, shelf, targets } = attempt;
  const why = 'Nothing: it is where you want it. Stop here.';
  const proposal = proposeAdditions(from, [], shelf, targets, 'next step', why);
  return { add: [], firstStep: [], proposal, gives: [], holds: [...heldNames] };
}

/** Marks that still count, and those that are too old to. */
function countingMarks({ parts, tastes, tastedAfter, conditions }: AdviseInput, now: Figures) {
  const counting: TasteMarks = { ...tastes };
  const stale: Taste[] = [];
  for (const taste of Object.keys(tastes) as Taste[]) {
    const after = tastedAfter?.[taste];
    if (after === undefined || after >= parts.length) continue;
    const then = figuresOf(mixOf(parts.slice(0, after)), conditions);
    if (stillCounts(taste, then, now)) continue;
    Reflect.deleteProperty(counting, taste);
    stale.push(taste);
  }
  return { counting, stale };
}

/** Every way found of reaching one goal, by what goes in. */
function waysTo(attempt: Attempt, choices: Choices): Suggestion[] {
  const { input, targets, held, from, solver } = attempt;
  const misses = missed(from.figures, targets);
  const bowlG = dipMass(input.parts);
  const limits = { mostShare: stepShare, bowlG };
  const wish = { wanted: targets, held };
  const solved = (set: readonly Ingredient[], rough = false) =>
    solveAdditions(input, wish, set, { ...limits, rough }, solver);
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
    const better = !known || price(one, bowlG, input.targets) < price(known, bowlG, input.targets);
    if (better) found.set(key, one);
  };
  const first = solved(choices.first);
  keep(first);
  // where all of it together does not get there, less of it does not either
  if ([...found.values()].some(meetsAll)) {
    const used = first?.map(({ ingredient }) => ingredient) ?? [];
    for (const set of reaches(choices, used, misses.length)) {
      if (canReach(misses, targets, set)) keep(solved(set, true));
    }
  }
  return [...found.values()];
}

/** The best of all ways: those that give nothing up before those that do, which are only worth saying when there are no others. */
function bestOf(ways: readonly Suggestion[], bowlG: number, targets: Targets): Suggestion[] {
  const ranked = [...ways].sort((a, b) => price(a, bowlG, targets) - price(b, bowlG, targets));
  const good = ranked.filter(meetsAll);
  const free = good.filter(({ gives }) => gives.every(({ times }) => times < saidFrom));
  const best = free.length > 0 ? free : good;
  return (best.length > 0 ? best : ranked.slice(0, 1)).slice(0, mostSuggestions);
}

/**
 * What to do next with a bowl: nothing when it is where it should be, with a small step to be surer before it where
 * that is only just; else at most three additions, ranked, each with a first step of half of it, what it does, what it gives up and
 * the chance that it goes too far. Nothing is ever taken out.
 *
 * @param input the bowl as it is, with what readings and tastes have said of it
 * @param solver linear solver
 */
export function advise(input: AdviseInput, solver: LinearSolver): Advice {
  const { parts, family, free, atHand } = input;
  const from = startFrom(input);
  const { counting, stale } = countingMarks(input, from.figures);
  const goals = goalsOf(input.targets, counting, from.figures, family);
  const shelf: Shelf = new Map(atHand.map((one) => [one.id, one]));
  const choices = choicesFor(atHand, parts, family, free);
  const attempts = goals.map((goal): Attempt => ({
    ...{ input, goal, targets: goal.targets, held: heldTargets(from.figures, goal.targets) },
    ...{ tastes: counting, from, shelf, solver },
  }));
  const [main] = attempts;
  if (!main) throw new Error('there is always a goal');
  const misses = missed(from.figures, main.targets);
  const stop = stopHere(main);
  const advice = { now: from.figures, nowSd: stop.proposal.sure.bodySd, misses, stale };
  if (misses.length === 0 && parts.length > 0) {
    const further = surer(main, choices);
    return { ...advice, met: true, suggestions: further ? [further, stop] : [stop] };
  }
  const ways = attempts.flatMap((attempt) => waysTo(attempt, choices));
  const suggestions = bestOf(ways, dipMass(parts), input.targets);
  const most = (gives: readonly GivenUp[]) => gives[0]?.times ?? 0;
  const [best] = suggestions;
  if (best && meetsAll(best) && most(best.gives) < tooMuchGiven) {
    return { ...advice, met: false, suggestions };
  }
  const rescue = rescueOf(input, main, choices, solver);
  const gentler = rescue.meets && most(rescue.gives) < 0.7 * most(best?.gives ?? []);
  if (best && meetsAll(best) && !gentler) return { ...advice, met: false, suggestions };
  // a step that falls short, or spoils what nobody complained about, is in the way of a way back that does not
  const worthIt = !rescue.meets && best && (meetsAll(best) || most(best.gives) < tooMuchGiven);
  return { ...advice, met: false, suggestions: worthIt ? suggestions : [], rescue };
}
