import { describe, expect, test } from '@jest/globals';
import { everydayHummus, part } from '../../test/bowlOf';
import { candidatePoints } from '../design/mixtureRegion';
import { nextTrial } from '../design/nextTrial';
import { ingredient } from '../../test/larderIngredient';
import { usualBlending } from '../mix/blending';
import { servedMoment } from '../mix/bodyMoments';
import { priorCorrection } from '../mix/correction';
import { usualBlendC, usualMethod } from '../mix/method';
import { mixtureFigures } from './mixtureFigures';

const conditions = {
  method: { ...usualMethod, blendC: usualBlendC },
  blending: usualBlending,
  served: servedMoment({ servedAtC: 20 }),
  measures: 'metric' as const,
  correction: priorCorrection,
};
const parts = everydayHummus.map(([id, massG]) => part(id, massG));
/** Chickpeas, tahini, oil. */
const places = [0, 1, 4];
const figures = mixtureFigures(parts, conditions, places);
const limits = [
  { min: 0.5, max: 0.9 },
  { min: 0.05, max: 0.4 },
  { min: 0.02, max: 0.2 },
];

describe('what the model says of a mixture', () => {
  test('is what is in it, the rest as it is written: fat by hand', () => {
    const whole = everydayHummus.reduce((sum, [, massG]) => sum + massG, 0);
    const fat = (shares: readonly number[]) =>
      (100 / whole) *
      everydayHummus.reduce((sum, [id, massG], i) => {
        const at = places.indexOf(i);
        const g = at < 0 ? massG : 390 * (shares[at] ?? 0);
        return sum + (g * ingredient(id).fatG) / 100;
      }, 0);
    for (const shares of [
      [300 / 390, 75 / 390, 15 / 390],
      [0.6, 0.25, 0.15],
      [0.9, 0.05, 0.05],
    ]) {
      expect(figures(shares)[1]).toBeCloseTo(fat(shares), 6);
    }
  });

  test('a mixture that would need more liquid stands out by its body', () => {
    expect(figures([0.5, 0.48, 0.02])[0]).toBeGreaterThan(figures([0.8, 0.05, 0.15])[0] ?? 99);
  });

  test('what is liked for its fat is foretold better over figures than over shares', () => {
    const results = candidatePoints(limits)
      .slice(0, 9)
      .map((shares) => ({ shares, y: 8 - ((figures(shares)[1] ?? 0) - 12) ** 2 / 20 }));
    const told = nextTrial(limits, results, { figures });
    const off = (model: string) =>
      told?.foretold.find((one) => one.model === model)?.leaveOneOut ?? NaN;
    expect(off('figures-process')).toBeLessThan(off('gaussian-process'));
    // without the figures it is not among them
    expect(nextTrial(limits, results)?.foretold.map(({ model }) => model)).not.toContain(
      'figures-process',
    );
  });
});

describe('two trials on one day', () => {
  test('the second is another mixture, within the limits, and is expected to improve less', () => {
    const results = candidatePoints(limits)
      .slice(0, 8)
      .map((shares) => ({ shares, y: 8 - 30 * ((shares[0] ?? 0) - 0.66) ** 2 }));
    const told = nextTrial(limits, results, { model: 'gaussian-process' });
    const { shares = [], improvement = 1 } = told?.beside ?? {};
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
    shares.forEach((one, i) => {
      expect(one).toBeGreaterThanOrEqual((limits[i]?.min ?? 1) - 1e-9);
      expect(one).toBeLessThanOrEqual((limits[i]?.max ?? 0) + 1e-9);
    });
    expect(shares).not.toEqual(told?.next.shares);
    expect(improvement).toBeLessThanOrEqual((told?.next.improvement ?? 0) + 1e-9);
  });
});
