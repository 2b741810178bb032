import { type BowlSums, mlPerG, sumIndex } from './bowlSums';

export const grinds = ['coarse', 'normal', 'silky'] as const;
export type Grind = (typeof grinds)[number];

/** How a dip is blended. */
export interface Method {
  grind: Grind;
  /** Temperature of the mix in the machine, °C. */
  blendC: number;
  /** Air whipped in, % of the volume without air. */
  overrunPct: number;
}

export const usualMethod: Method = { grind: 'normal', blendC: 32, overrunPct: 0 };

const grindBody: Record<Grind, number> = { coarse: -0.3, normal: 0, silky: 0.2 };

/** Fats that set in the cold: setting temperature °C, and body gained when wholly set and all the free liquid. */
const settingFats = [
  { index: sumIndex.oliveFatMl, setC: 8, body: 1 },
  { index: sumIndex.coconutFatMl, setC: 24, body: 3 },
  { index: sumIndex.milkFatMl, setC: 20, body: 1 },
] as const;

const restMinutes = 45;
/** A dip counts as rested after four hours. */
export const restedMinutes = 240;
export const chilledC = 5;
export const freshC = 25;

/** Body gained by grind and air, the same at every temperature (engineering judgement). */
export function methodBody(method: Method): number {
  return grindBody[method.grind] + 0.015 * method.overrunPct;
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
  if (!(mass > 0)) return 0;
  const starch = sums[sumIndex.starchG] / mass;
  const kappa = waterOutside * (0.01 + 0.1 * starch) + (1 - waterOutside) * 0.02;
  let body = (kappa * (freshC - atC)) / Math.LN2;

  const water = sums[sumIndex.waterG];
  const freeWater = water - Math.min(water, sums[sumIndex.bindableWaterG]);
  const between = freeWater + sums[sumIndex.fatG] * mlPerG.fat;
  if (between > 0) {
    for (const fat of settingFats) {
      const set = Math.min(1, Math.max(0, (fat.setC - atC) / (fat.setC - 4)));
      body += (fat.body * set * sums[fat.index]) / between;
    }
  }
  const solids = sums[sumIndex.structuralSolidsG];
  const dry = solids > 0 && freeWater > 0 ? sums[sumIndex.drySolidsG] / solids : 0;
  const rested = 1 - Math.exp(-restedForMinutes / restMinutes);
  return body + (0.15 + 0.5 * dry) * rested;
}
