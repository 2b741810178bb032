import { describe, expect, test } from '@jest/globals';
import { lowerBoundSpan } from './lowerBound';
import type { Task } from './task';

const task = (id: string, extra: Partial<Task> = {}): Task => ({
  ...{ id, dip: id, label: id, after: [], handsOnMin: 0, waitMin: 0, uses: {}, contains: [] },
  ...extra,
});
const resources = { cook: 2, hob: 1, processor: 1, oven: 1 };

describe('a span no plan can be shorter than', () => {
  test('one thing that all need, with the least before and after it', () => {
    // soaks side by side, three boils of 30 one after another on one hob, then a chill of 60
    const dips = ['a', 'b', 'c'].flatMap((dip) => [
      task(`${dip} soak`, { waitMin: 100 }),
      task(`${dip} boil`, { waitMin: 30, uses: { hob: 1 }, after: [`${dip} soak`] }),
      task(`${dip} chill`, { waitMin: 60, after: [`${dip} boil`] }),
    ]);
    expect(lowerBoundSpan({ tasks: dips, resources })).toBe(100 + 3 * 30 + 60);
    expect(lowerBoundSpan({ tasks: dips, resources: { ...resources, hob: 2 } })).toBe(
      100 + 45 + 60,
    );
    expect(lowerBoundSpan({ tasks: dips, resources: { ...resources, hob: 3 } })).toBe(190);
  });

  test('a quick dip on the same hob does not lessen what the slow ones take', () => {
    const slow = ['a', 'b'].flatMap((dip) => [
      task(`${dip} soak`, { waitMin: 100 }),
      task(`${dip} boil`, { waitMin: 30, uses: { hob: 1 }, after: [`${dip} soak`] }),
    ]);
    const tasks = [...slow, task('quick', { waitMin: 5, uses: { hob: 1 } })];
    expect(lowerBoundSpan({ tasks, resources })).toBe(160);
  });

  test('hands only for as long as they are on', () => {
    const tasks = ['a', 'b', 'c'].map((id) => task(id, { handsOnMin: 10, waitMin: 50 }));
    // the last of three begins after 20 minutes
    expect(lowerBoundSpan({ tasks, resources: { ...resources, cook: 1 } })).toBe(80);
    expect(lowerBoundSpan({ tasks, resources: { ...resources, cook: 3 } })).toBe(60);
  });
});
