import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  calibrate,
  correctionOf,
  type Evidence,
  surprise,
  withEvidence,
  withoutEvidence,
} from './calibrate';
import {
  correctionBody,
  correctionVariance,
  designOf,
  priorCorrection,
  priorSd,
  spreadLeft,
} from '../mix/correction';

const arbitraryEvidence = fc.record({
  formulaId: fc.constantFrom('a', 'b', 'c'),
  modelBody: fc.double({ min: 2, max: 11, noNaN: true }),
  waterOutside: fc.double({ min: 0, max: 1, noNaN: true }),
  difference: fc.double({ min: -2, max: 2, noNaN: true }),
  variance: fc.double({ min: 0.05, max: 1, noNaN: true }),
});

/** Solves a dense system by elimination with pivoting. */
function solveDense(matrix: number[][], right: number[]): number[] {
  const n = right.length;
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    for (let i = k; i < n; i += 1) {
      if (Math.abs(rows[i]?.[k] ?? 0) > Math.abs(rows[pivot]?.[k] ?? 0)) pivot = i;
    }
    [rows[k], rows[pivot]] = [rows[pivot] ?? [], rows[k] ?? []];
    for (let i = 0; i < n; i += 1) {
      if (i === k) continue;
      const factor = (rows[i]?.[k] ?? 0) / (rows[k]?.[k] ?? 1);
      rows[i] = (rows[i] ?? []).map((value, j) => value - factor * (rows[k]?.[j] ?? 0));
    }
  }
  return rows.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

/** The same regression written out whole, with a column for every formula. */
function wholeRegression(evidence: readonly Evidence[], formulas: readonly string[]) {
  const size = 3 + formulas.length;
  const sds = [priorSd.water, priorSd.oil, priorSd.slope, ...formulas.map(() => priorSd.formula)];
  const precision = sds.map((sd, i) => sds.map((_, j) => (i === j ? 1 / sd ** 2 : 0)));
  const right = new Array<number>(size).fill(0);
  for (const one of evidence) {
    const x = [
      one.waterOutside,
      1 - one.waterOutside,
      one.modelBody - 7,
      ...formulas.map((id) => (id === one.formulaId ? 1 : 0)),
    ];
    x.forEach((xi, i) => {
      right[i] = (right[i] ?? 0) + (xi * one.difference) / one.variance;
      x.forEach((xj, j) => {
        const row = precision[i];
        if (row) row[j] = (row[j] ?? 0) + (xi * xj) / one.variance;
      });
    });
  }
  const mean = solveDense(precision, right);
  const column = (j: number) =>
    solveDense(
      precision,
      right.map((_, i) => (i === j ? 1 : 0)),
    );
  return { mean, covariance: right.map((_, j) => column(j)) };
}

describe('the closed form', () => {
  test('is the whole regression with a column for each formula', () => {
    fc.assert(
      fc.property(fc.array(arbitraryEvidence, { minLength: 1, maxLength: 25 }), (evidence) => {
        const ids = ['a', 'b', 'c', 'unread'];
        const whole = wholeRegression(evidence, ids);
        const calibration = calibrate(evidence);
        ids.forEach((id, k) => {
          const { mean, covariance } = correctionOf(calibration, id);
          const columns = [0, 1, 2, 3 + k];
          columns.forEach((at, i) => {
            expect(mean[i]).toBeCloseTo(whole.mean[at] ?? NaN, 6);
            columns.forEach((other, j) => {
              expect(covariance[4 * i + j]).toBeCloseTo(whole.covariance[at]?.[other] ?? NaN, 6);
            });
          });
        });
      }),
      { numRuns: 60 },
    );
  });

  test('one reading, by hand', () => {
    // water outside, at the pivot: two offsets of variance 0.25 share a difference of 1 read with variance 0.5
    const one = { formulaId: 'a', modelBody: 7, waterOutside: 1, difference: 1, variance: 0.5 };
    const { mean, covariance } = correctionOf(calibrate([one]), 'a');
    expect(mean[0]).toBeCloseTo(0.25, 12);
    expect(mean[3]).toBeCloseTo(0.25, 12);
    expect(mean[1]).toBeCloseTo(0, 12);
    expect(covariance[0]).toBeCloseTo(0.25 - 0.0625, 12);
    expect(covariance[3]).toBeCloseTo(-0.0625, 12);
  });

  test('nothing read is the prior', () => {
    expect(correctionOf(calibrate([]), 'a')).toEqual(priorCorrection);
    expect(correctionBody(priorCorrection, 5, 0.3)).toBe(0);
    expect(spreadLeft(priorCorrection, 9, 0.2)).toBe(1);
  });
});

