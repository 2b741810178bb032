import { describe, expect, test } from '@jest/globals';
import { bowlOf, everydayHummus } from '../../test/bowlOf';
import { fromJudged, guessFrom, priorSd } from './priorSd';

const hummus = bowlOf(...everydayHummus);

describe('how sure the model is before any reading', () => {
  test('of an everyday hummus it is nearly as sure as it gets; its size does not matter', () => {
    expect(priorSd(hummus)).toBeLessThan(0.65);
    const twice = everydayHummus.map(([id, massG]): [string, number] => [id, 2 * massG]);
    expect(priorSd(bowlOf(...twice))).toBeCloseTo(priorSd(hummus), 9);
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
