import { beforeAll, describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { highsSolver } from './highsSolver';
import { changeCost, type LandingRow, massesOf, prepareLanding, totalMiss } from './landing';
import type { LinearSolver } from './linearProgram';
import { type Goal, sequentialLinear } from './sequentialLinear';
import type { Targets } from '../mix/targets';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const row = (id: string, massG: number, hold: boolean): LandingRow => ({
  ...part(id, massG),
  hold,
});
const rows = [
  row('tahini-hulled', 80, true),
  row('chickpeas-canned-drained', 330, true),
  row('water', 40, false),
  row('lemon-juice', 25, false),
];

function landed(targets: Targets, goal: Goal = 'cheapest') {
  const landing = prepareLanding({ rows, targets, conditions: conditionsOf() });
  const start = landing.free.map(({ reference }) => reference);
  const found = sequentialLinear(landing, targets, start, solver, goal);
  return { landing, found };
}

describe('landing by steps', () => {
  test.each<[string, Targets]>([
    ['looser', { chilledBody: { low: 7, high: 7.3 } }],
    ['stiffer', { chilledBody: { low: 8.2, high: 8.6 } }],
    ['sharper', { acidG: { low: 0.45, high: 0.5 } }],
    [
      'stiffer and sharper',
      { chilledBody: { low: 7.8, high: 8.2 }, acidG: { low: 0.4, high: 0.5 } },
    ],
    ['more of it', { massG: { low: 520, high: 530 }, acidG: { low: 0.2, high: 0.3 } }],
  ])('%s: changes no more than the best of a fine grid of all amounts', (_, targets) => {
    const { landing, found } = landed(targets);
    expect(found.miss).toBeCloseTo(0, 6);
    let least = Infinity;
    const [water, lemon] = landing.free;
    const steps = 160;
    for (let i = 0; i <= steps; i += 1) {
      for (let j = 0; j <= steps; j += 1) {
        const values = [((water?.upper ?? 0) * i) / steps, ((lemon?.upper ?? 0) * j) / steps];
        if (totalMiss(landing, targets, massesOf(landing, values)) === 0) {
          least = Math.min(least, changeCost(landing, values));
        }
      }
    }
    expect(Number.isFinite(least)).toBe(true);
    expect(found.cost).toBeLessThanOrEqual(least + 1e-3);
    expect(found.cost).toBeCloseTo(changeCost(landing, found.values), 9);
  });

  test('whether it lands at all is answered as truly, if not as cheaply', () => {
    const targets: Targets = { chilledBody: { low: 7, high: 7.3 } };
    expect(landed(targets, 'lands').found.miss).toBeCloseTo(0, 6);
    const beyond: Targets = { acidG: { low: 4, high: 5 } };
    expect(landed(beyond, 'lands').found.miss).toBeGreaterThan(1);
    expect(landed(beyond).found.miss).toBeGreaterThan(1);
  });

  test('a solver that gives up leaves the start as it was', () => {
    const landing = prepareLanding({ rows, targets: {}, conditions: conditionsOf() });
    const silent: LinearSolver = { solve: () => ({ values: null }) };
    const targets: Targets = { chilledBody: { low: 6, high: 6.4 } };
    const found = sequentialLinear(landing, targets, [40, 25], silent);
    expect(found.values).toEqual([40, 25]);
    expect(found.miss).toBeGreaterThan(0);
  });
});
