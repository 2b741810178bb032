import { seeded } from '@cobbet/core/statistics/random';
import type { DayProblem, Task } from '@cobbet/core/day/task';

/** A made-up day of twelve dips with some 90 tasks, one cook, one oven and one machine: for timing only. */
export function bigDay(): DayProblem {
  const random = seeded(9);
  const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const tasks: Task[] = [];
  for (let i = 0; i < 12; i += 1) {
    const contains = ['sesame', 'tree-nut', 'milk'].filter(() => random() < 0.35);
    const add = (name: string, extra: Partial<Task>) => {
      const id = `${i}-${name}`;
      const plain = { after: [], handsOnMin: 0, waitMin: 0, uses: {}, contains };
      tasks.push({ ...plain, ...extra, id, dip: `dip ${i}`, label: name });
      return id;
    };
    const overnight = random() < 0.5;
    const soak = add('soak', { handsOnMin: 2, waitMin: overnight ? 625 : 70, uses: { bowl: 1 } });
    const boil = add('boil', {
      handsOnMin: 8,
      waitMin: between(25, 70),
      uses: { hob: 1 },
      after: [soak],
    });
    const cool = add('cool', { handsOnMin: 1, waitMin: 12, after: [boil] });
    const tempC = [160, 180, 190, 200, 220][between(0, 4)] ?? 200;
    const roast = add('roast', {
      handsOnMin: 4,
      waitMin: between(25, 50),
      uses: { oven: { tempC } },
    });
    const peel = add('peel', { handsOnMin: between(5, 12), after: [roast] });
    const measure = add('measure', { handsOnMin: between(4, 8) });
    const after = [cool, peel, measure];
    const blend = add('blend', { handsOnMin: between(10, 18), uses: { processor: 1 }, after });
    add('chill', { handsOnMin: 1, waitMin: 120, after: [blend], uses: { fridge: 1 } });
  }
  return {
    tasks,
    resources: { cook: 1, oven: 1, hob: 2, processor: 1, bowl: 12, fridge: 12 },
  };
}
