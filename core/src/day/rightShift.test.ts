import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fromNow } from './rightShift';
import type { PlacedTask, Task } from './task';

const task = (
  id: string,
  handsOnMin: number,
  waitMin: number,
  extra: Partial<Task> = {},
): Task => ({
  ...{ id, dip: id, label: id, after: [], handsOnMin, waitMin, uses: {}, contains: [] },
  ...extra,
});
const at = ({ id, handsOnMin, waitMin }: Task, start: number): PlacedTask => ({
  ...{ id, start, handsOnEnd: start + handsOnMin, end: start + handsOnMin + waitMin },
});

// one cook: peel 10, roast 5 + 40 in the oven, grind 10 meanwhile, blend 15 when it is out
const peel = task('peel', 10, 0);
const roast = task('roast', 5, 40, { after: ['peel'], uses: { oven: { tempC: 200 } } });
const grind = task('grind', 10, 0);
const blend = task('blend', 15, 0, { after: ['roast', 'grind'], uses: { processor: 1 } });
const tasks = [peel, roast, grind, blend];
const placed = [at(peel, -90), at(roast, -80), at(grind, -60), at(blend, -35)];
const starts = (done: string[], now: number) =>
  fromNow({ tasks }, placed, new Set(done), now).tasks.map(({ start }) => start);

describe('the rest of a day from now on', () => {
  test('in time, nothing moves, and what is in hand is said', () => {
    const rest = fromNow({ tasks }, placed, new Set(), -100);
    expect(rest).toEqual({ tasks: placed, behindMin: 0, inHandMin: 10, latenessMin: 0 });
  });

  test('what has slack takes up the delay, what has none hands it on', () => {
    // peeled 12 late: in the oven 12 late; the grinding had 15 of slack after that; the oven had none to blending
    expect(starts([], -78)).toEqual([-78, -68, -60, -23]);
    const rest = fromNow({ tasks }, placed, new Set(), -40);
    // peel −40 to −30, roast −30 to 15, ground between once the hands are free, blended 15 to 30
    expect(rest.tasks.map(({ start }) => start)).toEqual([-40, -30, -25, 15]);
    expect(rest).toMatchObject({ behindMin: 50, latenessMin: 30 });
  });

  test('what is done stays, and the next is what counts', () => {
    const rest = fromNow({ tasks }, placed, new Set(['peel', 'roast']), -58);
    expect(rest).toMatchObject({ behindMin: 2, latenessMin: 0 });
    expect(rest.tasks.map(({ start }) => start)).toEqual([-90, -80, -58, -35]);
  });

  test('the jug is washed between two that share it, late or not', () => {
    const nuts = task('nuts', 10, 0, { uses: { processor: 1 }, contains: ['nuts'] });
    const plain = task('plain', 10, 0, { dip: 'p', uses: { processor: 1 } });
    const day = [at(nuts, -30), at(plain, -15)];
    const rest = fromNow({ tasks: [nuts, plain] }, day, new Set(), -20);
    expect(rest.tasks.map(({ start }) => start)).toEqual([-20, -5]);
  });

  const days = fc
    .array(
      fc.record({
        hands: fc.integer({ min: 0, max: 20 }),
        wait: fc.integer({ min: 0, max: 60 }),
        gap: fc.integer({ min: 0, max: 30 }),
        machine: fc.boolean(),
        after: fc.boolean(),
      }),
      { minLength: 1, maxLength: 12 },
    )
    .map((list) => {
      // one after another with gaps is a plan whatever they share
      let clock = -1000;
      const made: { task: Task; placed: PlacedTask }[] = [];
      for (const [i, { hands, wait, gap, machine, after }] of list.entries()) {
        const one = task(`t${i}`, hands, wait, {
          after: after && i > 0 ? [`t${i - 1}`] : [],
          uses: machine ? { processor: 1 } : {},
        });
        clock += gap;
        made.push({ task: one, placed: at(one, clock) });
        clock += hands + wait;
      }
      return made;
    });

  test('nothing is earlier than planned, nor later than all of it pushed back; order is kept', () => {
    fc.assert(
      fc.property(days, fc.integer({ min: -1100, max: 200 }), fc.nat(12), (day, now, count) => {
        const done = new Set(day.slice(0, count).map(({ task: { id } }) => id));
        const problem = { tasks: day.map((one) => one.task) };
        const plan = day.map((one) => one.placed);
        const rest = fromNow(problem, plan, done, now);
        const then = new Map(rest.tasks.map((one) => [one.id, one]));
        for (const { task: one, placed: was } of day) {
          const is = then.get(one.id);
          const by = (is?.start ?? NaN) - was.start;
          expect(by).toBeGreaterThanOrEqual(0);
          expect(by).toBeLessThanOrEqual(done.has(one.id) ? 0 : rest.behindMin);
          for (const id of one.after) {
            expect(is?.start).toBeGreaterThanOrEqual(then.get(id)?.end ?? NaN);
          }
        }
      }),
    );
  });
});
