import { describe, expect, test } from '@jest/globals';
import { normal, seeded } from '../statistics/random';
import { dOptimal } from './dOptimal';
import { fitGaussianProcess } from './gaussianProcess';
import { modelTerms } from './mixtureModel';
import { candidatePoints } from './mixtureRegion';
import { latticeWithin } from './mixtureLattice';
import { nextTrial } from './nextTrial';
import { atEveryLevel } from './mixturePoint';
import { fitPolynomial, type TrialResult } from './polynomialFit';

const free = [
  { min: 0, max: 1 },
  { min: 0, max: 1 },
  { min: 0, max: 1 },
];
const lattice = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
  [0.5, 0.5, 0],
  [0.5, 0, 0.5],
  [0, 0.5, 0.5],
  [1 / 3, 1 / 3, 1 / 3],
  [0.6, 0.2, 0.2],
  [0.2, 0.6, 0.2],
];
const at = (y: (shares: readonly number[]) => number): TrialResult[] =>
  lattice.map((shares) => ({ shares, y: y(shares) }));

/** Pure components 5, 4, 3; the first two are worth 8 together. */
const curved = ([a = 0, b = 0, c = 0]: readonly number[]) => 5 * a + 4 * b + 3 * c + 8 * a * b;

describe('a Scheffé polynomial', () => {
  test('comes back from what it says', () => {
    const fit = fitPolynomial('quadratic', at(curved));
    expect(fit?.coefficients).toEqual([5, 4, 3, 8, 0, 0].map((one) => expect.closeTo(one, 9)));
    expect(fit?.leaveOneOut).toBeCloseTo(0, 9);
    expect(fit?.predict([0.25, 0.75, 0]).y).toBeCloseTo(5.75, 9);
  });

  test('of two components is the straight line between them: by hand', () => {
    const fit = fitPolynomial('linear', [
      { shares: [1, 0], y: 2 },
      { shares: [1, 0], y: 4 },
      { shares: [0, 1], y: 7 },
    ]);
    // both firsts are known by two trials, the second by one
    expect(fit?.coefficients).toEqual([expect.closeTo(3, 12), expect.closeTo(7, 12)]);
    // Σ residual² 2 over 3 − 2 trials; half of it for two trials
    expect(fit?.predict([1, 0]).sd).toBeCloseTo(1, 9);
    // the third decides a term alone
    expect(fit?.leaveOneOut).toBeNull();
  });

  test('what it foretells without a trial is what it says when it has not seen it', () => {
    const random = seeded(3);
    const results = at((shares) => curved(shares) + 0.3 * normal(random));
    const fit = fitPolynomial('linear', results);
    const squares = results.map(({ shares, y }, i) => {
      const others = fitPolynomial(
        'linear',
        results.filter((_, j) => j !== i),
      );
      return (y - (others?.predict(shares).y ?? NaN)) ** 2;
    });
    const mean = squares.reduce((sum, one) => sum + one, 0) / squares.length;
    expect(fit?.leaveOneOut).toBeCloseTo(Math.sqrt(mean), 9);
  });

  test('a trial that is surer of itself counts for more; too few are no model', () => {
    const unsure = fitPolynomial('linear', [
      { shares: [1, 0], y: 2, sd: 1 },
      { shares: [1, 0], y: 4, sd: 3 },
      { shares: [0, 1], y: 7, sd: 1 },
    ]);
    // nine to one
    expect(unsure?.coefficients?.[0]).toBeCloseTo(2.2, 9);
    expect(fitPolynomial('quadratic', at(curved).slice(0, 6))).toBeNull();
  });
});

describe('a Gaussian process', () => {
  test('foretells what it has not seen as its closed form says, at the same length and noise', () => {
    const smooth = at((shares) => Math.sin(4 * (shares[0] ?? 0)));
    const fit = fitGaussianProcess(smooth);
    expect(fit?.leaveOneOut).toBeLessThan(0.4);
    for (const { shares, y } of smooth) {
      expect(Math.abs((fit?.predict(shares).y ?? NaN) - y)).toBeLessThan(0.15);
    }
  });

  test('is surest at its trials, and far from them goes back to their middle', () => {
    const random = seeded(8);
    const results = at((shares) => curved(shares) + 0.1 * normal(random));
    const fit = fitGaussianProcess(results);
    const here = fit?.predict([0.5, 0.5, 0]).sd ?? NaN;
    expect(here).toBeLessThan(fit?.predict([0.05, 0.25, 0.7]).sd ?? 0);
    expect(
      fitGaussianProcess([results[0], results[0], results[0]].flatMap((one) => one ?? [])),
    ).toBeNull();
  });
});