describe('a reading', () => {
  test('pulls its own prediction towards itself and never past it', () => {
    fc.assert(
      fc.property(fc.array(arbitraryEvidence, { maxLength: 15 }), arbitraryEvidence, (had, one) => {
        const before = calibrate(had);
        const after = withEvidence(before, one);
        const at = (taught: typeof before) =>
          correctionBody(correctionOf(taught, one.formulaId), one.modelBody, one.waterOutside);
        const off = one.difference - at(before);
        const moved = at(after) - at(before);
        expect(moved * Math.sign(off)).toBeGreaterThanOrEqual(-1e-9);
        expect(Math.abs(moved)).toBeLessThanOrEqual(Math.abs(off) + 1e-9);
      }),
    );
  });

  test('widens no band, of no dip, anywhere on the way to it', () => {
    fc.assert(
      fc.property(
        fc.array(arbitraryEvidence, { maxLength: 15 }),
        arbitraryEvidence,
        arbitraryEvidence,
        fc.double({ min: 0, max: 1, noNaN: true }),
        (had, one, formula, belonging) => {
          const before = calibrate(had);
          const after = withEvidence(before, one);
          const spread = (calibration: typeof before) =>
            spreadLeft(
              correctionOf(calibration, formula.formulaId),
              formula.modelBody,
              formula.waterOutside,
              belonging,
            );
          expect(spread(after)).toBeLessThanOrEqual(spread(before) + 1e-9);
        },
      ),
    );
  });

  test('taken out again leaves what was there before', () => {
    fc.assert(
      fc.property(
        fc.array(arbitraryEvidence, { minLength: 1, maxLength: 10 }),
        arbitraryEvidence,
        (had, one) => {
          const before = correctionOf(calibrate(had), 'a');
          const back = correctionOf(withoutEvidence(withEvidence(calibrate(had), one), one), 'a');
          before.mean.forEach((value, i) => expect(back.mean[i]).toBeCloseTo(value, 6));
        },
      ),
    );
  });

  test('far off is a surprise, as expected is none', () => {
    const at = { formulaId: 'a', modelBody: 7, waterOutside: 1, variance: 0.25 };
    // expected 0 with variance 0.25 + 0.25 of the offsets and 0.25 of the reading
    expect(surprise(calibrate([]), { ...at, difference: Math.sqrt(0.75) * 3 })).toBeCloseTo(3, 9);
    expect(surprise(calibrate([]), { ...at, difference: 0 })).toBe(0);
  });
});

test('many readings find the kitchen, and leave an unread dip its own doubt', () => {
  const ids = Array.from({ length: 40 }, (_, i) => `dip ${i}`);
  const evidence = ids.flatMap((formulaId, i) =>
    [0, 1, 2].map((n) => ({
      formulaId,
      modelBody: 4 + ((i * 7 + n) % 6),
      waterOutside: i % 3 === 0 ? 0 : 1,
      difference: i % 3 === 0 ? 0.3 : -0.4,
      variance: 0.09,
    })),
  );
  const calibration = calibrate(evidence);
  expect(calibration.kitchen[0]).toBeCloseTo(-0.4, 1);
  expect(calibration.kitchen[1]).toBeCloseTo(0.3, 1);
  expect(Math.abs(calibration.kitchen[2] ?? 1)).toBeLessThan(0.05);
  const unread = correctionOf(calibration, 'never made');
  expect(Math.sqrt(correctionVariance(unread, 7, 1))).toBeGreaterThan(priorSd.formula);
  expect(Math.sqrt(correctionVariance(unread, 7, 1))).toBeLessThan(priorSd.formula + 0.1);
});

test('half a dip is half the formula that was read', () => {
  const read = { formulaId: 'a', modelBody: 7, waterOutside: 1, difference: 0.8, variance: 0.01 };
  const correction = correctionOf(calibrate([read, read, read]), 'a');
  const own = correction.mean[3] ?? 0;
  const whole = correctionBody(correction, 7, 1);
  expect(correctionBody(correction, 7, 1, 0.5)).toBeCloseTo(whole - own / 2, 12);
  expect(correctionVariance(correction, 7, 1, 0)).toBeCloseTo(
    (correction.covariance[0] ?? 0) + priorSd.formula ** 2,
    12,
  );
  expect(designOf(8, 0.25)).toEqual([0.25, 0.75, 1, 1]);
});
