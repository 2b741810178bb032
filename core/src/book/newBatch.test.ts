import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { runOf } from '../../test/runOf';
import { plainRow } from '../dip/dip';
import type { Batch } from './batch';
import { batchAccounted, newBatch, seenCauses, undivided } from './newBatch';
import { finishRun } from './run';
import { splitRun } from './splitRun';
import type { Trial } from './trial';
import { workMinutes } from './workMinutes';

const hummus = dip('weir', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
  ],
});
const wholeG = 460;
const at = '2026-06-01T10:30:00.000Z';
const batchOf = (made: Trial): Batch =>
  newBatch(made.id, made, hummus, kitchenOf(), '2026-06-01', new Set());
const accountedG = ({ yieldG, losses }: Batch) =>
  yieldG + losses.reduce((sum, { g }) => sum + g, 0);

describe('a base that was divided', () => {
  test('and its parts are batches of what was in the bowl, each gram of it once', () => {
    const shares = fc.array(fc.double({ min: 0.05, max: 1, noNaN: true }), {
      minLength: 1,
      maxLength: 3,
    });
    fc.assert(
      fc.property(shares, fc.double({ min: 0.1, max: 1, noNaN: true }), (parts, into) => {
        const sum = parts.reduce((total, one) => total + one, 0);
        const split = splitRun(
          runOf(hummus, 3),
          parts.map((one, i) => ({ name: `part ${i}`, massG: (wholeG * into * one) / sum })),
          { trial: 'base', runs: parts.map((_, i) => `run ${i}`) },
          1,
          at,
        );
        expect(undivided(split.base)).toBeCloseTo(1 - into, 6);
        const trials = [
          split.base,
          ...split.runs.map((run, i) => finishRun(run, `t${i}`, i + 2, at)),
        ];
        const batches = trials.map(batchOf);
        expect(batches.reduce((total, { inG }) => total + inG, 0)).toBeCloseTo(wholeG, 4);
        expect(batches.reduce((total, one) => total + accountedG(one), 0)).toBeCloseTo(wholeG, 4);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a batch of which more is known later', () => {
  const rows = finishRun(runOf(hummus, 3), 't', 1, at).rows;
  const first = batchOf(trial('t', 'weir', { rows }));

  test('spilled, weighs so much less; weighed, is what the scale says, and what was spilled stays told', () => {
    const spilled = batchAccounted(first, kitchenOf(), { seen: { spilled: 30 } });
    expect(spilled.yieldG).toBeCloseTo(first.yieldG - 30, 6);
    const weighed = batchAccounted(spilled, kitchenOf(), { weighedG: 400 });
    expect([weighed.yieldG, weighed.weighed]).toEqual([400, true]);
    expect(weighed.losses.find(({ cause }) => cause === 'spilled')?.g).toBeCloseTo(30, 6);
    const mopped = batchAccounted(weighed, kitchenOf(), { seen: { spilled: 0 } });
    expect(mopped.losses.some(({ cause }) => cause === 'spilled')).toBe(false);
    expect(mopped.yieldG).toBe(400);
  });

  test('accounts for everything whatever is said of it, in whatever order', () => {
    const said = fc.oneof(
      fc.record({ weighedG: fc.double({ min: 1, max: 600, noNaN: true }) }),
      fc
        .tuple(fc.constantFrom(...seenCauses), fc.double({ min: 0, max: 460, noNaN: true }))
        .map(([cause, g]) => ({ seen: { [cause]: g } })),
    );
    fc.assert(
      fc.property(fc.array(said, { maxLength: 6 }), (all) => {
        const last = all.reduce((batch, one) => batchAccounted(batch, kitchenOf(), one), first);
        expect(accountedG(last)).toBeCloseTo(wholeG, 4);
        expect(last.yieldG).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('the minutes a making took', () => {
  const logged = (...minutes: number[]): Pick<Trial, 'made' | 'madeAt'> => ({
    madeAt: '2026-06-01T11:30:00.000Z',
    made: {
      plan: [],
      events: minutes.map((minute) => ({
        ...{ kind: 'noted', text: 'x' },
        at: new Date(Date.parse('2026-06-01T10:00:00.000Z') + minute * 60_000).toISOString(),
      })),
    },
  });

  test('are those between taps, long rests left out', () => {
    // ten minutes at the bowl, an hour’s rest, five more and then kept
    expect(workMinutes(logged(0, 4, 10, 80, 85))).toBeCloseTo(10 + 5 + 5, 9);
  });

  test('are not known where no times were kept', () => {
    expect(workMinutes(trial('t', 'a'))).toBeNull();
    expect(workMinutes(logged(3))).toBeNull();
  });
});
