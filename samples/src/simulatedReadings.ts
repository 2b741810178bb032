import type { Analysis } from '@cobbet/core/dip/analyse';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import { bodyWord, yieldStressPa } from '@cobbet/core/mix/bodyWords';
import { pressedDiameterMm } from '@cobbet/core/readings/pressTest';
import { normal } from '@cobbet/core/statistics/random';
import {
  pressRange,
  pressSd,
  ringRange,
  type ReadingTaken,
} from '@cobbet/core/readings/takeReading';
import { type RingTest, ringSd, spreadAbove, standsBelow } from '@cobbet/core/readings/ringTest';

/** How this kitchen's dips differ from the model, body: what its readings teach. */
export const hiddenOffset = { water: 0.15, oil: 0.25 } as const;
/** How formulas differ from one another beyond that, one standard deviation, body. */
export const hiddenFormulaSd = 0.25;
const eyeNoise = 0.5;
const gravity = 9.81;

const ring = { ringMm: 50, ringHeightMm: 50 } as const;
const press = { loadG: 500, volumeMl: 5, coarse: false } as const;

/** What a ring of this yield stress leaves on the plate: the equations of spread and slump turned round. */
function ringLeft(tau: number, densityGPerMl: number): RingTest {
  const density = densityGPerMl * 1000;
  const { ringMm, ringHeightMm } = ring;
  const volumeM3 = Math.PI * (ringMm / 2000) ** 2 * (ringHeightMm / 1000);
  const spreadMm =
    ((225 * density * gravity * volumeM3 ** 2) / (128 * Math.PI ** 2 * tau)) ** 0.2 * 2000;
  if (spreadMm >= spreadAbove * ringMm) {
    return { ...ring, densityGPerMl, diameterMm: Math.round(spreadMm) };
  }
  const u = Math.min(1, (2 * tau) / ((density * gravity * ringHeightMm) / 1000));
  const heightMm = Math.round(ringHeightMm * u * (1 - Math.log(u)));
  // what stands keeps its volume
  const standingMm = ringMm * Math.sqrt(ringHeightMm / Math.max(1, heightMm));
  const diameterMm = Math.round(Math.min(standsBelow * ringMm - 1, Math.max(ringMm, standingMm)));
  return { ...ring, densityGPerMl, diameterMm, heightMm };
}

/**
 * A reading of a dip as this kitchen would take it: an eye, and of a firm or soft paste now and then a press or ring.
 *
 * @param body what the model says at that moment
 * @param offset how this formula in this kitchen differs, body
 */
export function simulatedReadings(
  body: number | null,
  offset: number,
  analysis: Analysis,
  kept: Omit<KeptReading, 'taken' | 'leftOut'>,
  random: () => number,
): KeptReading[] {
  if (body === null) return [];
  const real = body + offset;
  const keep = (taken: ReadingTaken): KeptReading => ({ taken, ...kept, leftOut: false });
  const found = [keep({ eye: bodyWord(real + eyeNoise * normal(random)) })];
  if (random() < 0.5) return found;
  const pressed = yieldStressPa(real + pressSd.smooth * normal(random));
  const lifted = yieldStressPa(real + ringSd.clear * normal(random));
  if (pressed > pressRange.low * 1.5 && pressed < pressRange.high * 0.8) {
    found.push(
      keep({ press: { ...press, diameterMm: Math.round(pressedDiameterMm(pressed, press)) } }),
    );
  } else if (lifted > ringRange.low * 1.3 && lifted < ringRange.high * 0.8) {
    const density = Number((analysis.massG / analysis.volumeMl).toFixed(2));
    found.push(keep({ ring: ringLeft(lifted, density) }));
  }
  return found;
}
