import { type DayPlan, type DayProblem, durationOf, type PlacedTask, type Task } from './task';
import { Timeline } from './timeline';

/** A day's tasks with what comes before and after each, checked to have no circle. */
export interface TaskNet {
  problem: DayProblem;
  byId: ReadonlyMap<string, Task>;
  successors: ReadonlyMap<string, readonly Task[]>;
  /** Longest chain up to and with each task, minutes. */
  head: ReadonlyMap<string, number>;
  horizon: number;
}

/**
 * Works out what follows what.
 *
 * @throws RangeError when a task comes after one that is not there, or after itself
 */
export function taskNet(problem: DayProblem): TaskNet {
  const byId = new Map(problem.tasks.map((task) => [task.id, task]));
  const successors = new Map<string, Task[]>(problem.tasks.map(({ id }) => [id, []]));
  for (const task of problem.tasks) {
    for (const before of task.after) {
      const list = successors.get(before);
      if (!list) throw new RangeError(`“${task.id}” comes after “${before}”, which is not there`);
      list.push(task);
    }
  }
  const head = new Map<string, number>();
  const open = new Set<string>();
  const headOf = (task: Task): number => {
    const known = head.get(task.id);
    if (known !== undefined) return known;
    if (open.has(task.id)) throw new RangeError(`“${task.id}” comes after itself`);
    open.add(task.id);
    const before = task.after.map((id) => headOf(byId.get(id) as Task));
    const length = Math.max(0, ...before) + durationOf(task);
    open.delete(task.id);
    head.set(task.id, length);
    return length;
  };
  problem.tasks.forEach(headOf);
  const work = problem.tasks.reduce((sum, task) => sum + durationOf(task) + 5, 0);
  const pinned = Math.max(0, ...problem.tasks.map(({ pinnedAt = 0 }) => Math.abs(pinnedAt)));
  return { problem, byId, successors, head, horizon: work + pinned + 60 };
}

/** How often holds that can't be kept are mended by moving what follows earlier. */
const mostMends = 80;

interface Attempt {
  placed: Map<string, PlacedTask>;
  timeline: Timeline;
  clashes: string[];
  /** A task that starts too long after the one before it ended, and the start that would do. */
  hold: { id: string; latest: number } | null;
}

function attempt(
  net: TaskNet,
  rank: readonly number[],
  bounds: ReadonlyMap<string, number>,
): Attempt {
  const { problem, successors } = net;
  const timeline = new Timeline(problem.resources, net.horizon);
  const placed = new Map<string, PlacedTask>();
  const clashes: string[] = [];
  const put = (task: Task, start: number) => {
    timeline.place(task, start);
    const { id, handsOnMin } = task;
    placed.set(id, { id, start, handsOnEnd: start + handsOnMin, end: start + durationOf(task) });
  };
  for (const task of problem.tasks) {
    if (task.pinnedAt === undefined) continue;
    if (timeline.latestStart(task, task.pinnedAt, task.pinnedAt) === null) {
      clashes.push(`“${task.label}” is pinned where something it needs is in use.`);
    }
    put(task, task.pinnedAt);
  }
  const waiting = new Map(problem.tasks.map(({ id }) => [id, (successors.get(id) ?? []).length]));
  const priority = new Map(problem.tasks.map(({ id }, i) => [id, rank[i] ?? 0]));
  const ready = problem.tasks.filter(({ id }) => waiting.get(id) === 0);
  let hold: Attempt['hold'] = null;
  while (ready.length > 0) {
    let best = 0;
    for (let i = 1; i < ready.length; i += 1) {
      const [a, b] = [ready[i] as Task, ready[best] as Task];
      if ((priority.get(a.id) ?? 0) > (priority.get(b.id) ?? 0)) best = i;
    }
    const [task] = ready.splice(best, 1) as [Task];
    const after = (successors.get(task.id) ?? []).map(({ id }) => placed.get(id)?.start ?? 0);
    const mustEnd = Math.min(0, ...after);
    if (task.pinnedAt === undefined) {
      const before = task.after.flatMap((id) => placed.get(id)?.end ?? []);
      const earliest = Math.max(-Infinity, ...before);
      const latest = Math.min(mustEnd - durationOf(task), bounds.get(task.id) ?? Infinity);
      const start = timeline.latestStart(task, latest, earliest);
      if (start === null) clashes.push(`“${task.label}” does not fit before what follows it.`);
      put(task, start ?? latest);
    } else if (mustEnd < task.pinnedAt + durationOf(task)) {
      clashes.push(`“${task.label}” is pinned after what needs it starts.`);
    }
    const end = placed.get(task.id)?.end ?? 0;
    if (task.maxHoldMin !== undefined && after.length > 0 && hold === null) {
      for (const next of successors.get(task.id) ?? []) {
        const latest = end + task.maxHoldMin;
        if ((placed.get(next.id)?.start ?? 0) > latest) {
          if (next.pinnedAt === undefined) hold = { id: next.id, latest };
          else clashes.push(`“${task.label}” waits too long for “${next.label}”.`);
        }
      }
    }
    for (const id of task.after) {
      const left = (waiting.get(id) ?? 0) - 1;
      waiting.set(id, left);
      const earlier = net.byId.get(id);
      if (left === 0 && earlier) ready.push(earlier);
    }
  }
  return { placed, timeline, clashes, hold };
}

/**
 * Places every task as late as it can go, those of higher rank first among those whose followers are all placed
 * (serial schedule generation, backwards). A task that would wait longer than it may has what follows it moved
 * earlier, and the placing is done again; with nothing pinned, the last task then still ends at serving.
 *
 * @param rank one for each task in the problem's order
 */
export function placeBackwards(net: TaskNet, rank: readonly number[]): DayPlan {
  const { problem } = net;
  const bounds = new Map<string, number>();
  let found = attempt(net, rank, bounds);
  for (let i = 0; i < mostMends && found.hold; i += 1) {
    bounds.set(found.hold.id, Math.min(found.hold.latest, bounds.get(found.hold.id) ?? Infinity));
    found = attempt(net, rank, bounds);
  }
  const tasks = problem.tasks.map(({ id }) => found.placed.get(id) as PlacedTask);
  const first = Math.min(...tasks.map(({ start }) => start));
  const end = Math.max(...tasks.map((task) => task.end));
  const pinned = problem.tasks.some(({ pinnedAt }) => pinnedAt !== undefined);
  // what a hold moved earlier moves back up to serving; what must not start so early makes serving wait
  const shift = Math.max(pinned ? 0 : -end, (problem.notBefore ?? -Infinity) - first);
  const last = end + shift;
  const clashes = [...found.clashes];
  if (found.hold) {
    const label = net.byId.get(found.hold.id)?.label ?? found.hold.id;
    clashes.push(`“${label}” can’t start as soon as what comes before it asks.`);
  }
  return {
    tasks: tasks.map((task) => ({
      id: task.id,
      start: task.start + shift,
      handsOnEnd: task.handsOnEnd + shift,
      end: task.end + shift,
    })),
    startAt: first + shift,
    latenessMin: Math.max(0, last),
    spanMin: last - first - shift,
    ...found.timeline.machineCosts(),
    clashes,
  };
}
