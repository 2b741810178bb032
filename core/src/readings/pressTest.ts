const gravity = 9.81;

/** A paste pressed between two plates for 60 s. */
export interface PressTest {
  /** Mean final diameter, mm. */
  diameterMm: number;
  /** One standard deviation of the width, mm, where it was measured on a picture. */
  widthSdMm?: number;
  /** On the upper plate, its own weight with it, g. */
  loadG: number;
  /** Paste between the plates, ml. */
  volumeMl: number;
  /** Pieces in it that are a good part of the gap. */
  coarse: boolean;
}

/**
 * Yield stress from the diameter of a paste pressed between two plates, as a no-slip plastic squeeze flow.
 *
 * @param test diameter mm, load g, volume ml, all positive
 * @returns yield stress, Pa
 * @see Covey & Stanmore 1981; Engmann, Servais & Burbidge, J. Non-Newtonian Fluid Mech. 132 (2005) 1: τ = 3 F V / (2 π² R⁵)
 */
export function pressYieldStressPa(test: PressTest): number {
  const force = (test.loadG / 1000) * gravity;
  const volumeM3 = test.volumeMl / 1e6;
  const radiusM = test.diameterMm / 2000;
  return (3 * force * volumeM3) / (2 * Math.PI ** 2 * radiusM ** 5);
}

/**
 * The diameter that a paste of a yield stress is pressed to: the same equation turned round.
 *
 * @param tau yield stress, Pa, > 0
 * @returns mm
 */
export function pressedDiameterMm(
  tau: number,
  { loadG, volumeMl }: Pick<PressTest, 'loadG' | 'volumeMl'>,
): number {
  const force = (loadG / 1000) * gravity;
  return 2000 * ((3 * force * (volumeMl / 1e6)) / (2 * Math.PI ** 2 * tau)) ** 0.2;
}
