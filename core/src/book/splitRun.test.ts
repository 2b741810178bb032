import { conditionsOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dip } from '../../test/bookOf';
import { runOf } from '../../test/runOf';
import { analyseTrialRows } from './trialParts';
import { plainRow } from '../dip/dip';
import { type Run } from './run';
import { loggedRows } from './runEvents';
import { withSkipped } from './runEdits';
import { splitRun } from './splitRun';
import type { TrialRow } from './trialRow';
import { shippedLarder as larder } from '../larder/larder';

const hummus = dip('weir', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
    plainRow('p', 'parsley', '10 g'),
  ],
});
/** All in but the last, which was left out. */
const made = withSkipped(runOf(hummus, 4), 'p', '2026-06-01T10:10:00.000Z');
const wholeG = 464;
const ids = { trial: 'base', runs: ['one', 'two', 'three'] };
const at = '2026-06-01T10:30:00.000Z';
const saltOf = (rows: readonly TrialRow[]) =>
  analyseTrialRows(rows, larder, conditionsOf()).per100g.saltG;

describe('a base divided', () => {
  test('is a trial as it is; each part has its share of everything and says where it came from', () => {
    const { base, runs } = splitRun(
      made,
      [
        { name: 'green', massG: 232 },
        { name: 'smoked carrot', massG: 116 },
      ],
      ids,
      7,
      at,
    );
    expect(base).toMatchObject({ id: 'base', number: 7, dipId: 'weir' });
    expect(base.rows.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(wholeG, 9);
    expect(runs.map(({ base: from }) => from)).toEqual([
      { trialId: 'base', share: 0.5, name: 'green' },
      { trialId: 'base', share: 0.25, name: 'smoked carrot' },
    ]);
    expect(runs[0]?.plan.length).toBe(4);
    expect(runs[0]?.step).toBe(4);
  });

  test('mass is conserved and seasoning unchanged through any split', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.02, max: 1, noNaN: true }), { minLength: 1, maxLength: 3 }),
        (weights) => {
          const total = weights.reduce((sum, one) => sum + one, 0);
          const parts = weights.map((one, i) => ({
            name: `${i}`,
            massG: (wholeG * one) / total,
          }));
          const { runs } = splitRun(made, parts, ids, 1, at);
          const massOf = (run: Run) => loggedRows(run).reduce((sum, { massG }) => sum + massG, 0);
          expect(runs.reduce((sum, run) => sum + massOf(run), 0)).toBeCloseTo(wholeG, 6);
          for (const run of runs) {
            expect(saltOf(loggedRows(run))).toBeCloseTo(saltOf(loggedRows(made)), 9);
          }
        },
      ),
    );
  });

  test('more than there is, and nothing, are refused', () => {
    expect(() => splitRun(made, [{ name: 'all', massG: 500 }], ids, 1, at)).toThrow(RangeError);
    expect(() => splitRun(runOf(hummus), [{ name: 'none', massG: 1 }], ids, 1, at)).toThrow(
      RangeError,
    );
  });

  test('a part has the aim it is given, and none of another’s', () => {
    const wanted = { chilledBody: { low: 3, high: 4.6 } };
    const { runs } = splitRun(
      { ...made, targets: { saltG: { low: 1, high: 1.2 } } },
      [
        { name: 'to dip', massG: 200 },
        { name: 'to dress', massG: 200, targets: wanted },
      ],
      ids,
      1,
      at,
    );
    expect(runs.map(({ targets }) => targets)).toEqual([undefined, wanted]);
  });

  test('how a row is worked in goes with it into the run', () => {
    const worked = { how: 'scrape' as const, minutes: 3, lookFor: 'no flecks' };
    const said = dip('weir', {
      rows: hummus.rows.map((row) => (row.id === 'w' ? { ...row, worked } : row)),
    });
    expect(runOf(said).plan.map((entry) => entry.worked)).toEqual([
      undefined,
      worked,
      undefined,
      undefined,
      undefined,
    ]);
  });
});
