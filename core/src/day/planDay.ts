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
 * Puts ranks so that what is blended free of allergens comes right after everything else that is blended, and before it what is kept
 * free of some: backwards from serving that is earliest on the machine.
 */
function freeFirstOf({ problem }: TaskNet): (ranks: readonly number[]) => readonly number[] {
  const blended = problem.tasks.flatMap((task, i) =>
    typeof task.uses[washedResource] === 'number'
      ? [{ i, plain: task.contains.length === 0, kept: (task.freeOf ?? []).length > 0 }]
      : [],
  );
  const free = blended.filter(({ plain, kept }) => plain || kept);
  if (free.length === 0) return (ranks) => ranks;
  const others = blended.filter((one) => !free.includes(one));
  return (ranks) => {
    const rankOf = ({ i }: { i: number }) => ranks[i] ?? 0;
    const most = Math.max(1, ...blended.map(rankOf));
    const below = Math.min(...others.map(rankOf), most);
    const next = [...ranks];
    // among themselves they keep their order
    for (const one of free) {
      const step = one.plain ? 2 : 1;
      next[one.i] = below - step + rankOf(one) / (most + 1);
    }
    return next;
  };
}

interface Found {
  ranks: readonly number[];
  plan: DayPlan;
  cost: number;
}

/** Looks for the order that costs least by moving one or two ranks at a time, from several starts. */
function searchOrders(
  net: TaskNet,
  starts: readonly (readonly number[])[],
  limits: SearchLimits,
): Found {
  const { tasks } = net.problem;
  const bound = lowerBoundSpan(net.problem);
  const random = seeded(seed);
  const began = limits.now?.() ?? 0;
  const asFreeFirst = freeFirstOf(net);
  const placed = (ranks: readonly number[]): Found => {
    const plan = placeBackwards(net, ranks);
    return { ranks, plan, cost: planCost(plan) };
  };
  let best = starts.map(placed).reduce((least, one) => (one.cost < least.cost ? one : least));
  let { ranks, cost: here } = best;
  const longest = Math.max(...firstRanks(net));
  let stale = 0;
  for (let tried = 1; tried < limits.tries; tried += 1) {
    if (limits.ms !== undefined && limits.now && limits.now() - began > limits.ms) break;
    // at the bound with nothing washed and nothing free last, no order is better
    if (best.cost <= bound * 10) break;
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
    const found = placed(random() < keptFreeFirst ? asFreeFirst(next) : next);
    if (found.cost <= here) {
      stale = found.cost < here ? 0 : stale + 1;
      ({ ranks, cost: here } = found);
    } else stale += 1;
    if (found.cost < best.cost) best = found;
    if (stale > 60 + 4 * tasks.length) {
      const from = starts[random() < 0.5 ? 0 : starts.length - 1] ?? [];
      ranks = from.map((rank) => rank * (0.5 + random()));
      here = Infinity;
      stale = 0;
    }
  }
  return best;
}

function searchedPlan({ plan }: Found, { onProgress }: SearchLimits): DayPlan {
  onProgress?.(1);
  return plan;
}

/**
 * Plans a day backwards from serving: places every task as late as it can go and looks for a better order, from several
 * starts, until nothing can be better or the tries are used up. A day that may not begin so early is looked at as if it
 * might first, then again from the order found: it is never later than that order pushed back.
 *
 * @throws RangeError when tasks follow one another in a circle
 */
export function planDay(problem: DayProblem, limits: SearchLimits): DayPlan {
  const net = taskNet(problem);
  if (problem.tasks.length === 0) {
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
  const inOrder = firstRanks(net);
  const starts = [inOrder, freeFirstOf(net)(inOrder)];
  const { notBefore, ...anyStart } = problem;
  if (notBefore === undefined) return searchedPlan(searchOrders(net, starts, limits), limits);
  const half = (done: number): SearchLimits => ({
    ...limits,
    ...(limits.ms !== undefined && { ms: limits.ms / 2 }),
    onProgress: (share) => limits.onProgress?.(done + share / 2),
  });
  const early = searchOrders({ ...net, problem: anyStart }, starts, half(0));
  if (early.plan.startAt >= notBefore) return searchedPlan(early, limits);
  return searchedPlan(searchOrders(net, [...starts, early.ranks], half(0.5)), limits);
}
