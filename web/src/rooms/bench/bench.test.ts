import { kitchenOf } from '../../../../core/test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { dip, trial } from '../../../../core/test/bookOf';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { targetText } from './line/FootRow';
import { lastRead } from './line/lastRead';
import { beadsOf, lineAxis, mostShown } from './line/shownQuantity';
import { withRow } from '@cobbet/core/dip/dipRows';

const { analysis } = analyseDip(dip('a'), kitchenOf());

describe('the line', () => {
  test('runs from loose at the left to stiff at the right, crumbs past its end', () => {
    const axis = lineAxis('body', 440, mostShown('body', analysis, undefined));
    expect(axis.x(3)).toBeLessThan(axis.x(7));
    expect(axis.x(50)).toBeLessThan(axis.crumbsX);
    expect(axis.x(-9)).toBe(axis.x(1.5));
    expect(axis.ticks.map(({ label }) => label)).toEqual([
      'pours',
      'ribbons',
      'slumps',
      'scoops',
      'spreads',
      'packs',
      'shapes',
    ]);
  });

  test('for a seasoning starts at nothing and has room for the target', () => {
    const axis = lineAxis('salt', 440, mostShown('salt', analysis, { low: 1, high: 2 }));
    expect(axis.domain[0]).toBe(0);
    expect(axis.domain[1]).toBeGreaterThan(2);
  });

  test('has a bead for each row: value, spread, crumbs', () => {
    const beads = beadsOf(analysis.path, 'body');
    expect(beads.length).toBe(2);
    expect(beads[1]?.value).toBe(analysis.freshBody);
    const {
      value = NaN,
      low = NaN,
      high = NaN,
    } = beads[1] as { value: number; low: number; high: number };
    expect(high - value).toBeCloseTo(analysis.sd, 9);
    expect(value - low).toBeCloseTo(analysis.sd, 9);
    const drawn = beadsOf(analysis.path, 'body', [null, { low: 2, high: 9 }]);
    expect([drawn[1]?.low, drawn[1]?.high]).toEqual([2, 9]);
    const crumbs = beadsOf([{ ...analysis.path[0], state: 'crumbs', body: null } as never], 'body');
    expect(crumbs[0]).toMatchObject({ value: null, crumbs: true });
    expect(beadsOf(analysis.path, 'salt')[0]?.value).toBe(analysis.path[0]?.saltG);
  });
});

describe('how a dip stands to its target', () => {
  test.each<[number | null, { low: number | null; high: number | null } | undefined, string]>([
    [7, { low: 6.5, high: 7.5 }, 'inside your 6.5–7.5'],
    [6, { low: 6.5, high: 7.5 }, '0.5 looser than your 6.5–7.5'],
    [8.2, { low: 6.5, high: 7.5 }, '0.7 stiffer than your 6.5–7.5'],
    [7.53, { low: 6.5, high: 7.5 }, '0.1 stiffer than your 6.5–7.5'],
    [5, { low: null, high: 7.5 }, 'inside your up to 7.5'],
    [5, { low: 6, high: null }, '1.0 looser than your 6.0 or more'],
    [null, { low: 6, high: 7 }, 'target 6.0–7.0'],
    [7, undefined, 'no target'],
  ])('%p against %j is “%s”', (value, band, words) => {
    expect(targetText(value, band)).toBe(words);
  });
});

test('one row changes, the others stay themselves', () => {
  const before = dip('a');
  const after = withRow(before, 'a-2', (row) => ({ ...row, amount: '1/2 cup' }));
  expect(after.rows[0]).toBe(before.rows[0]);
  expect(after.rows[1]?.amount).toBe('1/2 cup');
});

test('the last trial’s readings are drawn, earlier ones not', () => {
  const reading = (word: 'scoops' | 'packs', when: 'machine' | 'chilled') => ({
    taken: { eye: word },
    leftOut: false,
    atC: null,
    when,
    takenAt: '2026-05-04T10:00:00.000Z',
  });
  const trials = new Map(
    [
      trial('1', 'a', {
        number: 1,
        readings: [reading('packs', 'machine'), reading('packs', 'chilled')],
      }),
      trial('2', 'a', { number: 2, readings: [reading('scoops', 'machine')] }),
      trial('3', 'b', { number: 9 }),
    ].map((one) => [one.id, one]),
  );
  expect(lastRead(trials, 'a')).toEqual({ count: 2, machine: 6.8, chilled: null });
  expect(lastRead(trials, 'none')).toEqual({ count: 0, machine: null, chilled: null });
});
