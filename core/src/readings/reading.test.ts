import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { refusal } from '../../test/refusal';
import { bodyWord, bodyWords } from '../mix/bodyWords';
import { readingRequest } from '../api/readingRequest';
import { pressedDiameterMm, pressYieldStressPa } from './pressTest';
import { part } from '../../test/bowlOf';
import { usualBlending } from '../mix/blending';
import { usualMethod } from '../mix/method';
import { alikeTo, evidenceOfReadings, readEvidence } from './readEvidence';
import { readRing, slumpYieldStressPa, spreadYieldStressPa } from './ringTest';
import { takeReading } from './takeReading';

const ring = { ringMm: 50, ringHeightMm: 50, densityGPerMl: 1.05 };
const press = { loadG: 500, volumeMl: 5, coarse: false };

describe('check values worked out from the papers', () => {
  test('a spread of 107 mm is 40 Pa', () => {
    expect(Math.abs(spreadYieldStressPa({ ...ring, diameterMm: 107 }) - 40)).toBeLessThan(1);
  });
  test('a slump of 0.24 of the height is 100 Pa', () => {
    expect(Math.abs(slumpYieldStressPa(0.24, 50, 1.05) - 100)).toBeLessThan(2.5);
  });
  test('pressed to a radius of 20 mm is 1165 Pa, of 29.4 mm 170 Pa', () => {
    expect(Math.abs(pressYieldStressPa({ ...press, diameterMm: 40 }) - 1165)).toBeLessThan(1);
    expect(Math.abs(pressYieldStressPa({ ...press, diameterMm: 58.8 }) - 170)).toBeLessThan(1);
  });
});

describe('the slump', () => {
  test('solves its own equation', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (share) => {
        const u = (2 * slumpYieldStressPa(share, 50, 1.05)) / (1050 * 9.81 * 0.05);
        expect(1 - u * (1 - Math.log(u))).toBeCloseTo(share, 6);
      }),
    );
  });
  test('a share outside 0–1 is refused', () => {
    expect(() => slumpYieldStressPa(1.2, 50, 1.05)).toThrow(RangeError);
    expect(() => slumpYieldStressPa(NaN, 50, 1.05)).toThrow(RangeError);
  });
});

describe('the ring', () => {
  test('goes over from slump to spread without a jump', () => {
    const at = (diameterMm: number) =>
      Math.log(readRing({ ...ring, diameterMm, heightMm: 20 }).yieldStressPa);
    expect(Math.abs(at(99.99) - at(100.01))).toBeLessThan(0.01);
    expect(Math.abs(at(109.99) - at(110.01))).toBeLessThan(0.01);
  });
  test('is surer outside the middle than in it', () => {
    const sd = (diameterMm: number) => readRing({ ...ring, diameterMm, heightMm: 20 }).sd;
    expect([sd(80), sd(105), sd(140)]).toEqual([0.3, 0.5, 0.3]);
  });
  test('wider is looser, taller is stiffer', () => {
    const pa = (diameterMm: number, heightMm: number) =>
      readRing({ ...ring, diameterMm, heightMm }).yieldStressPa;
    expect(pa(160, 10)).toBeLessThan(pa(120, 10));
    expect(pa(70, 45)).toBeGreaterThan(pa(70, 35));
  });
  test('needs the height where the paste stands', () => {
    expect(() => readRing({ ...ring, diameterMm: 80 })).toThrow(/height/);
    expect(readRing({ ...ring, diameterMm: 104 }).sd).toBe(0.5);
  });
});

describe('ranges', () => {
  test('too stiff for the ring says press, too loose for the press says ring', () => {
    expect(takeReading({ ring: { ...ring, diameterMm: 51, heightMm: 49 } })).toMatchObject({
      inRange: false,
      warning: expect.stringContaining('press it'),
    });
    expect(takeReading({ press: { ...press, diameterMm: 80 } })).toMatchObject({
      inRange: false,
      warning: expect.stringContaining('ring'),
    });
    expect(takeReading({ press: { ...press, diameterMm: 25 } }).warning).toContain('more weight');
    expect(takeReading({ ring: { ...ring, diameterMm: 240 } }).warning).toContain('Too loose');
  });
  test('a coarse paste is less sure', () => {
    const sd = (coarse: boolean) => takeReading({ press: { ...press, diameterMm: 45, coarse } }).sd;
    expect([sd(false), sd(true)]).toEqual([0.25, 0.4]);
  });
  test('the eye reads the middle of its word', () => {
    for (const word of bodyWords) {
      const { body, sd, inRange } = takeReading({ eye: word });
      expect([bodyWord(body), sd, inRange]).toEqual([word, 0.5, true]);
    }
  });
  test('where both are in range, ring and press agree on the same paste', () => {
    // a paste of 120 Pa: its slump and its pressed radius from the same equations turned round
    const slump = (() => {
      const u = (2 * 120) / (1050 * 9.81 * 0.05);
      return 1 - u * (1 - Math.log(u));
    })();
    const heightMm = 50 * (1 - slump);
    const radiusM = ((3 * 0.5 * 9.81 * 5e-6) / (2 * Math.PI ** 2 * 120)) ** 0.2;
    const byRing = takeReading({ ring: { ...ring, diameterMm: 70, heightMm } });
    const byPress = takeReading({ press: { ...press, diameterMm: radiusM * 2000 } });
    expect(byRing.body).toBeCloseTo(Math.log2(120), 4);
    expect(byPress.body).toBeCloseTo(Math.log2(120), 6);
    expect(byRing.inRange && byPress.inRange).toBe(true);
  });
});

