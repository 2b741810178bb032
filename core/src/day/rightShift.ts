import { type DayProblem, type PlacedTask, type Task, washBetween, washedResource } from './task';

/** How the rest of a day goes from now on, in the order that was planned. */
export interface FromNow {
  /** Every task; what is done stays where it was planned. */
  tasks: PlacedTask[];
  /** Minutes what is next should have begun before now; 0 where it need not yet. */
  behindMin: number;
  /** Minutes until what is next begins; 0 where it should have begun. */
  inHandMin: number;
  /** Minutes after serving that the last task ends. */
  latenessMin: number;
}

/** When a task lets go of a resource, by where it stands. */
function freeAt(task: Task, resource: string, { handsOnEnd, end }: PlacedTask): number {
  return resource === 'cook' ? handsOnEnd : end;
}

/** What a task keeps busy, the cook among it. */
function kept({ handsOnMin, uses }: Task): string[] {
  const used = Object.keys(uses).filter((name) => uses[name] !== undefined);
  return handsOnMin > 0 ? ['cook', ...used] : used;
}

/**
 * The rest of a planned day when it is so late: nothing earlier than planned, nothing out of its order, each task pushed back by no more than
 * what holds it up (right-shift rescheduling: Abumaizar & Svestka, Int. J. Prod. Res. 35 (1997) 2065). What is ticked off is taken to
 * end as planned. An estimate.
 *
 * @param placed the plan, minutes from serving
 * @param done ids of tasks that are done
 * @param now minutes from serving
 */
export function fromNow(
  { tasks }: Pick<DayProblem, 'tasks'>,
  placed: readonly PlacedTask[],
  done: ReadonlySet<string>,
  now: number,
): FromNow {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const ordered = placed
    .filter(({ id }) => byId.has(id))
    .toSorted((a, b) => a.start - b.start || a.end - b.end);
  const moved = new Map<string, PlacedTask>();
  const before: { task: Task; planned: PlacedTask; then: PlacedTask }[] = [];
  for (const planned of ordered) {
    const task = byId.get(planned.id);
    if (!task) continue;
    let start = planned.start;
    if (!done.has(task.id)) {
      start = Math.max(start, now);
      for (const id of task.after) start = Math.max(start, moved.get(id)?.end ?? start);
      const own = kept(task);
      for (const { task: other, planned: was, then } of before) {
        for (const resource of kept(other)) {
          if (!own.includes(resource) || freeAt(other, resource, was) > planned.start) continue;
          const wash = resource === washedResource ? washBetween(other, task) : 0;
          const gap = Math.min(wash, planned.start - freeAt(other, resource, was));
          start = Math.max(start, freeAt(other, resource, then) + gap);
        }
      }
    }
    const by = start - planned.start;
    const then = {
      id: planned.id,
      start,
      handsOnEnd: planned.handsOnEnd + by,
      end: planned.end + by,
    };
    moved.set(task.id, then);
    before.push({ task, planned, then });
  }
  const next = ordered.find(({ id }) => !done.has(id));
  const off = next ? now - next.start : 0;
  return {
    tasks: placed.map((one) => moved.get(one.id) ?? one),
    behindMin: Math.max(0, off),
    inHandMin: Math.max(0, -off),
    latenessMin: Math.max(0, ...[...moved.values()].map(({ end }) => end)),
  };
}