describe('the next trial', () => {
  test('a curved liking is found where it is best: half and half, by Scheffé’s quadratic', () => {
    const told = nextTrial(free, at(curved));
    // 5a + 4b + 8ab with b = 1 − a is highest at a = 9/16
    expect(told?.model).toBe('quadratic');
    expect(told?.best.shares[0]).toBeCloseTo(9 / 16, 1);
    expect(told?.best.y).toBeCloseTo(4 + 9 / 16 + 8 * (9 / 16) * (7 / 16), 1);
  });

  test('a plain plane is not called curved, and nothing is worth a trial beyond its best corner', () => {
    const random = seeded(21);
    const told = nextTrial(
      free,
      at(([a = 0, b = 0]) => 3 * a + b + 0.01 * normal(random)),
    );
    expect(told?.model).toBe('linear');
    expect(told?.best.shares).toEqual([1, 0, 0]);
    expect(told?.worthwhile).toBe(false);
  });

  test('with salt varied beside it, the salt that suits the mixture is found too', () => {
    // best with half of the first, and with salt at 0.7 of the way; the more of the first, the more salt it wants
    const liking = ([a = 0]: readonly number[], [z = 0]: readonly number[]) =>
      8 - 6 * (a - 0.5) ** 2 - 5 * (z - 0.45 - 0.5 * a) ** 2;
    const two = free.slice(1);
    const tried = atEveryLevel(
      [
        [1, 0],
        [0.5, 0.5],
        [0, 1],
      ],
      [0, 0.5, 1],
      1,
    );
    const results = tried.map(({ shares, levels = [] }) => ({
      ...{ shares, levels },
      y: liking(shares, levels),
    }));
    const told = nextTrial(two, results, { model: 'quadratic' });
    // the liking is of the model's own kind, so it comes back exactly, and its top is on the lattice but for the level’s step
    expect(told?.residuals.every((one) => Math.abs(one) < 1e-9)).toBe(true);
    expect(told?.best.shares[0]).toBeCloseTo(0.5, 1);
    expect(Math.abs((told?.best.levels?.[0] ?? NaN) - 0.7)).toBeLessThanOrEqual(0.0625 + 1e-9);
    const process = nextTrial(two, results, { model: 'gaussian-process' });
    expect(liking(process?.best.shares ?? [], process?.best.levels ?? [])).toBeGreaterThan(7.7);
  });

  test('what stands beside it on the same day is another bowl', () => {
    const random = seeded(8);
    const told = nextTrial(
      free,
      at((shares) => curved(shares) + 0.3 * normal(random)),
    );
    const apart = (told?.next.shares ?? []).map((one, i) =>
      Math.abs(one - (told?.beside?.shares[i] ?? one)),
    );
    expect(Math.max(...apart)).toBeGreaterThan(0.02);
  });

  test('less, or near a figure, is sought where that is wanted', () => {
    const plane = at(([a = 0, b = 0]) => 3 * a + b);
    expect(nextTrial(free, plane, { goal: 'less' })?.best.shares).toEqual([0, 0, 1]);
    const near = nextTrial(free, plane, { goal: { near: 2.6 } });
    expect(near?.best.y).toBeCloseTo(2.6, 1);
    expect(near?.reached).toBeCloseTo(3, 6);
  });

  test('stays within the limits', () => {
    const limits = [
      { min: 0.2, max: 0.5 },
      { min: 0.1, max: 0.6 },
      { min: 0.1, max: 0.7 },
    ];
    const points = latticeWithin(limits);
    expect(points.length).toBeGreaterThan(100);
    for (const point of points) {
      expect(point.reduce((sum, x) => sum + x, 0)).toBeCloseTo(1, 9);
      point.forEach((x, i) => {
        expect(x).toBeGreaterThan((limits[i]?.min ?? 0) - 1e-9);
        expect(x).toBeLessThan((limits[i]?.max ?? 1) + 1e-9);
      });
    }
  });

  test('chosen one after another, twelve trials of eight tasters come near a hidden best, more often than a grid or one thing after another', () => {
    const random = seeded(77);
    const noise = 1.2 / Math.sqrt(8);
    let [designed, grid, single] = [0, 0, 0];
    const bestOf = (tried: readonly TrialResult[]) =>
      [...tried].sort((a, b) => b.y - a.y)[0]?.shares ?? [];
    const near = (liked: number) => Number(8 - liked <= 0.3);
    const kitchens = 30;
    for (let k = 0; k < kitchens; k += 1) {
      const ideal = latticeWithin(free)[Math.floor(random() * 800)] ?? [1, 0, 0];
      const steep = 6 + 6 * random();
      const liking = (shares: readonly number[]) =>
        8 - steep * shares.reduce((sum, x, i) => sum + (x - (ideal[i] ?? 0)) ** 2, 0);
      const taste = (shares: readonly number[]) => ({
        shares,
        y: liking(shares) + noise * normal(random),
      });
      const points = candidatePoints(free);
      const first = dOptimal(
        points.map((point) => modelTerms('quadratic', point)),
        8,
        k + 1,
      );
      const results = first.chosen.map((place) => taste(points[place] ?? []));
      while (results.length < 12) {
        const told = nextTrial(free, results);
        results.push(taste(told?.next.shares ?? [1 / 3, 1 / 3, 1 / 3]));
      }
      const found = nextTrial(free, results)?.best.shares ?? [];
      designed += near(liking(found));
      const gridPoints = [...lattice, [0.2, 0.2, 0.6], [0.8, 0.2, 0], [0, 0.8, 0.2]];
      const tried = gridPoints.map(taste);
      grid += near(liking(bestOf(tried)));
      // one share after another in four steps, the others in proportion, from the best so far
      let here: readonly number[] = [1 / 3, 1 / 3, 1 / 3];
      for (let varied = 0; varied < 3; varied += 1) {
        const from = here;
        const rest = 1 - (from[varied] ?? 0);
        const steps = [0.1, 0.35, 0.6, 0.85].map((share) =>
          taste(from.map((one, i) => (i === varied ? share : ((1 - share) * one) / rest))),
        );
        here = bestOf(steps);
      }
      single += near(liking(here));
    }
    expect(designed / kitchens).toBeGreaterThanOrEqual(0.9);
    expect(designed).toBeGreaterThan(Math.max(grid, single));
  });
});
