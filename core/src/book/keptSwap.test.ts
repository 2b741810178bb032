import { describe, expect, test } from '@jest/globals';
import { historyOf, type KeptSwap, swapsToJudge, verdictNearer } from './keptSwap';

const swap = (id: string, extra: Partial<KeptSwap> = {}): KeptSwap => ({
  ...{ id, dipId: 'a', rowId: 'r', said: '', why: null, runId: null, trialId: null, verdict: null },
  from: { ingredientId: 'tahini-hulled', amount: '1/3 cup', massG: 81 },
  to: { ingredientId: 'sunflower-butter', amount: '1/4 cup', massG: 64 },
  at: '2026-05-01T10:00:00.000Z',
  ...extra,
});
const to = (ingredientId: string) => ({ ingredientId, amount: '', massG: 1 });

describe('how swaps did here', () => {
  test('is counted by what went in for the thing', () => {
    const all = [
      swap('1', { verdict: 'again' }),
      swap('2', { verdict: 'not again' }),
      swap('3', { to: to('almond-butter'), verdict: 'only here' }),
      swap('4', { from: to('feta') }),
    ];
    const history = historyOf(all, 'tahini-hulled');
    expect([...history.keys()]).toEqual(['sunflower-butter', 'almond-butter']);
    expect(history.get('sunflower-butter')).toEqual({
      times: 2,
      verdicts: { again: 1, 'not again': 1, 'only here': 0 },
    });
  });

  test('moves a candidate little by one verdict and much by many, either way', () => {
    const of = (again: number, never: number) =>
      verdictNearer({ times: 9, verdicts: { again, 'not again': never, 'only here': 0 } });
    expect(verdictNearer(undefined)).toBe(0);
    expect(of(0, 0)).toBe(0);
    expect(of(1, 0)).toBeCloseTo(1, 9);
    expect(of(0, 1)).toBeCloseTo(-1, 9);
    expect(of(20, 0)).toBeGreaterThan(2.5);
    expect(of(4, 4)).toBe(0);
  });
});

describe('what a trial can judge', () => {
  const trial = {
    ...{ id: 't', dipId: 'a', madeAt: '2026-05-02T10:00:00.000Z' },
    ingredients: new Set(['sunflower-butter']),
  };
  const ids = (...swaps: KeptSwap[]) => swapsToJudge(swaps, trial).map(({ id }) => id);
  test('is what was swapped at its bowl, judged or not', () => {
    expect(ids(swap('1', { runId: 'x', trialId: 't', verdict: 'again' }))).toEqual(['1']);
    expect(ids(swap('1', { runId: 'x', trialId: 'u' }), swap('2', { runId: 'x' }))).toEqual([]);
  });
  test('and what was swapped in its dip before, while nobody has said', () => {
    expect(ids(swap('1'))).toEqual(['1']);
    expect(ids(swap('1', { verdict: 'again' }))).toEqual([]);
    expect(ids(swap('1', { at: '2026-05-03T10:00:00.000Z' }))).toEqual([]);
    expect(ids(swap('1', { to: to('almond-butter') }), swap('2', { dipId: 'b' }))).toEqual([]);
  });
});
