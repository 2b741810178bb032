import { describe, expect, test } from '@jest/globals';
import { bowlOf } from '../../test/bowlOf';
import { fromJudged, guessFrom, priorSd } from './priorSd';

const hummus = bowlOf(
  ['chickpeas-cooked', 300],
  ['tahini-hulled', 75],
  ['lemon-juice', 45],
  ['water', 60],
  ['olive-oil-extra-virgin', 15],
);

describe('how sure the model is before any reading', () => {
  test('of an everyday hummus it is nearly as sure as it gets; its size does not matter', () => {
    expect(priorSd(hummus)).toBeLessThan(0.65);
    expect(
      priorSd(
        bowlOf(
          ['chickpeas-cooked', 600],
          ['tahini-hulled', 150],
          ['lemon-juice', 90],
          ['water', 120],
          ['olive-oil-extra-virgin', 30],
        ),
      ),
    ).toBeCloseTo(priorSd(hummus), 9);
  });

  test.each<[string, [string, number][]]>([
    [
      'powder and oil',
      [
        ['paprika-sweet', 100],
        ['olive-oil-light', 60],
      ],
    ],
    [
      'syrup and tahini',
      [
        ['honey', 100],
        ['tahini-hulled', 50],
      ],
    ],
    [
      'cocoa and water',
      [
        ['cocoa-powder', 80],
        ['water', 100],
      ],
    ],
  ])('of %s it only guesses', (_, parts) => {
    expect(priorSd(bowlOf(...parts))).toBeGreaterThan(guessFrom);
  });

  test('an empty bowl is as usual', () => {
    expect(fromJudged(bowlOf())).toBe(0);
    expect(priorSd(bowlOf())).toBeCloseTo(0.6, 9);
  });
});
