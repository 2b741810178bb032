import { beforeAll, describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import type { Targets } from '../mix/targets';
import { highsSolver } from './highsSolver';
import type { LinearSolver } from './linearProgram';
import { type LandingPart, landParts } from './landParts';
import { packsIn } from '../amounts/packsIn';
import { attemptsAt } from './whatMoves';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const row = (id: string, massG: number, amountText: string): LandingPart => ({
  ...part(id, massG),
  hold: false,
  amountText,
});
const hummus = [
  row('chickpeas-canned-drained', 480, '2 cans'),
  row('tahini-hulled', 120, '1/2 cup'),
  row('lemon-juice', 45, '3 tbsp'),
  row('water', 60, '1/4 cup'),
  row('garlic-raw', 8, '2 cloves'),
  row('cumin-ground', 2.3, '1 tsp'),
  row('sea-salt-fine', 4, '3/4 tsp'),
];
const land = (targets: Targets, parts = hummus, kitchenMeasures = true) =>
  landParts({ parts, targets, kitchenMeasures, conditions: conditionsOf() }, solver);
const amountsOf = (answer: ReturnType<typeof land>) =>
  (answer.feasible ? answer : answer.nearest).parts.map(({ amount }) => amount);

test('whole cans and bunches are counted, nothing else is', () => {
  expect(packsIn('2 cans')).toBe(2);
  expect(packsIn('1 bunch')).toBe(1);
  for (const text of ['1 1/2 cans', '2 cups', '2 cloves', '1 can + 1 tbsp', '', 'so much']) {
    expect(packsIn(text)).toBeNull();
  }
});

describe('a landing on the bench', () => {
  test('leaves spices, cloves and whole cans alone where it can', () => {
    const answer = land({ freshBody: { low: 6.6, high: 7.4 }, saltG: { low: 1, high: 1.2 } });
    expect(answer.feasible).toBe(true);
    const [cans, , , , cloves, cumin] = amountsOf(answer);
    expect([cans, cloves, cumin]).toEqual(['2 cans', '2 cloves', '1 tsp']);
  });

  test('moves the cloves where garlic is asked for', () => {
    const answer = land({ garlicG: { low: 0.35, high: 0.6 } });
    expect(answer.feasible).toBe(true);
    expect(amountsOf(answer)[4]).not.toBe('2 cloves');
    expect(amountsOf(answer)[0]).toBe('2 cans');
  });

  test('never breaks a can it must move', () => {
    // nothing but the cans can make so much of it
    const held = hummus.map((one) => (one.amountText === '2 cans' ? one : { ...one, hold: true }));
    const answer = land({ saltG: { low: 0.5, high: 1.2 }, massG: { low: 900, high: 1000 } }, held);
    expect(answer.feasible).toBe(true);
    expect(amountsOf(answer)[0]).toBe('3 cans');
  });

  test('ends with room for measuring on both sides, not at the edge', () => {
    const band = { low: 5.6, high: 6.8 };
    for (const kitchenMeasures of [true, false]) {
      const answer = land({ freshBody: band }, hummus, kitchenMeasures);
      if (!answer.feasible) throw new Error('it lands');
      const body = answer.analysis.freshBody ?? NaN;
      expect(body).toBeGreaterThan(5.6 + 0.15);
      expect(body).toBeLessThan(6.8 - 0.15);
    }
  });
});

test('a dip asked for in another size moves everything', () => {
  expect(attemptsAt(hummus, { massG: { low: 2000, high: 2100 } })).toMatchObject([
    { holds: false },
  ]);
  expect(attemptsAt(hummus, { saltG: { low: 1, high: 1.2 } }).map(({ holds }) => holds)).toEqual([
    true,
    true,
    false,
  ]);
});
