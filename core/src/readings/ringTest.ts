const gravity = 9.81;

/** A ring lifted off a flat plate and what was left after 30 s. Lengths in mm. */
export interface RingTest {
  /** Mean spread, measured two ways. */
  diameterMm: number;
  /** Left standing; needed where the paste hardly spread. */
  heightMm?: number;
  /** One standard deviation of the width, mm, where it was measured on a picture. */
  widthSdMm?: number;
  ringMm: number;
  ringHeightMm: number;
  densityGPerMl: number;
}

/** Spread over the ring's width below which a paste counts as standing, and above which as spread out. */
export const standsBelow = 2;
export const spreadAbove = 2.2;

/** Error of a ring test, body: where one of its equations rules, and between them. */
export const ringSd = { clear: 0.3, between: 0.5 } as const;

/**
 * Yield stress from how far a paste spread, for wide, thin spreads.
 *
 * @param test lengths in mm, density g/ml, all positive
 * @returns yield stress, Pa
 * @see Roussel & Coussot, J. Rheol. 49 (2005) 705: τ = 225 ρ g V² / (128 π² R⁵)
 */
export function spreadYieldStressPa(test: RingTest): number {
  const radiusM = test.diameterMm / 2000;
  const volumeM3 = Math.PI * (test.ringMm / 2000) ** 2 * (test.ringHeightMm / 1000);
  const density = test.densityGPerMl * 1000;
  return (225 * density * gravity * volumeM3 ** 2) / (128 * Math.PI ** 2 * radiusM ** 5);
}

/**
 * Yield stress from how far a paste that stands slumped: s/H = 1 − 2τ'(1 − ln 2τ') with τ' = τ/(ρ g H), solved for τ.
 *
 * @param slumpShare s/H, 0–1: 0 did not slump at all, 1 lies flat
 * @param heightMm height of the ring, mm
 * @param densityGPerMl g/ml
 * @returns yield stress, Pa
 * @throws RangeError when the share is not within 0–1
 * @see Pashias et al., J. Rheol. 40 (1996) 1179
 */
export function slumpYieldStressPa(
  slumpShare: number,
  heightMm: number,
  densityGPerMl: number,
): number {
  if (!(slumpShare >= 0 && slumpShare <= 1)) {
    throw new RangeError(`a slump of ${slumpShare} of the height is not possible`);
  }
  // u = 2τ' falls from 1 to 0 while the slump grows from 0 to 1
  let low = 1e-12;
  let high = 1;
  for (let i = 0; i < 80; i += 1) {
    const u = (low + high) / 2;
    if (1 - u * (1 - Math.log(u)) > slumpShare) low = u;
    else high = u;
  }
  return (((low + high) / 2 / 2) * densityGPerMl * 1000 * gravity * heightMm) / 1000;
}

/** Yield stress of a ring test with the error of a reading, or why there is none. */
export interface RingReading {
  yieldStressPa: number;
  /** One standard deviation, body. */
  sd: number;
  slumpMm: number | null;
}

/**
 * Reads a ring test: by the spread where it is wide, by the slump where the paste stands, both weighed by ln τ in
 * between, where they differ by most of a body point.
 *
 * @throws RangeError when the height is needed and not given, or more than the ring's
 */
export function readRing(test: RingTest): RingReading {
  const ratio = test.diameterMm / test.ringMm;
  if (test.heightMm === undefined) {
    if (ratio < standsBelow) throw new RangeError('the height left standing is needed');
    return {
      yieldStressPa: spreadYieldStressPa(test),
      sd: ratio < spreadAbove ? ringSd.between : ringSd.clear,
      slumpMm: null,
    };
  }
  const slumpMm = test.ringHeightMm - test.heightMm;
  if (ratio >= spreadAbove)
    return { yieldStressPa: spreadYieldStressPa(test), sd: ringSd.clear, slumpMm };
  const standing = slumpYieldStressPa(
    slumpMm / test.ringHeightMm,
    test.ringHeightMm,
    test.densityGPerMl,
  );
  if (ratio < standsBelow) return { yieldStressPa: standing, sd: ringSd.clear, slumpMm };
  const spreadShare = (ratio - standsBelow) / (spreadAbove - standsBelow);
  const lnTau =
    spreadShare * Math.log(spreadYieldStressPa(test)) + (1 - spreadShare) * Math.log(standing);
  return { yieldStressPa: Math.exp(lnTau), sd: ringSd.between, slumpMm };
}
