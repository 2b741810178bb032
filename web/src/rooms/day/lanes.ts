import type { PlacedTask, Task } from '@cobbet/core/day/task';

/** A bar on a lane: a task, or the part of it that keeps the lane busy. */
export interface LaneBar {
  task: Task;
  placed: PlacedTask;
  from: number;
  to: number;
}

/** One row of the drawing. */
export interface Lane {
  group: 'hands' | 'machine' | 'oven' | 'hob' | 'waits';
  label: string;
  bars: LaneBar[];
}

const names = {
  hands: 'hands',
  machine: 'machine',
  oven: 'oven',
  hob: 'hob',
  waits: 'waits',
} as const;

/** Bars put on as few rows as they need, none over another. */
function rowsOf(group: Lane['group'], bars: readonly LaneBar[]): Lane[] {
  const lanes: Lane[] = [];
  for (const bar of [...bars].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const free = lanes.find((lane) => (lane.bars.at(-1)?.to ?? -Infinity) <= bar.from);
    if (free) free.bars.push(bar);
    else lanes.push({ group, label: names[group], bars: [bar] });
  }
  return lanes.map((lane, i) => ({ ...lane, label: i === 0 ? lane.label : '' }));
}

/** A planned day by what it keeps busy: the cooks' hands on top, then machine, oven, hobs, and what only waits. */
export function lanesOf(tasks: readonly Task[], placed: readonly PlacedTask[]): Lane[] {
  const at = new Map(placed.map((one) => [one.id, one]));
  const bars = tasks.flatMap((task) => {
    const found = at.get(task.id);
    return found ? [{ task, placed: found }] : [];
  });
  const barsWhere = (keep: (task: Task) => boolean, part: 'hands' | 'all' | 'wait'): LaneBar[] =>
    bars.flatMap(({ task, placed: one }) => {
      if (!keep(task)) return [];
      const from = part === 'wait' ? one.handsOnEnd : one.start;
      const to = part === 'hands' ? one.handsOnEnd : one.end;
      return to > from ? [{ task, placed: one, from, to }] : [];
    });
  const onlyWaits = (task: Task) =>
    task.waitMin > 0 && !task.uses.oven && !task.uses['hob'] && !task.uses['processor'];
  return [
    ...rowsOf(
      'hands',
      barsWhere(() => true, 'hands'),
    ),
    ...rowsOf(
      'machine',
      barsWhere((task) => task.uses['processor'] !== undefined, 'all'),
    ),
    ...rowsOf(
      'oven',
      barsWhere((task) => task.uses.oven !== undefined, 'all'),
    ),
    ...rowsOf(
      'hob',
      barsWhere((task) => task.uses['hob'] !== undefined, 'all'),
    ),
    ...rowsOf('waits', barsWhere(onlyWaits, 'wait')),
  ];
}
