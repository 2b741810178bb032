import { dipMass } from '../bowl/part';
import type { Ingredient } from '../larder/ingredient';
import type { LinearSolver } from '../landing/linearProgram';
import type { TargetName, Targets } from '../landing/targets';
import { type BowlFigures, bowlFigures, missed } from './figures';
import { clearOfEdges } from './justInside';
import { overshootChance } from './overshoot';
import { type Addition, additionsFor, halfOf, solveAdditions } from './solveAdditions';
import type { AdviseInput } from './adviseInput';
import { type Rescue, rescueOf } from './rescue';
import { tasteTargets } from './tasteTargets';
import { whyWords } from './whyWords';

/** One thing that could be done next. */
export interface Suggestion {
  /** Nothing, when the bowl is where it should be. */
  add: Addition[];
  /** Half of it, to be added first and looked at. */
  firstStep: Addition[];
  /** The bowl with all of it. */
  after: BowlFigures;
  /** Targets it would meet and those it would still miss. */
  meets: boolean;
  overshootChance: number;
  /** What it costs, €. */
  costEur: number;
  /** The new yield, g. */
  massG: number;
  why: string;
}

export interface Advice {
  now: BowlFigures;
  met: boolean;
  /** Targets that are missed, with by how much: positive is too little. */
  misses: { name: TargetName; miss: number }[];
  /** At most three, the best first. */
  suggestions: Suggestion[];
  rescue?: Rescue;
}

const mostSuggestions = 3;
/** More than this of the bowl in one addition is a rescue and not seasoning. */
const stepShare = 0.2;
/** A step that only makes sure is small. */
const surerShare = 0.05;
/** With a lean mouth these loosen least of all. */
const isThin = ({ role, fatG }: Ingredient) => role === 'liquid' && fatG < 2;

/** Worth of a suggestion, less is better: few things, little of them, little risk, little cost. */
function price({ add, overshootChance: risk, costEur, meets }: Suggestion, bowlG: number): number {
  const share = add.reduce((sum, { massG }) => sum + massG, 0) / Math.max(1, bowlG);
  return (meets ? 0 : 100) + 0.35 * add.length + 2 * share + 1.5 * risk + 0.1 * costEur;
}

function suggestion(
  input: AdviseInput,
  targets: Targets,
  now: BowlFigures,
  add: Addition[],
): Suggestion {
  const { parts, tastes, atHand } = input;
  const byId = new Map(atHand.map((one) => [one.id, one]));
  const after = bowlFigures([...parts, ...additionsFor(add, byId)], input);
  const lacks = missed(now, targets);
  const things = add.flatMap(({ ingredient }) => byId.get(ingredient) ?? []);
  const solves = add.map((one) => {
    const alone = bowlFigures([...parts, ...additionsFor([one], byId)], input);
    const left = missed(alone, targets);
    return lacks.filter(({ name, miss }) => {
      const still = left.find((other) => other.name === name)?.miss ?? 0;
      return Math.abs(still) < Math.abs(miss) - 1e-6;
    }).length;
  });
  return {
    add,
    firstStep: halfOf(add, byId, input.measures),
    after,
    meets: missed(after, targets).length === 0,
    overshootChance: overshootChance(now, after, targets),
    costEur: add.reduce(
      (sum, { ingredient, massG }) =>
        sum + (massG / 1000) * (byId.get(ingredient)?.costHintEurPerKg ?? 0),
      0,
    ),
    massG: after.massG,
    why: whyWords(lacks, things, solves, tastes),
  };
}

/** A small step that takes a body that is only just inside its band clear of the edge; null where there is none. */
function surer(
  input: AdviseInput,
  targets: Targets,
  now: BowlFigures,
  solver: LinearSolver,
): Suggestion | null {
  const inner = clearOfEdges(targets);
  if (missed(now, inner).length === 0) return null;
  const limits = { mostShare: surerShare, bowlG: dipMass(input.parts) };
  const add = solveAdditions(input, inner, input.atHand, limits, solver);
  if (!add) return null;
  const step = suggestion(input, inner, now, add);
  const why = 'It is in, but only just: this makes it surer.';
  // half of so little could not be told from nothing
  return step.meets ? { ...step, firstStep: add, why } : null;
}

/** Additions without those that can be left out: less to measure, with every band that was met met still. */
function pruned(input: AdviseInput, targets: Targets, add: readonly Addition[]): Addition[] {
  const byId = new Map(input.atHand.map((one) => [one.id, one]));
  const misses = (some: readonly Addition[]) =>
    missed(bowlFigures([...input.parts, ...additionsFor(some, byId)], input), targets).length;
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

/**
 * What to do next with a bowl: nothing when it is where it should be, with a small step to be surer before it where that
 * is only just; else at most three additions, ranked, each with
 * a first step of half of it, what it does, and the chance that it goes too far. Nothing is ever taken out.
 *
 * @param input the bowl as it is, with what readings and tastes have said of it
 * @param solver linear solver
 */
export function advise(input: AdviseInput, solver: LinearSolver): Advice {
  const { parts, tastes } = input;
  const now = bowlFigures(parts, input);
  const targets = tasteTargets(input.targets, tastes, now);
  const misses = missed(now, targets);
  const lean = tastes.lean === 'over';
  if (misses.length === 0 && !lean && parts.length > 0) {
    const stop: Suggestion = {
      add: [],
      firstStep: [],
      after: now,
      meets: true,
      overshootChance: 0,
      costEur: 0,
      massG: now.massG,
      why: 'Nothing: it is where you want it. Stop here.',
    };
    const further = surer(input, targets, now, solver);
    return { now, met: true, misses, suggestions: further ? [further, stop] : [stop] };
  }
  const bowlG = dipMass(parts);
  const fatty = input.atHand.filter((one) => !isThin(one));
  const atHand = lean && fatty.length > 0 ? fatty : input.atHand;
  const limits = { mostShare: stepShare, bowlG };
  const solved = (set: readonly Ingredient[]) =>
    solveAdditions(input, targets, set, limits, solver);
  const first = solved(atHand);
  const found = new Map<string, Suggestion>();
  const keep = (solution: Addition[] | null) => {
    if (!solution || solution.length === 0) return;
    const add = pruned(input, targets, solution);
    const key = add
      .map(({ ingredient }) => ingredient)
      .sort()
      .join();
    const one = suggestion(input, targets, now, add);
    const known = found.get(key);
    if (!known || price(one, bowlG) < price(known, bowlG)) found.set(key, one);
  };
  keep(first);
  // where all of it together does not get there, less of it does not either
  const reachable = [...found.values()].some(({ meets }) => meets);
  const used = first?.map(({ ingredient }) => ingredient) ?? [];
  if (reachable) for (const set of reaches(atHand, used, misses.length)) keep(solved(set));
  const ranked = [...found.values()].sort((a, b) => price(a, bowlG) - price(b, bowlG));
  const good = ranked.filter(({ meets }) => meets);
  // what does not get there is only worth saying when nothing does
  const suggestions = (good.length > 0 ? good : ranked.slice(0, 1)).slice(0, mostSuggestions);
  if (good.length > 0) return { now, met: false, misses, suggestions };
  const rescue = rescueOf(input, targets, now, solver);
  // a step that falls short is in the way where a way back leads all the way
  return { now, met: false, misses, suggestions: rescue.meets ? [] : suggestions, rescue };
}
