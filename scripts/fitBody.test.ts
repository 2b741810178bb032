import { describe, expect, test } from '@jest/globals';
import { startingBodyParameters } from '@cobbet/core/mix/parameters';
import anchorFile from '../core/data/anchors.json';
import fitFile from '../core/data/body-fit.json';
import { type Anchor, anchorLnTau, fitBody, parameterAt, residuals, withRatios } from './fitBody';

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
