import { describe, expect, test } from '@jest/globals';
import { intoBowl, type Ladder, ladderLimits, ladderResults, withLadderResponse } from './ladder';
import { nextTrial } from './nextTrial';

const ladder = (...steps: [massG: number, y: number | null][]): Ladder => ({
  ...{ id: 'l', dipId: 'd', rowId: 'r', ingredientId: 'garlic-raw', name: 'Garlic' },
  ...{ response: 'liking', bowlG: 100, createdAt: '2026-05-06T09:00:00.000Z' },
  steps: steps.map(([massG, y], i) => ({ id: `s${i}`, amount: `${massG} g`, massG, y })),
});

describe('a ladder of one thing', () => {
  test('goes into a bowl as it would into the whole: by hand', () => {
    // 4 g to 400 g of base is 1 g to 100
    expect(intoBowl(4, 400, 100)).toBeCloseTo(1, 12);
    expect(intoBowl(4, 0, 100)).toBe(0);
  });

  test('is a mixture of the most and none; what nobody has marked is left out', () => {
    expect(ladderResults(ladder([0, 5], [2, null], [4, 7], [8, 4]))).toEqual([
      { shares: [0, 1], y: 5 },
      { shares: [0.5, 0.5], y: 7 },
      { shares: [1, 0], y: 4 },
    ]);
    expect(ladderResults(ladder([0, 5], [0, 6]))).toEqual([]);
  });

  test('a hump is found where it is: 8 less a quarter of the distance from 4 g, squared', () => {
    const liked = (massG: number): [number, number] => [massG, 8 - (massG - 4) ** 2 / 4];
    const told = nextTrial(ladderLimits, ladderResults(ladder(...[0, 2, 4, 6, 8].map(liked))));
    expect(8 * (told?.best.shares[0] ?? 0)).toBeCloseTo(4, 1);
    expect(told?.best.y).toBeCloseTo(8, 1);
  });

  test('a mark is set and taken back, and no other', () => {
    const one = withLadderResponse(ladder([0, null], [4, null]), 's1', 6);
    expect(one.steps.map(({ y }) => y)).toEqual([null, 6]);
    expect(withLadderResponse(one, 's1', null).steps.map(({ y }) => y)).toEqual([null, null]);
  });
});
