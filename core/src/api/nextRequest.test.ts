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

  test('with a figure varied beside it, the best says where that is set', () => {
    const levelled = [0, 0.5, 1].flatMap((z) =>
      results.map(({ shares, y = 0 }) => ({
        shares,
        levels: [z],
        y: Number(y) - 4 * (z - 0.5) ** 2,
      })),
    );
    const told = nextRequest({ components, results: levelled, model: 'quadratic' });
    expect(told.best.levels).toEqual([0.5]);
    expect(told.next.levels).toHaveLength(1);
    const [first, ...rest] = levelled;
    const mixed = [{ shares: first?.shares, y: 5 }, ...rest];
    expect(refusal(() => nextRequest({ components, results: mixed })).field).toBe(
      'results[1].levels',
    );
  });

  test('less, or near a figure, can be wanted', () => {
    const near = nextRequest({ components, results, goal: { near: 5.5 } });
    expect(near.best.y).toBeCloseTo(5.5, 0);
    expect(nextRequest({ components, results, goal: 'less' }).best.y).toBeLessThan(near.best.y);
    expect(refusal(() => nextRequest({ components, results, goal: 'lots' })).field).toBe('goal');
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

describe('next with the dip it is of', () => {
  const dip = {
    parts: [
      { ingredient: 'tahini-hulled', amount: '80 g' },
      { ingredient: 'chickpeas-canned-drained', amount: '300 g' },
      { ingredient: 'olive-oil-extra-virgin', amount: '20 g' },
      { ingredient: 'lemon-juice', amount: '40 g' },
      { ingredient: 'water', amount: '50 g' },
      { ingredient: 'sea-salt-fine', amount: '4 g' },
    ],
  };

  test('can be learned over what the model says of it', () => {
    const told = nextRequest({ components, results, dip, model: 'figures-process' });
    expect(told.model).toBe('figures-process');
    expect(told.coefficients).toBeNull();
    expect(
      refusal(() => nextRequest({ components, results, model: 'figures-process' })),
    ).toMatchObject({ field: 'results' });
  });

  test('a component that is not in it is named', () => {
    const without = { parts: dip.parts.slice(1) };
    expect(refusal(() => nextRequest({ components, results, dip: without }))).toMatchObject({
      field: 'components[0].ingredient',
    });
  });

  test('trials done twice tell whether a plane misses', () => {
    const twice = [...results, { shares: [0.5, 0.5, 0], y: 7.2 }];
    const told = nextRequest({ components, results: twice, model: 'linear' });
    // eight mixtures less three terms, and one trial done twice
    expect(told.lackOfFit?.df).toEqual([5, 1]);
    expect(told.lackOfFit?.p).toBeGreaterThan(0);
    expect(nextRequest({ components, results, model: 'linear' }).lackOfFit).toBeNull();
    expect(told.beside?.shares).toHaveLength(3);
  });
});
