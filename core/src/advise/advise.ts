import type { LinearSolver } from '../landing/linearProgram';
import type { Ingredient } from '../larder/ingredient';
import { usualSeasoning } from '../mix/families';
import { type Figures, figuresOf, type Miss, missed } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { dipMass } from '../mix/part';
import type { Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import { startFrom } from '../proposal/proposal';
import type { Taste, TasteMarks } from '../readings/tastes';
import type { AdviseInput } from './adviseInput';
import { type ByHand, stepsByHand } from './byHand';
import { clearOfEdges } from './justInside';
import { type GivenUp, heldTargets, saidFrom } from './justNoticeable';
import { type Choices, choicesFor } from './plausible';
import { type Rescue, rescueOf } from './rescue';
import type { Shelf } from './shelf';
import { canReach, solveAdditions } from './solveAdditions';
import { stopHere } from './stopHere';
import { type Attempt, meetsAll, price, pruned, type Suggestion, suggestion } from './suggestion';
import { goalsOf, stillCounts } from './wanted';

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
  /** The odds that the body is right, where they are such that it is measured before anything else; null where it is known. */
  measure: number | null;
  /** What the hand mends, or more of one thing by taste: faults, and tastes without a figure. */
  byHand: ByHand[];
}

const mostSuggestions = 3;
/** More than this of the bowl in one addition is a rescue and not seasoning. */
const stepShare = 0.2;
/** A step that only makes sure is small. */
const surerShare = 0.05;

/** A step that moves something nobody complained about by so many times what is noticed is held against a way back. */
const tooMuchGiven = 2;

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

/**
 * Every way found of reaching one goal, by what goes in.
 *
 * @param ruled whether the dip's rules hold meanwhile
 */
function waysTo(attempt: Attempt, choices: Choices, ruled = true): Suggestion[] {
  const { input, targets, held, from, solver } = attempt;
  const misses = missed(from.figures, targets);
  const bowlG = dipMass(input.parts);
  const limits = { mostShare: stepShare, bowlG };
  const wish = { wanted: targets, held };
  const { ruled: _rules, ...unruled } = input;
  const asked = ruled ? input : unruled;
  const solved = (set: readonly Ingredient[], rough = false) =>
    solveAdditions(asked, wish, set, { ...limits, rough }, solver);
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
  const goals = goalsOf(
    input.targets,
    counting,
    from.figures,
    input.usual ?? usualSeasoning[family],
    input.timesMarked,
  );
  const shelf: Shelf = new Map(atHand.map((one) => [one.id, one]));
  const choices = choicesFor(atHand, parts, family, free);
  const attempts = goals.map((goal): Attempt => ({
    ...{ input, goal, targets: goal.targets, held: heldTargets(from.figures, goal.targets) },
    ...{ tastes: counting, from, shelf, solver },
  }));
  const [main] = attempts;
  if (!main) throw new Error('there is always a goal');
  const misses = missed(from.figures, main.targets);
  const { stop, measure } = stopHere(main);
  const byHand = stepsByHand(input, from, counting, choices, shelf, input.targets);
  const advice = {
    now: from.figures,
    nowSd: stop.proposal.sure.bodySd,
    misses,
    stale,
    byHand,
    measure,
  };
  if (misses.length === 0 && parts.length > 0) {
    // a bowl with something wrong with it is not where it should be
    if (byHand.length > 0) return { ...advice, met: false, suggestions: [] };
    const further = surer(main, choices);
    return { ...advice, met: true, suggestions: further ? [further, stop] : [stop] };
  }
  // where it may be right already, it is measured before anything goes in that can't come out
  const before = measure !== null && byHand.length === 0 ? [stop] : [];
  const asRuled = attempts.flatMap((attempt) => waysTo(attempt, choices));
  // the tongue is right before a rule is: where none gets there by the rules, what breaks one is told with it
  const stuck = input.ruled !== undefined && !asRuled.some(meetsAll);
  const ways = stuck
    ? [...asRuled, ...attempts.flatMap((attempt) => waysTo(attempt, choices, false))]
    : asRuled;
  const ranked = bestOf(ways, dipMass(parts), input.targets);
  const suggestions = [...before, ...ranked];
  const most = (gives: readonly GivenUp[]) => gives[0]?.times ?? 0;
  const [best] = ranked;
  if (best && meetsAll(best) && most(best.gives) < tooMuchGiven) {
    return { ...advice, met: false, suggestions };
  }
  const rescue = rescueOf(input, main, choices, solver);
  const gentler = rescue.meets && most(rescue.gives) < 0.7 * most(best?.gives ?? []);
  if (best && meetsAll(best) && !gentler) return { ...advice, met: false, suggestions };
  // a step that falls short, or spoils what nobody complained about, is in the way of a way back that does not
  const worthIt =
    !rescue.meets &&
    best &&
    (meetsAll(best) || most(best.gives) < tooMuchGiven || rescue.add.length === 0);
  return { ...advice, met: false, suggestions: worthIt ? suggestions : before, rescue };
}
