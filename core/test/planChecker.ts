import type { DayPlan, DayProblem, Task } from '../src/day/task';

/**
 * What a plan breaks, worked out minute by minute from the statement of the problem and not from how plans are made:
 * resources over their number, order, holds, oven temperatures, washing up.
 */
export function planFaults(problem: DayProblem, plan: DayPlan): string[] {
  const faults: string[] = [];
  const at = new Map(plan.tasks.map((placed) => [placed.id, placed]));
  const timeOf = (task: Task) => {
    const placed = at.get(task.id);
    if (!placed) throw new Error(`${task.id} is not placed`);
    return placed;
  };
  for (const task of problem.tasks) {
    const { start, handsOnEnd, end } = timeOf(task);
    if (handsOnEnd - start !== task.handsOnMin) faults.push(`${task.id}: hands-on time`);
    if (end - start !== task.handsOnMin + task.waitMin) faults.push(`${task.id}: length`);
    for (const before of task.after) {
      const first = at.get(before);
      const beforeTask = problem.tasks.find(({ id }) => id === before);
      if (!first || !beforeTask) continue;
      if (first.end > start) faults.push(`${task.id} starts before ${before} ends`);
      const hold = beforeTask.maxHoldMin;
      if (hold !== undefined && start - first.end > hold) faults.push(`${before} is held too long`);
    }
    if (problem.notBefore !== undefined && start < problem.notBefore) {
      faults.push(`${task.id} starts too early`);
    }
    if (task.pinnedAt !== undefined && start !== task.pinnedAt) faults.push(`${task.id} moved`);
  }
  const first = Math.min(...plan.tasks.map(({ start }) => start));
  const last = Math.max(...plan.tasks.map(({ end }) => end));
  for (let m = first; m < last; m += 1) {
    const running = problem.tasks.filter((task) => timeOf(task).start <= m && m < timeOf(task).end);
    const hands = running.filter((task) => m < timeOf(task).handsOnEnd).length;
    if (hands > (problem.resources['cook'] ?? 0)) faults.push(`${m}: ${hands} cooks`);
    for (const [name, most] of Object.entries(problem.resources)) {
      if (name === 'cook' || name === 'oven' || name === 'jug') continue;
      const used = running.reduce((sum, task) => {
        const use = task.uses[name];
        return sum + (typeof use === 'number' ? use : 0);
      }, 0);
      if (used > most) faults.push(`${m}: ${used} of ${name}`);
    }
    // as few ovens as these temperatures need, taken in rising order
    const temps = running
      .flatMap((task) => (task.uses.oven ? [task.uses.oven.tempC] : []))
      .sort((a, b) => a - b);
    let ovens = 0;
    let from = -Infinity;
    for (const temp of temps) {
      if (temp - from > 10) {
        ovens += 1;
        from = temp;
      }
    }
    if (ovens > (problem.resources['oven'] ?? 0)) faults.push(`${m}: ${ovens} ovens`);
  }
  if (problem.resources['processor'] === 1) {
    const users = problem.tasks.filter((task) => typeof task.uses['processor'] === 'number');
    const washed = (first: Task, then: Task) =>
      first.dip === then.dip || first.contains.every((one) => then.contains.includes(one)) ? 0 : 5;
    // two that take no time at the same minute may come in either order
    const fits = (first: Task, then: Task) =>
      timeOf(then).start - timeOf(first).end >= washed(first, then);
    // each into a jug that is clean by then, whichever: every way is tried
    const given: { jug: number; task: Task }[] = [];
    const intoJugs = (i: number): boolean => {
      const task = users[i];
      if (!task) return true;
      for (let jug = 0; jug < (problem.resources['jug'] ?? 1); jug += 1) {
        const clean = given.every(
          (one) => one.jug !== jug || fits(one.task, task) || fits(task, one.task),
        );
        if (!clean) continue;
        given.push({ jug, task });
        if (intoJugs(i + 1)) return true;
        given.pop();
      }
      return false;
    };
    if (!intoJugs(0)) faults.push(`no time to wash up: ${users.map(({ id }) => id).join(', ')}`);
  }
  return faults;
}
