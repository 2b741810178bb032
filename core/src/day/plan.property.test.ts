import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planFaults } from '../../test/planChecker';
import { lowerBoundSpan } from './lowerBound';
import { planDay } from './planDay';
import type { DayProblem, Task } from './task';

const uses = fc.constantFrom<Task['uses']>(
  {},
  { hob: 1 },
  { bowl: 2 },
  { processor: 1, bowl: 1 },
  { oven: { tempC: 180 } },
  { oven: { tempC: 188 } },
  { oven: { tempC: 230 } },
);

/** Any net of tasks, each after some of those before it; some held, some pinned far enough ahead. */
const anyDay = (extra: { pins?: boolean; cooks?: number } = {}): fc.Arbitrary<DayProblem> =>
  fc
    .array(
      fc.record({
        handsOnMin: fc.integer({ min: 0, max: 12 }),
        waitMin: fc.integer({ min: 0, max: 30 }),
        uses,
        contains: fc.subarray(['sesame', 'milk']),
        afterShare: fc.array(fc.double({ min: 0, max: 0.999, noNaN: true }), { maxLength: 2 }),
        dip: fc.constantFrom('a', 'b', 'c'),
      }),
      { minLength: 1, maxLength: 9 },
    )
    .map((list) => ({
      resources: { cook: extra.cooks ?? 1, oven: 1, hob: 1, processor: 1, bowl: 3 },
      tasks: list.map(({ afterShare, ...one }, i): Task => {
        const after = [...new Set(afterShare.map((share) => Math.floor(share * i)))]
          .filter((before) => before < i)
          .map((before) => `t${before}`);
        const pinned =
          extra.pins && i === 0 ? { pinnedAt: -(one.handsOnMin + one.waitMin) - 600 } : {};
        return { id: `t${i}`, label: `t${i}`, after, ...one, ...pinned };
      }),
    }));

describe('on any net of tasks', () => {
  test.each([1, 2, 3])('with %d cooks the plan breaks nothing and is served in time', (cooks) => {
    fc.assert(
      fc.property(anyDay({ cooks }), (problem) => {
        const plan = planDay(problem, { tries: 40 });
        expect(plan.clashes).toEqual([]);
        expect(planFaults(problem, plan)).toEqual([]);
        expect(plan.latenessMin).toBe(0);
        expect(plan.spanMin).toBeGreaterThanOrEqual(lowerBoundSpan(problem));
        expect(plan.spanMin).toBe(Math.max(...plan.tasks.map(({ end }) => end)) - plan.startAt);
      }),
      { numRuns: 40 },
    );
  });

  test('what is pinned long before stays there, and nothing else breaks', () => {
    fc.assert(
      fc.property(anyDay({ pins: true }), (problem) => {
        const plan = planDay(problem, { tries: 30 });
        expect(plan.clashes).toEqual([]);
        expect(planFaults(problem, plan)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  test('more hands never make the best plan found longer than the bound of fewer allows', () => {
    fc.assert(
      fc.property(anyDay(), (problem) => {
        const more = { ...problem, resources: { ...problem.resources, cook: 4 } };
        expect(lowerBoundSpan(more)).toBeLessThanOrEqual(lowerBoundSpan(problem));
      }),
      { numRuns: 60 },
    );
  });

  test('a later opening makes it late by no more than it was pushed', () => {
    fc.assert(
      fc.property(anyDay(), fc.integer({ min: 1, max: 90 }), (problem, push) => {
        const free = planDay(problem, { tries: 30 });
        const plan = planDay({ ...problem, notBefore: free.startAt + push }, { tries: 30 });
        expect(plan.latenessMin).toBeLessThanOrEqual(push);
        expect(planFaults({ ...problem, notBefore: free.startAt + push }, plan)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });
});
