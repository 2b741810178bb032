import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from '../larder/larder';
import { guessRecord } from './guessRecord';
import type { Practice, PracticeStep } from './practice';

const step = (
  minute: number,
  said: Partial<PracticeStep> & { from: number; to: number },
): PracticeStep => {
  const { to, ...rest } = said;
  return {
    ...{ ingredientId: 'water', amount: '1 tbsp', massG: 15, guess: {}, modelled: null },
    came: { body: to, sides: { body: 'right', salt: 'right', sour: 'right' } },
    at: new Date(Date.UTC(2026, 4, 6, 9, minute)).toISOString(),
    ...rest,
  };
};
const practice = (steps: readonly PracticeStep[]): Practice => ({
  ...{ id: 'p', bowl: { level: 1, seed: 1 }, name: 'A bowl', steps },
  ...{ endedAt: null, startedAt: '2026-05-06T09:00:00.000Z' },
});
const recordOf = (...steps: PracticeStep[]) => guessRecord([practice(steps)], shippedLarder);

describe('what guesses say of an eye', () => {
  test('nothing without any', () => {
    expect(recordOf(step(0, { from: 7, to: 6 }))).toEqual({
      ...{ bodies: [], typicalMiss: null, bias: null, sharpened: null, modelMiss: null },
      ...{ kinds: [], marks: { said: 0, so: 0 } },
    });
  });

  test('how far off in the middle, and which way on average', () => {
    // came less guessed: −1, −0.2, 0.3 → middle of 0.2, 0.3, 1 is 0.3; average −0.3
    const { typicalMiss, bias } = recordOf(
      step(0, { from: 8, to: 6, guess: { body: 7 } }),
      step(1, { from: 6, to: 5.8, guess: { body: 6 } }),
      step(2, { from: 6, to: 6.3, guess: { body: 6 } }),
    );
    expect(typicalMiss).toBeCloseTo(0.3, 9);
    expect(bias).toBeCloseTo(-0.3, 9);
  });

  test('a thing that does twice what was thought is said so, the furthest off first', () => {
    const water = [1, 2, 3].map((i) => step(i, { from: 8, to: 8 - i, guess: { body: 8 - i / 2 } }));
    const lemon = [4, 5, 6].map((i) =>
      step(i, { ingredientId: 'lemon-juice', from: 8, to: 7, guess: { body: 7 } }),
    );
    const { kinds } = recordOf(...water, ...lemon);
    expect(kinds.map(({ role, n }) => [role, n])).toEqual([
      ['liquid', 3],
      ['acid', 3],
    ]);
    expect(kinds[0]?.factor).toBeCloseTo(2, 9);
    expect(kinds[1]?.factor).toBeCloseTo(1, 9);
  });

  test('two guesses about a thing say nothing of it, nor do guesses that nothing changes', () => {
    expect(
      recordOf(
        ...[1, 2].map((i) => step(i, { from: 8, to: 7, guess: { body: 6 } })),
        ...[3, 4, 5].map((i) =>
          step(i, { ingredientId: 'sea-salt-fine', from: 8, to: 7.9, guess: { body: 8 } }),
        ),
      ).kinds,
    ).toEqual([]);
  });

  test('sharper when the later half is nearer, in the order they were made and not as they are kept', () => {
    const steps = Array.from({ length: 8 }, (_, i) =>
      step(i, { from: 8, to: 7, guess: { body: i < 4 ? 6 : 6.9 } }),
    );
    const { sharpened } = guessRecord(
      [practice(steps.slice(4)), practice(steps.slice(0, 4))],
      shippedLarder,
    );
    expect(sharpened?.first).toBeCloseTo(1, 9);
    expect(sharpened?.last).toBeCloseTo(0.1, 9);
    expect(recordOf(...steps.slice(1)).sharpened).toBeNull();
  });

  test('marks are counted where they were said', () => {
    const { marks } = recordOf(
      step(0, { from: 8, to: 7, guess: { salt: 'right', sour: 'short' } }),
      step(1, { from: 8, to: 7, guess: { salt: 'over' } }),
    );
    expect(marks).toEqual({ said: 3, so: 1 });
  });

  test('crumbs are no body to be off by', () => {
    const crumbs = step(0, { from: 9, to: 0, guess: { body: 9 } });
    const { bodies } = recordOf({ ...crumbs, came: { ...crumbs.came, body: null } });
    expect(bodies).toEqual([]);
  });

  test('what the model was off by stands beside it', () => {
    const { modelMiss } = recordOf(
      step(0, { from: 8, to: 7, guess: { body: 6 }, modelled: 7.5 }),
      step(1, { from: 8, to: 7, guess: { body: 6 }, modelled: 6.9 }),
    );
    expect(modelMiss).toBeCloseTo(0.3, 9);
  });
});
