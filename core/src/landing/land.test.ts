import { beforeAll, describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf, endOf } from '../../test/kitchenOf';
import { highsSolver } from './highsSolver';
import { landInGrams } from './land';
import type { LinearSolver } from './linearProgram';
import type { Part } from '../mix/part';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

describe('tahini and water, which are as stiff on either side of where they seize', () => {
  const rows = [part('tahini-hulled', 100), part('water', 16), part('sea-salt-fine', 1)].map(
    (one) => ({ ...one, hold: false }),
  );
  const request = {
    rows,
    targets: { freshBody: { low: 7, high: 7.5 } },
    conditions: conditionsOf(),
  };
  const landed = (restarts: boolean): Part[] =>
    landInGrams(request, solver, 'cheapest', restarts).masses.map((massG, i) =>
      part(rows[i]?.ingredient.id ?? '', massG),
    );
  const body = (parts: readonly Part[]) => endOf(parts).freshBody ?? NaN;
  /** What a tablespoon more of a thing does to the body. */
  const spoon = (id: string, parts: readonly Part[]) =>
    Math.abs(body([...parts, part(id, 15)]) - body(parts));

  test('land on the side where a spoon more does less, though it is the further one', () => {
    const [steady, near] = [landed(true), landed(false)];
    for (const parts of [steady, near]) {
      expect(body(parts)).toBeGreaterThanOrEqual(7 - 1e-3);
      expect(body(parts)).toBeLessThanOrEqual(7.5 + 1e-3);
    }
    expect(near[1]?.massG).toBeLessThan(15);
    expect(steady[1]?.massG).toBeGreaterThan(40);
    const most = (parts: readonly Part[]) =>
      Math.max(spoon('water', parts), spoon('tahini-hulled', parts));
    expect(most(steady)).toBeLessThan(most(near));
  });

  test('a dip that asks for no size keeps most of it', () => {
    const lemon = [part('lemon-juice', 100), part('water', 100)].map((one) => ({
      ...one,
      hold: false,
    }));
    const sour = { acidG: { low: 3.5, high: 4 } };
    const found = landInGrams({ rows: lemon, targets: sour, conditions: conditionsOf() }, solver);
    expect(found.miss).toBeLessThan(1e-3);
    expect(found.masses.reduce((sum, one) => sum + one, 0)).toBeGreaterThanOrEqual(120 - 1e-6);
  });
});
