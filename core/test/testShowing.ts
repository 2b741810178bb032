import { yieldStressPa } from '../src/mix/bodyWords';
import { pressedDiameterMm } from '../src/readings/pressTest';
import { ringSd, spreadAbove, standsBelow } from '../src/readings/ringTest';
import { pressRange, pressSd, type ReadingTaken, ringRange } from '../src/readings/takeReading';

const press = { loadG: 500, volumeMl: 5, coarse: false } as const;
const ring = { ringMm: 50, ringHeightMm: 50, densityGPerMl: 1.05 } as const;
const gravity = 9.81;

/** The press test that shows a body; null out of its range. */
export function pressShowing(body: number): ReadingTaken | null {
  const tau = yieldStressPa(body);
  if (tau <= pressRange.low || tau >= pressRange.high) return null;
  return { press: { ...press, diameterMm: pressedDiameterMm(tau, press) } };
}

/** The ring test that shows a body: spread wide, or standing; null out of its range and where its equations meet. */
function ringShowing(body: number): ReadingTaken | null {
  const tau = yieldStressPa(body);
  if (tau <= ringRange.low || tau >= ringRange.high) return null;
  const density = ring.densityGPerMl * 1000;
  const heightM = ring.ringHeightMm / 1000;
  const volumeM3 = Math.PI * (ring.ringMm / 2000) ** 2 * heightM;
  const radiusM = ((225 * density * gravity * volumeM3 ** 2) / (128 * Math.PI ** 2 * tau)) ** 0.2;
  const diameterMm = 2000 * radiusM;
  if (diameterMm > spreadAbove * ring.ringMm) return { ring: { ...ring, diameterMm } };
  // standing: s/H = 1 − u (1 − ln u) with u = 2τ / ρgH
  const u = (2 * tau) / (density * gravity * heightM);
  if (u >= 1) return null;
  const heightMm = ring.ringHeightMm * u * (1 - Math.log(u));
  return { ring: { ...ring, diameterMm: 0.95 * standsBelow * ring.ringMm, heightMm } };
}

/** A test that shows a body, with its error, one standard deviation; null where none is good for it. */
export function testShowing(body: number): { taken: ReadingTaken; sd: number } | null {
  const pressed = pressShowing(body);
  if (pressed) return { taken: pressed, sd: pressSd.smooth };
  const lifted = ringShowing(body);
  return lifted && { taken: lifted, sd: ringSd.clear };
}