describe('several readings of one bowl', () => {
  const standing = {
    ...{ modelBody: 7, waterOutside: 1, priorSd: 0.6, measuringSd: 0.1 },
    gainedAt: () => 0,
  };
  const moment = { atC: 32, restedForMinutes: 0 };
  const look = { taken: { eye: 'scoops' }, after: 4, moment } as const;
  const together = (readings: readonly (typeof look)[]) =>
    readings.reduce((sum, one) => {
      const read = readEvidence('bowl', standing, one.taken, moment, alikeTo(one, readings));
      return sum + 1 / (read?.variance ?? NaN);
    }, 0) ** -1;

  test('looking again narrows the hand and not the width of the word, nor how the bowl was measured', () => {
    // 0.5² = 0.42² + 0.2714²; measured once for all of them
    const twice = 0.42 ** 2 + (0.5 ** 2 - 0.42 ** 2) / 2 + 0.1 ** 2;
    expect(together([look])).toBeCloseTo(0.5 ** 2 + 0.1 ** 2, 9);
    expect(together([look, look])).toBeCloseTo(twice, 9);
    expect(together(Array.from({ length: 50 }, () => look))).toBeGreaterThan(0.42 ** 2 + 0.1 ** 2);
  });

  test('a test out of its range, or left out, makes no other count for less', () => {
    const parts = [part('chickpeas-canned-drained', 300), part('water', 90)];
    const worked = { method: { ...usualMethod, blendC: 32 }, blending: usualBlending };
    const all = { ...look, after: parts.length };
    // pressed under next to nothing: far too loose for the press
    const off = { press: { diameterMm: 90, loadG: 10, volumeMl: 5, coarse: false } };
    const [alone] = evidenceOfReadings('bowl', parts, [all], worked);
    const [beside, out] = evidenceOfReadings('bowl', parts, [all, { ...all, taken: off }], worked);
    expect(out).toBeNull();
    expect(beside?.variance).toBe(alone?.variance);
    const two = evidenceOfReadings('bowl', parts, [all, all], worked, (one) => one !== all);
    expect(two[0]?.variance).toBe(alone?.variance);
  });

  test('another bowl, another moment and another test are looks of their own', () => {
    const later = { ...look, after: 5 };
    const cold = { ...look, moment: { atC: 5, restedForMinutes: 240 } };
    const press = { press: { diameterMm: 40, loadG: 500, volumeMl: 5, coarse: false } };
    const all = [look, later, cold, { ...look, taken: press }];
    expect(alikeTo(look, all)).toEqual({ bowl: 3, looks: 1 });
    expect(alikeTo({ ...look, taken: press }, all)).toEqual({ bowl: 3, looks: 0 });
  });
});

describe('as a request', () => {
  test('fills in the usual ring, load and density', () => {
    expect(
      readingRequest({ ring: { diameterMm: 107, heightMm: 12 } }).yieldStressPa,
    ).toBeGreaterThan(20);
    expect(readingRequest({ press: { diameterMm: 40 } }).body).toBeCloseTo(Math.log2(1165), 2);
    expect(readingRequest({ eye: 'scoops' })).toMatchObject({ body: 6.8, sd: 0.5, inRange: true });
  });
  test.each<[string, unknown, string]>([
    ['nothing', {}, ''],
    ['two at once', { eye: 'scoops', press: { diameterMm: 40 } }, ''],
    ['no such word', { eye: 'wobbles' }, 'eye'],
    ['no diameter', { press: {} }, 'press.diameterMm'],
    ['an unknown key', { press: { diameterMm: 40, colour: 1 } }, 'press.colour'],
    ['less than the ring', { ring: { diameterMm: 40, heightMm: 50 } }, 'ring.diameterMm'],
    ['taller than the ring', { ring: { diameterMm: 60, heightMm: 51 } }, 'ring.heightMm'],
    ['no height where it stands', { ring: { diameterMm: 60 } }, 'ring.heightMm'],
  ])('%s is refused by field', (_, value, field) => {
    expect(refusal(() => readingRequest(value)).field).toBe(field);
  });
});

describe('the press equation turned round', () => {
  test('gives back the diameter that a yield stress was read from, and the check values', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 100, noNaN: true }),
        fc.integer({ min: 100, max: 2000 }),
        fc.integer({ min: 1, max: 20 }),
        (diameterMm, loadG, volumeMl) => {
          const tau = pressYieldStressPa({ diameterMm, loadG, volumeMl, coarse: false });
          expect(pressedDiameterMm(tau, { loadG, volumeMl })).toBeCloseTo(diameterMm, 6);
        },
      ),
    );
    expect(pressedDiameterMm(1165, { loadG: 500, volumeMl: 5 })).toBeCloseTo(40, 0);
    expect(pressedDiameterMm(170, { loadG: 500, volumeMl: 5 })).toBeCloseTo(58.8, 0);
  });
});
