import {
  durationOf,
  goesBefore,
  jugResource,
  jugsEach,
  ovenWithinC,
  type Resources,
  type Task,
  washBetween,
  washedResource,
} from './task';

interface Busy {
  task: Task;
  start: number;
  end: number;
}

/**
 * What is in use when, minute by minute, before serving. Answers where a task can go no later than wanted.
 * A minute m before serving covers [m, m + 1) with m negative.
 */
export class Timeline {
  /** How many of each counted resource are in use, by minutes before serving. */
  private readonly used = new Map<string, Uint8Array>();
  private readonly ovens: { low: Float32Array; high: Float32Array }[];
  private readonly machines: Busy[][];
  private readonly jugs: number;

  /**
   * @param horizon minutes before and after serving that can be planned
   */
  constructor(
    private readonly resources: Resources,
    private readonly horizon: number,
  ) {
    const size = 2 * horizon;
    this.ovens = Array.from({ length: resources['oven'] ?? 0 }, () => ({
      low: new Float32Array(size).fill(NaN),
      high: new Float32Array(size).fill(NaN),
    }));
    this.machines = Array.from({ length: resources[washedResource] ?? 0 }, () => []);
    this.jugs = jugsEach(resources);
    const apart = ['oven', washedResource, jugResource];
    for (const [name, count] of Object.entries(resources)) {
      if (!apart.includes(name) && count > 0) {
        this.used.set(name, new Uint8Array(size));
      }
    }
  }

  /** The counted resources of a task with how many and over which minutes from its start. */
  private counted(task: Task): { name: string; count: number; minutes: number }[] {
    const found = [{ name: 'cook', count: 1, minutes: task.handsOnMin }];
    for (const [name, use] of Object.entries(task.uses)) {
      if (typeof use === 'number' && name !== washedResource && use > 0) {
        found.push({ name, count: use, minutes: durationOf(task) });
      }
    }
    return found.filter(({ minutes }) => minutes > 0);
  }

  /** The latest minute within [start, start + minutes) at which a resource is short, or null. */
  private shortAt(name: string, count: number, start: number, minutes: number): number | null {
    const used = this.used.get(name);
    const most = this.resources[name] ?? 0;
    for (let m = start + minutes - 1; m >= start; m -= 1) {
      if ((used?.[m + this.horizon] ?? 0) + count > most) return m;
    }
    return null;
  }

  /** The latest minute at which an oven is too hot or too cold, or null. */
  private ovenShortAt(oven: number, tempC: number, start: number, minutes: number): number | null {
    const { low, high } = this.ovens[oven] ?? {};
    if (!low || !high) return start + minutes - 1;
    for (let m = start + minutes - 1; m >= start; m -= 1) {
      const at = m + this.horizon;
      const coldest = Math.min(tempC, low[at] ?? NaN);
      const hottest = Math.max(tempC, high[at] ?? NaN);
      if (!Number.isNaN(low[at] ?? NaN) && hottest - coldest > ovenWithinC) return m;
    }
    return null;
  }

  /** The latest start below a machine's busy times and their washing up that a task must go back to, or null. */
  private machineBackTo(machine: number, task: Task, start: number): number | null {
    const end = start + durationOf(task);
    let running: number | null = null;
    let washing: number | null = null;
    let dirty = 0;
    for (const busy of this.machines[machine] ?? []) {
      const from = busy.start - washBetween(task, busy.task);
      const to = busy.end + washBetween(busy.task, task);
      if (start >= to || end <= from) continue;
      if (start < busy.end && end > busy.start) {
        running = Math.max(running ?? -Infinity, busy.start - durationOf(task));
      } else {
        dirty += 1;
        washing = Math.max(washing ?? -Infinity, from - durationOf(task));
      }
    }
    // a clean jug spares the wait for the one before, and that one is washed meanwhile
    return running ?? (dirty >= this.jugs ? washing : null);
  }

  /**
   * The latest start of a task at which everything it uses is free.
   *
   * @param latest no later than this
   * @param earliest no earlier than this
   * @returns null when it fits nowhere in between
   */
  latestStart(task: Task, latest: number, earliest: number): number | null {
    const duration = durationOf(task);
    const counted = this.counted(task);
    const { oven } = task.uses;
    const needsMachine = typeof task.uses[washedResource] === 'number';
    for (let start = latest; start >= Math.max(earliest, -this.horizon);) {
      let back = start;
      for (const { name, count, minutes } of counted) {
        const short = this.shortAt(name, count, start, minutes);
        if (short !== null) back = Math.min(back, short - minutes);
      }
      if (oven) {
        const shorts = this.ovens.map((_, i) => this.ovenShortAt(i, oven.tempC, start, duration));
        if (shorts.every((short) => short !== null)) {
          back = Math.min(back, Math.max(...shorts.map((short) => (short ?? 0) - duration)));
        }
      }
      if (needsMachine) {
        const backs = this.machines.map((_, i) => this.machineBackTo(i, task, start));
        if (backs.length === 0) return null;
        if (backs.every((one) => one !== null)) {
          back = Math.min(back, Math.max(...backs.map((one) => one ?? 0)));
        }
      }
      if (back === start) return start;
      start = Math.min(back, start - 1);
    }
    return null;
  }

  /** Keeps everything a task uses for it, whether it is free or not. */
  place(task: Task, start: number): void {
    const end = start + durationOf(task);
    for (const { name, count, minutes } of this.counted(task)) {
      const used = this.used.get(name);
      for (let m = start; used && m < start + minutes; m += 1) {
        const at = m + this.horizon;
        used[at] = (used[at] ?? 0) + count;
      }
    }
    const { oven } = task.uses;
    if (oven) {
      const free = this.ovens.findIndex(
        (_, i) => this.ovenShortAt(i, oven.tempC, start, end - start) === null,
      );
      const { low, high } = this.ovens[Math.max(0, free)] ?? {};
      for (let m = start; low && high && m < end; m += 1) {
        const at = m + this.horizon;
        low[at] = Number.isNaN(low[at] ?? NaN) ? oven.tempC : Math.min(low[at] ?? 0, oven.tempC);
        high[at] = Number.isNaN(high[at] ?? NaN) ? oven.tempC : Math.max(high[at] ?? 0, oven.tempC);
      }
    }
    if (typeof task.uses[washedResource] === 'number') {
      const free = this.machines.findIndex((_, i) => this.machineBackTo(i, task, start) === null);
      this.machines[Math.max(0, free)]?.push({ task, start, end });
    }
  }

  /** Washing up, and dips free of an allergen that are blended after another one that holds it, on the same machine. */
  machineCosts(): { washUps: number; freeAfter: number } {
    let washUps = 0;
    let freeAfter = 0;
    for (const machine of this.machines) {
      const order = [...machine].sort((a, b) => a.start - b.start);
      order.forEach(({ task }, i) => {
        const next = order[i + 1]?.task;
        if (next && washBetween(task, next) > 0) washUps += 1;
        if (order.slice(0, i).some((one) => goesBefore(task, one.task))) freeAfter += 1;
      });
    }
    return { washUps, freeAfter };
  }
}
