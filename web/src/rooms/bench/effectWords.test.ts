import { describe, expect, test } from '@jest/globals';
import type { WayEffect } from '@cobbet/core/schools/effect';
import { effectWords } from './effectWords';

const now: WayEffect = {
  handsMin: 10,
  readyMin: 20,
  warmBody: 7,
  chilledBody: 8,
  stiffestBody: 9,
  saltG: 0.9,
  garlicG: 0.7,
  smoothness: 6,
  overrunPct: 0,
};

describe('what another way would change, in words', () => {
  test('each with a word before its figure, the way it goes', () => {
    expect(effectWords(now, { ...now, readyMin: 710, handsMin: 30 })).toEqual([
      'ready 11 h 30 min later',
      '20 min more at it',
    ]);
    expect(effectWords(now, { ...now, chilledBody: 7.4, saltG: 0.6 })).toEqual([
      'looser by 0.6 body chilled',
      'salt −0.30 g in 100 g',
    ]);
    expect(effectWords(now, { ...now, smoothness: 7, overrunPct: 10, garlicG: 1 })).toEqual([
      'garlic +0.30 g in 100 g',
      'smoother by 1.0 of 10',
      '10 % more air',
    ]);
    expect(effectWords(now, { ...now, warmBody: 7.5, stiffestBody: 8 })).toEqual([
      'stiffer by 0.5 in the machine',
      'stiffest on the way 1.0 down',
    ]);
  });

  test('what does not change is not said, nor what has no figure', () => {
    expect(effectWords(now, now)).toEqual([]);
    expect(effectWords(now, { ...now, chilledBody: null, saltG: 0.905 })).toEqual([]);
    expect(effectWords({ ...now, smoothness: null }, now)).toEqual([]);
  });
});
