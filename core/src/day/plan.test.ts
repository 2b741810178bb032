import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planFaults } from '../../test/planChecker';
import { refusal } from '../../test/refusal';
import { planRequest } from '../api/planRequest';
import { placeBackwards, taskNet } from './backwards';
import { lowerBoundSpan } from './lowerBound';
import { planCost, planDay } from './planDay';
import { type DayPlan, type DayProblem, type Task, washBetween } from './task';

const task = (id: string, extra: Partial<Task> = {}): Task => ({
  id,
  dip: id,
  label: id,
  after: [],
  handsOnMin: 0,
  waitMin: 0,
  uses: {},
  contains: [],
  ...extra,
});
const kitchen = { cook: 1, oven: 1, hob: 2, processor: 1, bowl: 6 };
const plan = (problem: DayProblem, tries = 400) => planDay(problem, { tries });

/** Random days: each dip a short chain of soaking, roasting, blending and resting, some with holds. */
const randomDay: fc.Arbitrary<DayProblem> = fc
  .array(
    fc.record({
      soak: fc.integer({ min: 0, max: 40 }),
      roast: fc.option(
        fc.record({
          minutes: fc.integer({ min: 5, max: 30 }),
          tempC: fc.constantFrom(160, 180, 185, 200, 220),
        }),
      ),
      boil: fc.integer({ min: 0, max: 20 }),
      blend: fc.integer({ min: 2, max: 8 }),
      chill: fc.integer({ min: 0, max: 25 }),
      hold: fc.option(fc.integer({ min: 0, max: 20 })),
      contains: fc.subarray(['sesame', 'nuts', 'milk']),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((dips) => ({
    resources: kitchen,
    tasks: dips.flatMap((dip, i): Task[] => {
      const name = `dip ${i}`;
      const taskOf = (id: string, extra: Partial<Task>) =>
        task(`${i}-${id}`, { dip: name, contains: dip.contains, ...extra });
      const before: Task[] = [];
      if (dip.soak > 0)
        before.push(taskOf('soak', { handsOnMin: 2, waitMin: dip.soak, uses: { bowl: 1 } }));
      if (dip.roast) {
        before.push(
          taskOf('roast', {
            handsOnMin: 3,
            waitMin: dip.roast.minutes,
            uses: { oven: { tempC: dip.roast.tempC } },
          }),
        );
      }
      if (dip.boil > 0) {
        const after = before.filter(({ id }) => id.endsWith('soak')).map(({ id }) => id);
        before.push(taskOf('boil', { handsOnMin: 4, waitMin: dip.boil, uses: { hob: 1 }, after }));
      }
      const hold = dip.hold === null ? {} : { maxHoldMin: dip.hold };
      const blend = taskOf('blend', {
        handsOnMin: dip.blend,
        uses: { processor: 1, bowl: 1 },
        after: before.map(({ id }) => id),
        ...hold,
      });
      const chill = taskOf('chill', {
        handsOnMin: 1,
        waitMin: dip.chill,
        uses: { bowl: 1 },
        after: [blend.id],
      });
      return [...before, blend, chill];
    }),
  }));

describe('a plan', () => {
  test('breaks nothing, on random days', () => {
    fc.assert(
      fc.property(randomDay, (problem) => {
        const found = plan(problem, 80);
        expect(found.clashes).toEqual([]);
        expect(planFaults(problem, found)).toEqual([]);
        expect(found.latenessMin).toBe(0);
        expect(found.spanMin).toBeGreaterThanOrEqual(lowerBoundSpan(problem));
        expect(Math.max(...found.tasks.map(({ end }) => end))).toBe(0);
      }),
      { numRuns: 30 },
    );
  });

  test('breaks nothing with a second jug', () => {
    fc.assert(
      fc.property(randomDay, (problem) => {
        const two = { ...problem, resources: { ...problem.resources, jug: 2 } };
        const found = plan(two, 80);
        expect(planFaults(two, found)).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });

  test('a second jug spares the wash between two dips, not among three quick ones', () => {
    const blend = (id: string, handsOnMin: number) =>
      task(id, { handsOnMin, uses: { processor: 1 }, contains: [id] });
    const day = (minutes: number, jug: number) =>
      plan({
        resources: { ...kitchen, jug },
        tasks: ['a', 'b', 'c'].map((id) => blend(id, minutes)),
      }).spanMin;
    expect([day(10, 1), day(10, 2), day(10, 3)]).toEqual([40, 30, 30]);
    // the first jug is dirty from minute 2 to 7
    expect([day(2, 1), day(2, 2), day(2, 3)]).toEqual([16, 9, 6]);
  });

  test('ends at serving though a hold moved the last task earlier', () => {
    const roast = { uses: { oven: { tempC: 160 } }, waitMin: 5, handsOnMin: 3 };
    const blend = { uses: { processor: 1 }, handsOnMin: 2, maxHoldMin: 0 };
    const problem = {
      resources: kitchen,
      tasks: [
        task('roast', roast),
        task('red', { ...blend, after: ['roast'] }),
        task('red chill', { handsOnMin: 1, waitMin: 5, after: ['red'] }),
        task('white', blend),
        task('white chill', { handsOnMin: 1, waitMin: 7, after: ['white'] }),
      ],
    };
    const net = taskNet(problem);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 9 }), { minLength: 5, maxLength: 5 }),
        (rank) => {
          const { tasks, latenessMin } = placeBackwards(net, rank);
          expect(Math.max(...tasks.map(({ end }) => end))).toBe(0);
          expect(latenessMin).toBe(0);
        },
      ),
    );
  });

  test('is no worse for being searched', () => {
    fc.assert(
      fc.property(randomDay, (problem) => {
        const net = taskNet(problem);
        const first = placeBackwards(
          net,
          problem.tasks.map(({ id }) => net.head.get(id) ?? 0),
        );
        expect(planCost(plan(problem, 80))).toBeLessThanOrEqual(planCost(first));
      }),
      { numRuns: 25 },
    );
  });

  test('is the same every time', () => {
    const [problem] = fc.sample(randomDay, { numRuns: 1, seed: 3 });
    if (problem) expect(plan(problem)).toEqual(plan(problem));
  });
});

/** The shortest span of all, by trying every start of every task on the grid. */
function exactSpan(problem: DayProblem, window: number): number {
  let best = Infinity;
  const starts = new Map<string, number>();
  const tasks = problem.tasks;
  const place = (i: number) => {
    if (i === tasks.length) {
      const placed = tasks.map((one) => {
        const start = starts.get(one.id) ?? 0;
        const handsOnEnd = start + one.handsOnMin;
        return { id: one.id, start, handsOnEnd, end: handsOnEnd + one.waitMin };
      });
      const span =
        Math.max(...placed.map(({ end }) => end)) - Math.min(...placed.map(({ start }) => start));
      if (span >= best) return;
      const tried = {
        tasks: placed,
        startAt: 0,
        latenessMin: 0,
        spanMin: span,
        washUps: 0,
        freeAfter: 0,
        clashes: [],
      };
      if (planFaults(problem, tried).length === 0) best = span;
      return;
    }
    const one = tasks[i] as Task;
    const length = one.handsOnMin + one.waitMin;
    for (let start = -window; start <= -length; start += 1) {
      starts.set(one.id, start);
      place(i + 1);
    }
  };
  place(0);
  return best;
}

describe('on small days', () => {
  const minutes = fc.integer({ min: 1, max: 3 });
  const small = fc
    .array(
      fc.record({
        hands: minutes,
        wait: fc.integer({ min: 0, max: 3 }),
        hob: fc.boolean(),
        tempC: fc.constantFrom(0, 150, 200),
        chained: fc.boolean(),
      }),
      { minLength: 2, maxLength: 3 },
    )
    .map((list): DayProblem => ({
      resources: { cook: 1, hob: 1, oven: 1 },
      tasks: list.map(({ hands, wait, hob, tempC, chained }, i) =>
        task(`t${i}`, {
          handsOnMin: hands,
          waitMin: wait,
          uses: { ...(hob ? { hob: 1 } : {}), ...(tempC > 0 ? { oven: { tempC } } : {}) },
          after: chained && i > 0 ? [`t${i - 1}`] : [],
        }),
      ),
    }));

  test('no plan is shorter than the one found', () => {
    fc.assert(
      fc.property(small, (problem) => {
        const window = problem.tasks.reduce((sum, one) => sum + one.handsOnMin + one.waitMin, 0);
        expect(plan(problem, 300).spanMin).toBe(exactSpan(problem, window));
      }),
      { numRuns: 40 },
    );
  });

  test('with washing up between them, the order that needs least of it is found', () => {
    const blend = (id: string, contains: string[]) =>
      task(id, { handsOnMin: 10, uses: { processor: 1 }, contains });
    const problem = {
      resources: kitchen,
      tasks: [blend('nut', ['nuts']), blend('plain', []), blend('both', ['nuts', 'sesame'])],
    };
    const found = plan(problem);
    // plain, then nuts, then nuts and sesame: nothing to wash
    expect([found.spanMin, found.washUps, found.freeAfter]).toEqual([30, 0, 0]);
    const starts = new Map(found.tasks.map(({ id, start }) => [id, start]));
    expect(starts.get('plain')).toBeLessThan(starts.get('nut') ?? NaN);
    expect(washBetween(problem.tasks[0] as Task, problem.tasks[1] as Task)).toBe(5);
  });
});

describe('what is free of allergens', () => {
  const blend = (id: string, contains: string[], after: string[] = [], more: Partial<Task> = {}) =>
    task(id, { handsOnMin: 10, uses: { processor: 1 }, contains, after, ...more });
  /** Beans cook long for the free dip, so it would be blended last were it only for time. */
  const four: DayProblem = {
    resources: kitchen,
    tasks: [
      task('beans', { handsOnMin: 5, waitMin: 90, uses: { hob: 1 } }),
      blend('hummus', ['sesame']),
      blend('aubergine', ['sesame']),
      blend('pesto', ['tree-nut:walnut']),
      blend('white beans', [], ['beans']),
    ],
  };
  const startsOf = (found: DayPlan) => new Map(found.tasks.map(({ id, start }) => [id, start]));

  test('is blended first, though the day is longer for it', () => {
    const found = plan(four);
    const starts = startsOf(found);
    expect([found.freeAfter, found.latenessMin]).toEqual([0, 0]);
    for (const id of ['hummus', 'aubergine', 'pesto']) {
      expect(starts.get('white beans')).toBeLessThan(starts.get(id) ?? NaN);
    }
  });

  test('what is kept free of one goes before what holds that, whatever else is in it', () => {
    const kept = { freeOf: ['sesame'] };
    const problem: DayProblem = {
      resources: kitchen,
      tasks: [
        task('sunflower', { handsOnMin: 5, waitMin: 90, uses: { hob: 1 } }),
        blend('hummus', ['sesame']),
        blend('walnut, no sesame', ['tree-nut:walnut'], ['sunflower'], kept),
        blend('plain', []),
      ],
    };
    const found = plan(problem);
    const starts = startsOf(found);
    expect(found.freeAfter).toBe(0);
    expect(starts.get('walnut, no sesame')).toBeLessThan(starts.get('hummus') ?? NaN);
    expect(starts.get('plain')).toBeLessThan(starts.get('walnut, no sesame') ?? NaN);
    const pinned = plan({
      ...problem,
      tasks: problem.tasks.map((one) => (one.id === 'hummus' ? { ...one, pinnedAt: -200 } : one)),
    });
    expect(pinned.freeAfter).toBeGreaterThan(0);
  });

  test('goes after them where it would be late otherwise, and that is counted', () => {
    // nothing begins before 106 min to serving: the beans take 95 and their blending 10, so the others fill the wait
    const found = plan({ ...four, notBefore: -106 });
    expect(found.latenessMin).toBe(0);
    expect(found.freeAfter).toBe(1);
  });
});

describe('holds, pins and late starts', () => {
  const fry = task('fry', { handsOnMin: 5, uses: { hob: 1 }, maxHoldMin: 3 });
  const serve = task('dress', { handsOnMin: 10, after: ['fry'] });
  const other = task('other', { handsOnMin: 20 });

  test('what may not wait has what follows it right after', () => {
    const problem = { resources: kitchen, tasks: [fry, serve, other] };
    const found = plan(problem);
    expect(found.clashes).toEqual([]);
    expect(planFaults(problem, found)).toEqual([]);
    expect(found.spanMin).toBe(35);
  });

  test('a pinned task stays, the rest goes around it', () => {
    const problem = { resources: kitchen, tasks: [fry, serve, { ...other, pinnedAt: -20 }] };
    const found = plan(problem);
    expect(found.clashes).toEqual([]);
    expect(planFaults(problem, found)).toEqual([]);
    expect(found.tasks[2]?.start).toBe(-20);
    const clash = {
      resources: kitchen,
      tasks: [
        { ...fry, pinnedAt: -8 },
        { ...serve, pinnedAt: -10 },
      ],
    };
    expect(plan(clash).clashes.length).toBeGreaterThan(0);
  });

  test('too late a start makes serving late by as much, and says so', () => {
    const problem = { resources: kitchen, tasks: [other, serve, fry], notBefore: -20 };
    const found = plan(problem);
    expect(found.latenessMin).toBe(15);
    expect(found.startAt).toBe(-20);
    expect(planFaults(problem, found)).toEqual([]);
  });

  test('what follows itself is refused', () => {
    const circle = [task('a', { after: ['b'] }), task('b', { after: ['a'] })];
    expect(() => taskNet({ resources: kitchen, tasks: circle })).toThrow(/after itself/);
  });
});

describe('as a request', () => {
  const request = {
    serveAt: '2027-06-12T12:30',
    resources: { cook: 1, oven: 1, hob: 2, processor: 1, bowl: 6 },
    tasks: [
      { id: 'soak', dip: 'hummus', label: 'Soak', handsOnMin: 2, waitMin: 600, uses: { bowl: 1 } },
      {
        id: 'boil',
        dip: 'hummus',
        label: 'Boil',
        after: ['soak'],
        handsOnMin: 8,
        waitMin: 50,
        uses: { hob: 1 },
      },
      {
        id: 'blend',
        dip: 'hummus',
        label: 'Blend',
        after: ['boil'],
        handsOnMin: 12,
        uses: { processor: 1 },
        contains: ['sesame'],
      },
    ],
  };
  const ask = (value: unknown) => planRequest(value, () => 0);

  test('is answered in the clock’s own times, back to the evening before', () => {
    const answer = ask(request);
    expect(answer.tasks[2]).toEqual({
      id: 'blend',
      start: '2027-06-12T12:18',
      handsOnEnd: '2027-06-12T12:30',
      end: '2027-06-12T12:30',
    });
    expect(answer).toMatchObject({
      startAt: '2027-06-12T01:18',
      latenessMin: 0,
      spanMin: 672,
      washUps: 0,
      lowerBoundSpanMin: 672,
    });
  });

  test.each<[string, object, string]>([
    ['a time that is none', { serveAt: 'noon' }, 'serveAt'],
    ['nothing to do', { tasks: [] }, 'tasks'],
    ['a task twice', { tasks: [request.tasks[0], request.tasks[0]] }, 'tasks[1].id'],
    ['after what is not there', { tasks: [{ id: 'a', after: ['gone'] }] }, 'tasks[0].after[0]'],
    [
      'in a circle',
      {
        tasks: [
          { id: 'a', after: ['b'] },
          { id: 'b', after: ['a'] },
        ],
      },
      'tasks',
    ],
    ['more than there is', { tasks: [{ id: 'a', uses: { hob: 3 } }] }, 'tasks[0].uses.hob'],
    [
      'an oven where none is',
      { resources: { cook: 1 }, tasks: [{ id: 'a', uses: { oven: { tempC: 200 } } }] },
      'tasks[0].uses.oven',
    ],
    [
      'hands and no cook',
      { resources: { cook: 0 }, tasks: [{ id: 'a', handsOnMin: 3 }] },
      'resources.cook',
    ],
    ['half a minute', { tasks: [{ id: 'a', waitMin: 1.5 }] }, 'tasks[0].waitMin'],
  ])('%s is refused by field', (_, change, field) => {
    expect(refusal(() => ask({ ...request, ...change })).field).toBe(field);
  });
});
