import { type TaskNet, taskNet } from './backwards';
import {
  type DayProblem,
  durationOf,
  jugResource,
  ovenWithinC,
  type Task,
  washedResource,
} from './task';

/** A stretch that something is held for: what must come before it starts and after it ends, at least, minutes. */
interface Stretch {
  before: number;
  minutes: number;
  after: number;
}

/** The longest chain that follows each task once it has ended, minutes. */
function tails({ problem, successors }: TaskNet): Map<string, number> {
  const found = new Map<string, number>();
  const tailOf = (task: Task): number => {
    const known = found.get(task.id);
    if (known !== undefined) return known;
    const tail = Math.max(
      0,
      ...(successors.get(task.id) ?? []).map((next) => durationOf(next) + tailOf(next)),
    );
    found.set(task.id, tail);
    return tail;
  };
  problem.tasks.forEach(tailOf);
  return found;
}

/**
 * The span some stretches on so many of one thing take at least: of those with at least so much before and so much after them,
 * the least of both and all their minutes shared out, for every such set (the one-machine bound of scheduling theory).
 */
function sharedOut(stretches: readonly Stretch[], count: number): number {
  let bound = 0;
  for (const { before } of stretches) {
    const late = stretches.filter((one) => one.before >= before);
    late.sort((a, b) => b.after - a.after);
    let minutes = 0;
    for (const one of late) {
      minutes += one.minutes;
      bound = Math.max(bound, before + Math.ceil(minutes / count) + one.after);
    }
  }
  return bound;
}

/** Temperatures that can't share an oven need their longest bakes one after another. */
function ovenBound({ tasks, resources }: DayProblem): number {
  const baked = tasks.flatMap((task) =>
    task.uses.oven ? [{ tempC: task.uses.oven.tempC, minutes: durationOf(task) }] : [],
  );
  const ovens = resources['oven'] ?? 0;
  if (baked.length === 0 || ovens <= 0) return 0;
  // bakes further apart than an oven allows never share one: a chain of such, each the longest of its kind
  const apart: { tempC: number; minutes: number }[] = [];
  for (const one of [...baked].sort((a, b) => b.minutes - a.minutes)) {
    if (apart.every(({ tempC }) => Math.abs(tempC - one.tempC) > ovenWithinC)) apart.push(one);
  }
  return Math.ceil(apart.reduce((sum, { minutes }) => sum + minutes, 0) / ovens);
}

/**
 * A span no plan can be shorter than: the longest chain; the cooks' hands, machines, hobs and all else that is counted, with what
 * must come before and after each of their tasks; bakes that can't share an oven.
 *
 * @returns minutes
 */
export function lowerBoundSpan(problem: DayProblem): number {
  const { tasks, resources } = problem;
  const net = taskNet(problem);
  const tail = tails(net);
  const beforeOf = (task: Task) => (net.head.get(task.id) ?? 0) - durationOf(task);
  const afterOf = (task: Task) => tail.get(task.id) ?? 0;
  const bounds = [Math.max(0, ...net.head.values()), ovenBound(problem)];
  const hands = tasks.map((task) => ({
    before: beforeOf(task),
    minutes: task.handsOnMin,
    after: task.waitMin + afterOf(task),
  }));
  bounds.push(sharedOut(hands, Math.max(1, resources['cook'] ?? 1)));
  for (const [name, count] of Object.entries(resources)) {
    if (['cook', 'oven', jugResource].includes(name) || count <= 0) continue;
    const stretches = tasks.flatMap((task): Stretch[] => {
      const use = task.uses[name];
      if (typeof use !== 'number' || use <= 0) return [];
      const share = Math.min(use, name === washedResource ? 1 : use);
      return [{ before: beforeOf(task), minutes: share * durationOf(task), after: afterOf(task) }];
    });
    bounds.push(sharedOut(stretches, count));
  }
  return Math.max(...bounds);
}
