import type { Pulse } from './pulses';
import { pulseYield } from './rawYields/pulseRawYields';
import { yieldOf } from './yields';

/** Peleg's constants of a pulse: M(t) = t / (k1 + k2 t), g water per g dry. */
export interface SoakCurve {
  /** h at 20 °C */
  k1At20: number;
  k2: number;
}

/** k1 falls with warmth by this much for each °C (judgement on Peleg 1988). */
const k1PerC = 0.034;
/** Soaked when nine tenths of what it can take is in. */
export const soakedShare = 0.9;
/** Longer than this a soak belongs in the fridge unless its water is cold, h. */
export const longestWarmSoakH = 12;
/** In a warm kitchen sooner: over this many hours above this many °C. */
export const warmSoak = { aboveC: 25, hours: 4 } as const;
/** A hot soak is out of the range in which things grow. */
const growsBelowC = 60;

/** Whether a soak is one for the fridge: too long on the side, or too long in the warmth. */
export function needsFridge(waterC: number, hours: number): boolean {
  if (waterC <= coldSoakC || waterC >= growsBelowC) return false;
  return hours > (waterC > warmSoak.aboveC ? warmSoak.hours : longestWarmSoakH);
}

/** Water up to this is cold, °C. */
export const coldSoakC = 8;
/** Temperature of the water when a hot soak is left to stand, on average, °C. */
export const hotSoakC = 75;
const chickpeaCurve: SoakCurve = { k1At20: 1.1, k2: 0.95 };

/**
 * The soaking curve of a pulse: chickpeas as measured, others from what they weigh soaked and how long practice soaks
 * them at 20 °C.
 *
 * @returns null for a pulse that needs no soaking
 * @see Peleg, J. Food Sci. 53 (1988) 1216
 */
export function soakCurve(pulse: Pulse): SoakCurve | null {
  if (pulse.id === 'chickpea') return chickpeaCurve;
  const soaked = pulseYield(pulse, 'soaked-mass');
  if (!soaked || pulse.soakH <= 0) return null;
  const k2 = 1 / (soaked.typical - 1);
  return { k2, k1At20: (pulse.soakH * k2 * (1 - soakedShare)) / soakedShare };
}

/** Peleg's rate constant at a water temperature, h. */
export function pelegK1(curve: SoakCurve, waterC: number): number {
  return curve.k1At20 * Math.exp(-k1PerC * (waterC - 20));
}

/**
 * Water taken up after a time.
 *
 * @param waterC 0–100 °C
 * @param hours ≥ 0
 * @returns g per g dry
 */
export function uptake(curve: SoakCurve, waterC: number, hours: number): number {
  return hours / (pelegK1(curve, waterC) + curve.k2 * hours);
}

/** Hours until nine tenths of the full uptake are in. */
export function readyAfterH(curve: SoakCurve, waterC: number): number {
  return (soakedShare * pelegK1(curve, waterC)) / ((1 - soakedShare) * curve.k2);
}

/**
 * Bulk volume against the dry pulse's, once a share of the full uptake is in: chickpeas swell to 2.25 times, others as
 * much more than they gain in mass.
 *
 * @param ofFull 0–1
 */
export function soakedVolumeRatio(pulse: Pulse, ofFull: number): number {
  const chickpea = yieldOf('chickpea-soaked-volume').typical;
  const perMass = chickpea / yieldOf('chickpea-soaked-mass').typical;
  const soaked = pulseYield(pulse, 'soaked-mass')?.typical ?? 2;
  const full = pulse.id === 'chickpea' ? chickpea : perMass * soaked;
  return 1 + (full - 1) * ofFull;
}
