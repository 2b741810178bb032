import { type BowlSums, sumIndex } from './bowlSums';
import { startingBodyParameters } from './parameters';

export const grinds = ['coarse', 'normal', 'silky'] as const;
export type Grind = (typeof grinds)[number];

/** How a dip is blended. */
export interface Method {
  grind: Grind;
  /** Temperature of the mix in the machine, °C; worked out of what goes in when left out. */
  blendC?: number;
  /** Air whipped in, % of the volume without air. */
  overrunPct: number;
  /** The oil is let in slowly while a machine runs; left out it goes in at once. */
  streamed?: boolean;
  /** Everything goes in before the machine runs: it meets nothing but the whole. */
  atOnce?: boolean;
  /** How long nuts are run, minutes; left out until they are the usual meal. */
  minutes?: number;
}

/** A method with how warm the mix gets. */
export type WarmMethod = Method & { blendC: number };

export const usualMethod: Method = { grind: 'normal', overrunPct: 0 };

/** How warm a mix comes out of a machine where nothing is known of what goes in, °C (engineering judgement). */
export const usualBlendC = 32;

const { temperature, rest, grind: grindBody, airPerPercent } = startingBodyParameters;

/** Fats that set in the cold. */
const settingFats = [
  { index: sumIndex.oliveFatMl, ...temperature.olive },
  { index: sumIndex.coconutFatMl, ...temperature.coconut },
  { index: sumIndex.milkFatMl, ...temperature.milk },
] as const;

/** A dip counts as rested after four hours. */
export const restedMinutes = 240;
export const chilledC = 5;
export const freshC = temperature.freshC;

/** A hot mix is too thin to hold air: from where it begins to lose some to where it holds none, °C (engineering judgement). */
const losesAir = { fromC: 40, noneC: 70 } as const;

/**
 * Air a mix still holds as warm as it gets, % of the volume without it.
 *
 * @param method overrun as the dip is meant to have it, and its temperature
 */
export function heldAirPct({ overrunPct, blendC }: WarmMethod): number {
  const lost = (blendC - losesAir.fromC) / (losesAir.noneC - losesAir.fromC);
  return overrunPct * (1 - Math.min(1, Math.max(0, lost)));
}

/** Body gained by grind and air, the same at every temperature (engineering judgement). */
export function methodBody(method: WarmMethod): number {
  return grindBody[method.grind] + airPerPercent * heldAirPct(method);
}

/**
 * Body gained by temperature and rest against the fresh mix at 25 °C (engineering judgement, mended by readings).
 *
 * @param sums what is in the bowl
 * @param waterOutside share of the water-continuous regime, 0–1
 * @param atC temperature, °C
 * @param restedForMinutes time since blending, minutes
 * @returns body points to add
 */
export function temperatureAndRestBody(
  sums: BowlSums,
  waterOutside: number,
  atC: number,
  restedForMinutes: number,
): number {
  const mass = sums[sumIndex.massG];
  const volume = sums[sumIndex.volumeMl];
  if (!(mass > 0) || !(volume > 0)) return 0;
  const starch = sums[sumIndex.starchG] / mass;
  const kappa =
    waterOutside * (temperature.water + temperature.starch * starch) +
    (1 - waterOutside) * temperature.oil;
  let body = (kappa * (freshC - atC)) / Math.LN2;
  for (const { index, setC, body: gained } of settingFats) {
    const set = Math.min(1, Math.max(0, (setC - atC) / (setC - temperature.setsAboveC)));
    body += (gained * set * sums[index]) / volume;
  }
  const solids = sums[sumIndex.structuralSolidsG];
  const dry = solids > 0 ? sums[sumIndex.drySolidsG] / solids : 0;
  return body + (rest.body + rest.dry * dry) * (1 - Math.exp(-restedForMinutes / rest.minutes));
}
