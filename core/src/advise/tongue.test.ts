import { beforeAll, describe, expect, test } from '@jest/globals';
import { mistakes, simulatedTongue, type TastedRun } from '../../test/simulatedTongue';
import { patterns } from '../dip/patterns';
import { highsSolver } from '../landing/highsSolver';
import { shippedLarder } from '../larder/larder';

/** Every pattern with every mistake, once. */
const kitchens = patterns.length * mistakes.length;
let runs: TastedRun[];
beforeAll(async () => {
  const solver = await highsSolver();
  runs = Array.from({ length: kitchens }, (_, i) => simulatedTongue(i + 1, shippedLarder, solver));
}, 240_000);

const share = (holds: (run: TastedRun) => boolean) => runs.filter(holds).length / runs.length;

describe('a cook who tastes, over all patterns and mistakes', () => {
  test('is never told a false word, nor given what no cook would give', () => {
    expect(new Set(runs.map(({ pattern, mistake }) => `${pattern} ${mistake}`)).size).toBe(
      kitchens,
    );
    expect(runs.filter(({ falseWords }) => falseWords > 0)).toEqual([]);
    expect(runs.filter(({ implausible }) => implausible > 0)).toEqual([]);
    expect(runs.filter(({ unsaid }) => unsaid > 0)).toEqual([]);
  });

  test('ends where the tongue and the dip want it, mostly, and seldom goes too far', () => {
    expect(share(({ inside }) => inside)).toBeGreaterThan(0.9);
    expect(share(({ overshot }) => overshot)).toBeLessThan(0.08);
    // without a mistake nothing is in the way
    const plain = runs.filter(({ mistake }) => mistake === 'none');
    expect(plain.filter(({ inside }) => !inside).length).toBeLessThanOrEqual(1);
  });
});
