import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { drawnPicture, type DrawnCamera, seenAt } from '../../test/drawnPicture';
import { normal, seeded } from '../statistics/random';
import { fitCircle } from './circleFit';
import { findRim } from './findRim';
import { measureSpread } from './measureSpread';

const size: [number, number] = [1200, 900];
const picture = { widthPx: 1200, heightPx: 900 };
const ringMm = 50;

/** Places around a disc as a finger hits them. */
function taps(
  camera: DrawnCamera,
  at: { x: number; y: number; diameterMm: number },
  n: number,
  missPx: number,
  random: () => number,
) {
  return Array.from({ length: n }, (_, i) => {
    const turn = 0.4 + (i * 2 * Math.PI) / n;
    const r = at.diameterMm / 2;
    const { xPx, yPx } = seenAt(camera, size, at.x + r * Math.cos(turn), at.y + r * Math.sin(turn));
    return { xPx: xPx + missPx * normal(random), yPx: yPx + missPx * normal(random) };
  });
}

/** A kitchen: a ring's width and a spread beside it, and how the phone was held. */
const kitchens = fc.record({
  tiltDeg: fc.double({ min: 0, max: 25, noNaN: true }),
  turnDeg: fc.double({ min: 0, max: 360, noNaN: true }),
  rollDeg: fc.double({ min: 0, max: 360, noNaN: true }),
  besideDeg: fc.double({ min: 0, max: 360, noNaN: true }),
  distanceMm: fc.double({ min: 380, max: 560, noNaN: true }),
  focalShare: fc.double({ min: 0.68, max: 0.82, noNaN: true }),
  diameterMm: fc.double({ min: 70, max: 160, noNaN: true }),
});

function laidOut(
  one: { besideDeg: number; diameterMm: number; focalShare: number } & Omit<
    DrawnCamera,
    'overX' | 'overY' | 'focal'
  >,
) {
  const gap = (ringMm + one.diameterMm) / 2 + 15;
  const turn = (one.besideDeg * Math.PI) / 180;
  const known = { x: gap * Math.cos(turn), y: gap * Math.sin(turn), diameterMm: ringMm, light: 60 };
  const spread = { x: 0, y: 0, diameterMm: one.diameterMm, light: 165 };
  const camera: DrawnCamera = {
    ...{ overX: known.x / 2, overY: known.y / 2, focal: one.focalShare * size[0] },
    ...{ tiltDeg: one.tiltDeg, turnDeg: one.turnDeg, rollDeg: one.rollDeg },
    distanceMm: one.distanceMm,
  };
  return { known, spread, camera };
}

describe('a spread measured on a drawn picture', () => {
  test('three taps on each rim and its edge found: within 3 % at any tilt up to 25°', () => {
    const random = seeded(3);
    fc.assert(
      fc.property(kitchens, (kitchen) => {
        const { known, spread, camera } = laidOut(kitchen);
        const drawn = drawnPicture(camera, size, [known, spread]);
        const hit = {
          known: taps(camera, known, 3, 2, random),
          spread: taps(camera, spread, 3, 2, random),
        };
        const first = measureSpread(picture, hit, ringMm);
        const rims = { known: findRim(drawn, first.known), spread: findRim(drawn, first.spread) };
        if (!rims.known || !rims.spread) throw new Error('the rims are plain to see');
        const once = measureSpread(
          picture,
          { known: rims.known, spread: rims.spread },
          ringMm,
          'found',
        );
        // the outline lies near by now: what was out of reach is found
        const again = {
          known: findRim(drawn, once.known) ?? rims.known,
          spread: findRim(drawn, once.spread) ?? rims.spread,
        };
        const found = measureSpread(picture, again, ringMm, 'found');
        expect(Math.abs(found.diameterMm / kitchen.diameterMm - 1)).toBeLessThan(0.03);
        expect(found.sdMm / kitchen.diameterMm).toBeLessThan(0.02);
      }),
      { numRuns: 4, seed: 11 },
    );
  });

  test('tapped only, the error it gives is the error it has', () => {
    const random = seeded(4);
    const off: number[] = [];
    fc.assert(
      fc.property(kitchens, (kitchen) => {
        const { known, spread, camera } = laidOut(kitchen);
        const hit = {
          known: taps(camera, known, 6, 1.2, random),
          spread: taps(camera, spread, 6, 1.2, random),
        };
        const found = measureSpread(picture, hit, ringMm);
        off.push((found.diameterMm - kitchen.diameterMm) / found.sdMm);
      }),
      { numRuns: 20, seed: 5 },
    );
    const within = off.filter((one) => Math.abs(one) < 2).length / off.length;
    expect(within).toBeGreaterThan(0.9);
    expect(Math.sqrt(off.reduce((sum, one) => sum + one ** 2, 0) / off.length)).toBeGreaterThan(
      0.3,
    );
  });

  test('from straight above the widths are as their pixels', () => {
    const around = (x: number, y: number, r: number) =>
      Array.from({ length: 12 }, (_, i) => ({
        xPx: x + r * Math.cos((i * Math.PI) / 6),
        yPx: y + r * Math.sin((i * Math.PI) / 6),
      }));
    const rims = { known: around(350, 450, 60), spread: around(750, 450, 150) };
    const { diameterMm, sdMm, tiltDeg } = measureSpread(picture, rims, ringMm);
    expect(diameterMm).toBeGreaterThan(125 - 2 * sdMm);
    expect(diameterMm).toBeLessThan(125 + 2 * sdMm);
    expect(sdMm).toBeLessThan(5);
    expect(tiltDeg).toBeLessThan(12);
  });

  test('two places are no rim, and three on a line neither', () => {
    const line = [0, 1, 2].map((i) => ({ xPx: 100 * i, yPx: 100 * i }));
    const round = [
      { xPx: 0, yPx: 0 },
      { xPx: 100, yPx: 0 },
      { xPx: 0, yPx: 100 },
    ];
    expect(() => measureSpread(picture, { known: round, spread: round.slice(1) }, 50)).toThrow(
      /three places/,
    );
    expect(() => measureSpread(picture, { known: line, spread: round }, 50)).toThrow(/line/);
  });

  test('where there is no edge none is found', () => {
    const plain = { ...picture, light: new Uint8ClampedArray(1200 * 900).fill(200) };
    const outline = Array.from({ length: 72 }, (_, i) => ({
      xPx: 600 + 100 * Math.cos((i * Math.PI) / 36),
      yPx: 450 + 100 * Math.sin((i * Math.PI) / 36),
    }));
    expect(findRim(plain, outline)).toBeNull();
  });
});

describe('a circle through places', () => {
  test('is the one they lie on, wherever and however large', () => {
    const number = fc.double({ min: -1e3, max: 1e3, noNaN: true });
    fc.assert(
      fc.property(
        number,
        number,
        fc.double({ min: 0.01, max: 1e3, noNaN: true }),
        fc.integer({ min: 3, max: 9 }),
        (x, y, r, n) => {
          const points = Array.from({ length: n }, (_, i) => {
            const turn = (i * 2 * Math.PI) / n;
            return [x + r * Math.cos(turn), y + r * Math.sin(turn)] as const;
          });
          const circle = fitCircle(points);
          expect(Math.abs((circle?.radius ?? 0) / r - 1)).toBeLessThan(1e-6);
          expect(circle?.radiusVariance).toBeCloseTo(1 / n, 6);
        },
      ),
    );
  });
});
