import { describe, expect, test } from '@jest/globals';
import { startingBodyParameters } from '@cobbet/core/mix/parameters';
import { fromJudged, priorSd } from '@cobbet/core/mix/priorSd';
import { inverse, Matrix } from 'ml-matrix';
import anchorFile from '../core/data/anchors.json';
import fitFile from '../core/data/body-fit.json';
import {
  type Anchor,
  anchorBowl,
  anchorLnTau,
  fitBody,
  parameterAt,
  residuals,
  withRatios,
} from './fitBody';

const anchors = anchorFile.anchors as unknown as Anchor[];
const priors = fitFile.parameters;
const ratios = priors.map((one) => Math.log(parameterAt(startingBodyParameters, one) / one.prior));
const sumOfSquares = (logRatios: readonly number[]) =>
  residuals(anchors, priors, startingBodyParameters, logRatios).reduce((sum, r) => sum + r * r, 0);

test('an anchor in the middle of its range misses by nothing, one at the end by 1/0.8', () => {
  const [first] = anchors;
  if (!first) throw new Error('no anchors');
  const tau = Math.exp(anchorLnTau(first, startingBodyParameters));
  const centred = { ...first, yieldStressPa: [tau / 2, tau * 2] as [number, number] };
  const atEnd = { ...first, yieldStressPa: [tau / 4, tau] as [number, number] };
  const missOf = (anchor: Anchor) => residuals([anchor], [], startingBodyParameters, [])[0];
  expect(missOf(centred)).toBeCloseTo(0, 9);
  expect(missOf(atEnd)).toBeCloseTo(1 / 0.8, 9);
});

test('a parameter one spread from its prior costs 0.8', () => {
  const [prior] = priors;
  if (!prior) throw new Error('no priors');
  expect(residuals([], [prior], startingBodyParameters, [prior.sd])[0]).toBeCloseTo(0.8, 9);
});

test('a parameter moves everywhere it stands', () => {
  const solid = priors.find(({ name }) => name === 'hSolid');
  if (!solid) throw new Error('no hSolid');
  const moved = withRatios(startingBodyParameters, [solid], [Math.log(2)]);
  expect(moved.structures.nut.waterPerProtein).toBeCloseTo(2 * solid.prior, 9);
  expect(moved.structures.bread.waterPerStarch).toBeCloseTo(2 * solid.prior, 9);
  expect(moved.structures.leaf).toEqual(startingBodyParameters.structures.leaf);
});

describe('the parameters that ship', () => {
  test('are the fit: started from the priors it comes back to them', () => {
    const { parameters, sumOfSquares: reached } = fitBody(anchors, priors, startingBodyParameters);
    expect(sumOfSquares(ratios) - reached).toBeLessThan(0.05);
    for (const one of priors) {
      const fitted = parameterAt(parameters, one);
      const ships = parameterAt(startingBodyParameters, one);
      expect([one.name, Math.abs(fitted / ships - 1) < 0.03]).toEqual([one.name, true]);
    }
  }, 120_000);

  test('lie at the bottom: no single one moved by 5 % betters the sum by much', () => {
    const here = sumOfSquares(ratios);
    priors.forEach((_, i) => {
      for (const by of [-0.05, 0.05]) {
        const moved = ratios.map((ratio, j) => (i === j ? ratio + by : ratio));
        expect(sumOfSquares(moved)).toBeGreaterThan(here - 0.05);
      }
    });
  });
});

/** Each anchor's miss in body were it left out of the fit: its residual over what of it is its own doing (leverage). */
function leftOutMisses(): number[] {
  const at = (logRatios: readonly number[]) =>
    residuals(anchors, priors, startingBodyParameters, logRatios);
  const step = 1e-4;
  const columns = ratios.map((_, j) => {
    const moved = (by: number) => at(ratios.map((ratio, i) => (i === j ? ratio + by : ratio)));
    const [up, down] = [moved(step), moved(-step)];
    return up.map((value, i) => (value - (down[i] ?? 0)) / (2 * step));
  });
  const jacobian = new Matrix(columns).transpose();
  const covariance = inverse(jacobian.transpose().mmul(jacobian));
  return anchors.map((anchor, i) => {
    const row = jacobian.getRowVector(i);
    const leverage = row.mmul(covariance).mmul(row.transpose()).get(0, 0);
    const middle = Math.log(anchor.yieldStressPa[0] * anchor.yieldStressPa[1]) / 2;
    const miss = (anchorLnTau(anchor, startingBodyParameters) - middle) / Math.LN2;
    return miss / (1 - leverage);
  });
}

describe('the spread that is shown', () => {
  const misses = leftOutMisses();

  test('comes of misses as large as leaving out and fitting again gives', () => {
    const rms = Math.sqrt(misses.reduce((sum, miss) => sum + miss * miss, 0) / misses.length);
    expect(rms).toBeCloseTo(0.67, 1);
  });

  test('holds between 85 and 95 of 100 anchors left out in its central 90 %', () => {
    const held = anchors.filter(
      (anchor, i) =>
        Math.abs(misses[i] ?? NaN) <= 1.645 * priorSd(anchorBowl(anchor, startingBodyParameters)),
    );
    expect(held.length / anchors.length).toBeGreaterThanOrEqual(0.85);
    expect(held.length / anchors.length).toBeLessThanOrEqual(0.95);
  });

  test('is likelier than one spread for all', () => {
    const likelihood = (sdOf: (anchor: Anchor) => number) =>
      anchors.reduce((sum, anchor, i) => {
        const sd = sdOf(anchor);
        return sum - Math.log(sd) - (misses[i] ?? NaN) ** 2 / (2 * sd * sd);
      }, 0);
    const own = likelihood((anchor) => priorSd(anchorBowl(anchor, startingBodyParameters)));
    for (const sd of [0.6, 0.65, 0.7]) expect(own).toBeGreaterThan(likelihood(() => sd));
  });

  test('the middles and spreads of what was judged are those of the anchors', () => {
    const distances = anchors.map((anchor) =>
      fromJudged(anchorBowl(anchor, startingBodyParameters)),
    );
    const mean = distances.reduce((sum, one) => sum + one, 0) / distances.length;
    // one were the medians means
    expect(mean).toBeGreaterThan(0.9);
    expect(mean).toBeLessThan(1.3);
  });
});
