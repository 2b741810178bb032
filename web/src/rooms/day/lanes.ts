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

/** Where each task stands in the order of the day, from 1; what it goes by where its name has no room. */
export function taskNumbers(placed: readonly PlacedTask[]): Map<string, number> {
  const ordered = [...placed].sort((a, b) => a.start - b.start);
  return new Map(ordered.map(({ id }, i) => [id, i + 1]));
}

/** What a task is about: what its name says before the colon. */
export const aboutTask = ({ label }: Pick<Task, 'label'>) => label.split(':')[0] ?? label;

/** What waits, a line for each dip or thing: one wait that overlaps another of the same is drawn as one with it. */
function waitsOf(bars: readonly LaneBar[]): Lane[] {
  const lanes = new Map<string, Lane>();
  for (const bar of [...bars].sort((a, b) => a.from - b.from)) {
    const about = aboutTask(bar.task);
    const lane = lanes.get(about) ?? { group: 'waits' as const, label: about, bars: [] };
    lanes.set(about, lane);
    const last = lane.bars.at(-1);
    if (last && bar.from < last.to) last.to = Math.max(last.to, bar.to);
    else lane.bars.push({ ...bar });
  }
  return [...lanes.values()];
}

/** Bars put on as few rows as they need, none over another; the name is said once, or with a number where there are several. */
function rowsOf(
  group: Lane['group'],
  bars: readonly LaneBar[],
  name: string = group,
  numbered?: string,
): Lane[] {
  const lanes: Lane[] = [];
  for (const bar of [...bars].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const free = lanes.find((lane) => (lane.bars.at(-1)?.to ?? -Infinity) <= bar.from);
    if (free) free.bars.push(bar);
    else lanes.push({ group, label: name, bars: [bar] });
  }
  if (numbered !== undefined && lanes.length > 1) {
    return lanes.map((lane, i) => ({ ...lane, label: `${numbered} ${i + 1}` }));
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
      'hands',
      'cook',
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
    ...waitsOf(barsWhere(onlyWaits, 'wait')),
  ];
}
