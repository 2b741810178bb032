import type { LinearSolver } from '../landing/linearProgram';
import { type Figures, figuresOf, missed, missSum, targetFigure } from '../mix/figures';
import { mixWith } from '../mix/mix';
import { targetNames, type Targets } from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { Proposal, StartingBowl } from '../proposal/proposal';
import type { TasteMarks } from '../readings/tastes';
import type { AdviseInput } from './adviseInput';
import { rulesBroken } from './bowlRules';
import { type GivenUp, givenUp, type HeldName, heldNames, saidFrom } from './justNoticeable';
import { leadGivenUp } from './leadGivenUp';
import { halfOf } from './measured';
import { proposeAdditions } from './proposeAdditions';
import { additionParts, type Shelf } from './shelf';
import type { Goal } from './wanted';
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
  /** Rules of the dip, in the cook's words, that it would break. */
  breaks: string[];
}

/** A bowl being advised on, with what every attempt needs of it. */
export interface Attempt {
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
export const meetsAll = ({ proposal }: Pick<Suggestion, 'proposal'>) =>
  proposal.misses.length === 0;

/** Worth of a suggestion, less is better: nothing given up, few things, little of them, little risk, little cost, nothing gained. */
export function price(one: Suggestion, bowlG: number, targets: Targets): number {
  const { add, proposal, gives } = one;
  const share = add.reduce((sum, { massG }) => sum + massG, 0) / Math.max(1, bowlG);
  const risk = proposal.sure.overshoot ?? 0;
  const { costEur, allergensGained, dietsLost, keepDays, overfillMl } = proposal.consequences;
  return (
    (meetsAll(one) ? 0 : 100) +
    3 * gives.reduce((sum, { times }) => sum + Math.max(0, times - saidFrom), 0) +
    0.35 * add.length +
    2 * share +
    1.5 * risk +
    0.1 * costEur +
    0.6 * (allergensGained.length + dietsLost.length) +
    0.3 * Math.max(0, keepDays.before - keepDays.after) +
    (overfillMl > 0.5 ? 2 : 0) +
    2 * one.breaks.length +
    1.5 * nearerEdges(proposal, targets)
  );
}

/**
 * How much nearer the ends of two-sided bands figures come than they were: for each 0 up to half way from the middle, 1 at an end.
 * What was near an end before and nobody complained about is no reason to add anything.
 */
function nearerEdges({ before, after }: Proposal, targets: Targets): number {
  return targetNames.reduce((sum, name) => {
    const { low = null, high = null } = targets[name] ?? {};
    if (low === null || high === null || high <= low) return sum;
    const near = (figures: Figures) => {
      const value = targetFigure(name, figures);
      if (value === null) return null;
      const off = Math.abs(value - (low + high) / 2) / ((high - low) / 2);
      return off > 1 ? null : Math.max(0, 2 * off - 1);
    };
    return sum + Math.max(0, (near(after) ?? 1) - (near(before) ?? 0));
  }, 0);
}

function figuresWith({ from, shelf }: Attempt, add: readonly Addition[]): Figures {
  return figuresOf(mixWith(from.mix, additionParts(add, shelf)), from.conditions);
}

export function suggestion(attempt: Attempt, add: Addition[]): Suggestion {
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
  const proposal = proposeAdditions(from, add, shelf, targets, 'next step', '', goal.ends);
  const gives = [
    ...givenUp(from.figures, proposal.after, held),
    ...leadGivenUp(from.parts, [...from.parts, ...additionParts(add, shelf)], input.leadId),
  ].sort((a, b) => b.times - a.times);
  const breaks = rulesBroken(input.ruled, input.parts, add, shelf);
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
    proposal: { ...proposal, why: [why, ...breaks.map(brokenWords)].join(' ') },
    breaks,
    gives,
    holds: heldNames.filter((name) => held[name] && !moved.has(name)),
  };
}

const brokenWords = (said: string) => `Then “${said}” no longer holds.`;

/** Additions without those that can be left out: less to measure, with every band that was met met still. */
export function pruned(attempt: Attempt, add: readonly Addition[]): Addition[] {
  const worth = (some: readonly Addition[]) => {
    const then = figuresWith(attempt, some);
    // what is too little to be said is no reason for one thing more
    const given = givenUp(attempt.from.figures, then, attempt.held);
    const gives = given.filter(({ times }) => times >= saidFrom).length;
    const { ruled, parts } = attempt.input;
    const broken = rulesBroken(ruled, parts, some, attempt.shelf).length;
    return { off: missSum(then, attempt.targets), gives: gives + broken };
  };
  let kept = [...add];
  let now = worth(kept);
  for (const one of [...add].sort((a, b) => a.massG - b.massG)) {
    const fewer = kept.filter((other) => other !== one);
    if (fewer.length === 0) continue;
    const then = worth(fewer);
    if (then.off <= now.off + 1e-6 && then.gives <= now.gives) [kept, now] = [fewer, then];
  }
  return kept;
}
