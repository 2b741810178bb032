import { describe, expect, test } from '@jest/globals';
import type { WayEffect } from '@cobbet/core/ways/effect';
import { drawnWords, effectWords } from './effectWords';

const now: Omit<WayEffect, 'figures'> = {
  handsMin: 10,
  readyMin: 20,
  warmBody: 7,
  chilledBody: 8,
  stiffestBody: 9,
  saltG: 0.9,
  acidG: 0.4,
  garlicG: 0.7,
  saltSdG: 0.04,
  bodySd: 0.2,
  smoothness: 6,
  overrunPct: 0,
  keepDays: 4,
  tastingMin: 2,
};

describe('what another way would change, in words', () => {
  test('each with a word before its figure, the way it goes', () => {
    expect(effectWords(now, { ...now, readyMin: 710, handsMin: 30 })).toEqual([
      'ready 11 h 30 min later',
      '20 min more hands-on',
    ]);
    expect(drawnWords(now, { ...now, chilledBody: 7.4, saltG: 0.6 })).toEqual([
      'looser by 0.6 body chilled',
      'salt −0.30 g in 100 g',
    ]);
    const airier = { ...now, smoothness: 7, overrunPct: 10, garlicG: 1 };
    expect(effectWords(now, airier)).toEqual(['smoother by 1.0 of 10', '10 % more air']);
    expect(drawnWords(now, airier)).toEqual(['garlic +0.30 g in 100 g']);
    const warmer = { ...now, warmBody: 7.5, stiffestBody: 8 };
    expect(effectWords(now, warmer)).toEqual(['stiffest on the way 1.0 down']);
    expect(drawnWords(now, warmer)).toEqual(['stiffer by 0.5 in the machine']);
  });

  test('what does not change is not said, nor what has no figure', () => {
    expect(effectWords(now, now)).toEqual([]);
    expect(effectWords(now, { ...now, chilledBody: null, saltG: 0.905 })).toEqual([]);
    expect(effectWords({ ...now, smoothness: null }, now)).toEqual([]);
  });

  test('sour, how sure the measuring is, how long it keeps and what tasting takes', () => {
    expect(
      effectWords(now, { ...now, acidG: 0.9, saltSdG: 0.01, bodySd: 0.5, keepDays: 3 }),
    ).toEqual([
      'salt as measured ± 0.01 g, not ± 0.04',
      'body as measured ± 0.5, not ± 0.2',
      'kept 1 day less',
    ]);
    expect(drawnWords(now, { ...now, acidG: 0.9 })).toEqual(['sour +0.50 g in 100 g']);
    expect(effectWords(now, { ...now, keepDays: 7, tastingMin: 8 })).toEqual([
      'kept 3 days longer',
      '6 min more at tasting',
    ]);
  });

  test('a spread that reads the same either way is not said', () => {
    const before = { ...now, bodySd: 0.06 };
    expect(effectWords(before, { ...before, bodySd: 0.14 })).toEqual([]);
    expect(effectWords(before, { ...before, bodySd: 0.26 })).toEqual([
      'body as measured ± 0.3, not ± 0.1',
    ]);
  });
});
