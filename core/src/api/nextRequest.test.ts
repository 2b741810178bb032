import { describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { nextRequest } from './nextRequest';

const components = ['tahini-hulled', 'chickpeas-canned-drained', 'olive-oil-extra-virgin'].map(
  (ingredient) => ({ ingredient, min: 0, max: 1 }),
);
const results = [
  [[1, 0, 0], 5],
  [[0, 1, 0], 6],
  [[0, 0, 1], 2],
  [[0.5, 0.5, 0], 7.4],
  [[0.5, 0, 0.5], 3.6],
  [[0, 0.5, 0.5], 4.1],
  [[0.34, 0.33, 0.33], 5.2],
  [[0.6, 0.3, 0.1], 6.4],
].map(([shares, y]) => ({ shares, y }));

describe('next', () => {
  test('says where it is best with an interval, the next trial and why, and how each model foretold', () => {
    const told = nextRequest({ components, results });
    expect(told.leaveOneOut.length).toBeGreaterThan(1);
    const offs = told.leaveOneOut.map(({ leaveOneOut }) => leaveOneOut);
    expect(offs).toEqual([...offs].sort((a, b) => a - b));
    expect(told.best.low).toBeLessThanOrEqual(told.best.y);
    expect(told.best.high).toBeGreaterThanOrEqual(told.best.y);
    expect(told.next.shares.reduce((sum, x) => sum + x, 0)).toBeCloseTo(1, 9);
    expect(told.next.why).toMatch(/±/);
    // little oil, both of the others
    expect(told.best.shares[2]).toBeLessThan(0.15);
    expect(Math.min(told.best.shares[0] ?? 0, told.best.shares[1] ?? 0)).toBeGreaterThan(0.2);
  });

  test('a model can be asked for', () => {
    expect(nextRequest({ components, results, model: 'linear' })).toMatchObject({
      model: 'linear',
    });
    const gp = nextRequest({ components, results, model: 'gaussian-process' });
    expect(gp.coefficients).toBeNull();
  });

  test('what is wrong is named', () => {
    const refused = (value: unknown) => refusal(() => nextRequest(value));
    expect(refused({ components, results: [{ shares: [1, 0], y: 3 }, ...results] })).toMatchObject({
      field: 'results[0].shares',
    });
    expect(
      refused({ components, results: [...results, { shares: [0.5, 0.4, 0], y: 3 }] }),
    ).toMatchObject({ field: 'results[8].shares' });
    expect(refused({ components, results: results.slice(0, 2) })).toMatchObject({
      field: 'results',
    });
    expect(
      refused({ components: components.map((one) => ({ ...one, min: 0.5 })), results }),
    ).toMatchObject({ field: 'components' });
  });
});
