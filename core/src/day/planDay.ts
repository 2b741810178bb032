import { seeded } from '../statistics/random';
import { placeBackwards, type TaskNet, taskNet } from './backwards';
import { lowerBoundSpan } from './lowerBound';
import { type DayPlan, type DayProblem, washedResource } from './task';

/** What a plan costs: clashes before lateness before what is free going after allergens before span before washing up. */
export function planCost(plan: DayPlan): number {
  return (
    plan.clashes.length * 1e13 +
    plan.latenessMin * 1e9 +
    plan.freeAfter * 1e6 +
    plan.spanMin * 10 +
    plan.washUps
  );
}

export interface SearchLimits {
  /** Placings tried at most. */
  tries: number;
  /** Stops sooner after this long, ms; by a clock given with it, so that the core needs none. */
  ms?: number;
  now?: () => number;
  onProgress?: (share: number) => void;
}

const seed = 41;
/** How often an order tried has what is free of allergens first. */
const keptFreeFirst = 0.7;

/** First ranks: what has most before it goes in first, since it reaches furthest back. */
function firstRanks(net: TaskNet): number[] {
  return net.problem.tasks.map(({ id }) => net.head.get(id) ?? 0);
}

/**
 * Puts ranks so that what is blended free of allergens comes right after everything else that is blended: backwards from serving
 * that is earliest on the machine.
 */
function freeFirstOf({ problem }: TaskNet): (ranks: readonly number[]) => readonly number[] {
  const blended = problem.tasks.flatMap((task, i) =>
    typeof task.uses[washedResource] === 'number' ? [{ i, free: task.contains.length === 0 }] : [],
  );
  const free = blended.filter((one) => one.free);
  if (free.length === 0) return (ranks) => ranks;
  const others = blended.filter((one) => !one.free);
  return (ranks) => {
    const rankOf = ({ i }: { i: number }) => ranks[i] ?? 0;
    const most = Math.max(1, ...blended.map(rankOf));
    const below = Math.min(...others.map(rankOf), most);
    const next = [...ranks];
    // among themselves they keep their order
    for (const one of free) next[one.i] = below - 1 + rankOf(one) / (most + 1);
    return next;
  };
}

/**
 * Plans a day backwards from serving: places every task as late as it can go and looks for a better order by moving
 * one or two ranks at a time, from several starts, until nothing can be better or the tries are used up.
 *
 * @throws RangeError when tasks follow one another in a circle
 */
export function planDay(problem: DayProblem, limits: SearchLimits): DayPlan {
  const net = taskNet(problem);
  const { tasks } = problem;
  if (tasks.length === 0) {
    return {
      tasks: [],
      startAt: 0,
      latenessMin: 0,
      spanMin: 0,
      washUps: 0,
      freeAfter: 0,
      clashes: [],
    };
  }
  const bound = lowerBoundSpan(problem);
  const random = seeded(seed);
  const began = limits.now?.() ?? 0;
  const inOrder = firstRanks(net);
  const asFreeFirst = freeFirstOf(net);
  const freeFirst = asFreeFirst(inOrder);
  const starts = [inOrder, freeFirst].map((ranks) => {
    const plan = placeBackwards(net, ranks);
    return { ranks, plan, cost: planCost(plan) };
  });
  const start = starts.reduce((least, one) => (one.cost < least.cost ? one : least));
  let { ranks, plan: best, cost: bestCost } = start;
  let here = bestCost;
  const longest = Math.max(...inOrder);
  let stale = 0;
  for (let tried = 1; tried < limits.tries; tried += 1) {
    if (limits.ms !== undefined && limits.now && limits.now() - began > limits.ms) break;
    // at the bound with nothing washed and nothing free last, no order is better
    if (bestCost <= bound * 10) break;
    if (tried % 16 === 0) limits.onProgress?.(tried / limits.tries);
    const next = [...ranks];
    const moves = 1 + Math.floor(random() * 3);
    for (let i = 0; i < moves; i += 1) {
      const at = Math.floor(random() * tasks.length);
      if (random() < 0.5) {
        next[at] = random() * longest;
      } else {
        const other = Math.floor(random() * tasks.length);
        [next[at], next[other]] = [next[other] ?? 0, next[at] ?? 0];
      }
    }
    // most moves would put a free dip after others, which costs more than any span
    const order = random() < keptFreeFirst ? asFreeFirst(next) : next;
    const plan = placeBackwards(net, order);
    const cost = planCost(plan);
    if (cost <= here) {
      stale = cost < here ? 0 : stale + 1;
      ranks = order;
      here = cost;
    } else stale += 1;
    if (cost < bestCost) {
      best = plan;
      bestCost = cost;
    }
    if (stale > 60 + 4 * tasks.length) {
      const from = random() < 0.5 ? inOrder : freeFirst;
      ranks = from.map((rank) => rank * (0.5 + random()));
      here = Infinity;
      stale = 0;
    }
  }
  limits.onProgress?.(1);
  return best;
}
