import { describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { bandsOf, type LandingRow, massesOf, mixAt, prepareLanding } from './landing';
import { linearBands } from './linearise';
import { usualMethod } from '../mix/method';
import { type Band, type TargetName, targetValue } from '../mix/targets';

const rows: LandingRow[] = [
  { ...part('tahini-hulled', 80), hold: true },
  { ...part('lemon-juice', 30), hold: false },
  { ...part('sea-salt-fine', 3), hold: false },
  { ...part('chickpeas-canned-drained', 330), hold: false },
  { ...part('parsley', 12, 'fold'), hold: false },
  { ...part('olive-oil-extra-virgin', 20, 'top'), hold: false },
];
const whipped = conditionsOf({ method: { ...usualMethod, overrunPct: 20 } });

/** What a band's row says of values of the free rows, and the landing it is of. */
function rowOf(name: TargetName, band: Band) {
  const landing = prepareLanding({ rows, targets: { [name]: band }, conditions: whipped });
  const start = landing.free.map((row) => row.reference);
  const [first] = linearBands(landing, bandsOf(landing.targets), start);
  if (!first) throw new Error('there is no row');
  const at = (values: readonly number[]) =>
    first.terms.reduce((sum, [i, c]) => sum + c * (values[i] ?? NaN), 0);
  const truth = (values: readonly number[]) =>
    targetValue(name, mixAt(landing, massesOf(landing, values)), whipped);
  return { first, at, truth, start };
}

describe('a band as a row over the free amounts', () => {
  const moved = [35, 4, 300, 15];

  test.each<[TargetName, number]>([
    ['massG', 450],
    ['volumeMl', 500],
  ])('%s is exact, what is whipped in and folded in told apart', (name, low) => {
    const { first, at, truth, start } = rowOf(name, { low, high: null });
    for (const values of [start, moved]) {
      expect(at(values) - first.low).toBeCloseTo(truth(values) - low, 6);
    }
    expect(first.high).toBe(Infinity);
    // one comparable unit is a twentieth of what is asked for
    expect(first.perMiss).toBeCloseTo(low / 20, 9);
  });

  test.each<[TargetName, number]>([
    ['saltG', 1],
    ['acidG', 0.35],
    ['garlicG', 0.1],
  ])('%s is met on the same side as the share itself', (name, limit) => {
    const lowRow = rowOf(name, { low: limit, high: null });
    const highRow = rowOf(name, { low: null, high: limit });
    for (const values of [lowRow.start, moved, [0, 6, 200, 5]]) {
      const over = lowRow.truth(values) - limit;
      expect(Math.sign(lowRow.at(values) - lowRow.first.low)).toBe(Math.sign(over));
      expect(Math.sign(highRow.at(values) - highRow.first.high)).toBe(Math.sign(over));
    }
  });

  test('body has the slope of the model, and its value where it was taken', () => {
    const band = { low: 6, high: 7 };
    const { first, at, truth, start } = rowOf('chilledBody', band);
    expect(at(start) - first.low).toBeCloseTo(truth(start) - band.low, 6);
    expect(at(start) - first.high).toBeCloseTo(truth(start) - band.high, 6);
    start.forEach((value, i) => {
      const more = start.map((one, k) => (k === i ? value + 0.01 : one));
      expect((at(more) - at(start)) / 0.01).toBeCloseTo((truth(more) - truth(start)) / 0.01, 3);
    });
  });
});
