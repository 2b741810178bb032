import { type BowlSums, mlPerG, sumIndex, volumeMl } from './bowlSums';
import { type BodyParameters, startingBodyParameters } from './parameters';

/** What the model says of a freshly blended mix at 25 °C. */
export interface BodyState {
  /** ln of the yield stress in Pa, carried on past the ends of the model so that a solver sees a slope. */
  lnTau: number;
  /** Share of the water-continuous regime, 0–1. */
  waterOutside: number;
  /** Not yet a paste: packed beyond the model. */
  crumbs: boolean;
  /** Solid share of the ruling regime. */
  packing: number;
}

/** Above this body a mix is crumbs, not paste. */
export const crumbsAboveBody = 11.5;
const nearPacking = 0.02;
const aboveOnset = 0.01;

/** ln((φ − onset)/(max − φ)), on along its tangent near packing; below the onset along its tangent too if asked. */
function packingTerm(phi: number, onset: number, max: number, tangentBelow: boolean): number {
  const top = max - nearPacking;
  const bottom = onset + aboveOnset;
  const at = phi > top ? top : phi < bottom ? bottom : phi;
  const value = Math.log((at - onset) / (max - at));
  if (phi > top || (phi < bottom && tangentBelow)) {
    return value + (1 / (at - onset) + 1 / (max - at)) * (phi - at);
  }
  return value;
}

/**
 * Yield stress of a blended mix as a suspension or emulsion near its packing limit, weighed between water outside
 * and oil outside.
 *
 * @param sums what is in the bowl, folds and toppings left out
 * @param parameters body model parameters
 * @param forSolver let very loose mixes go on along the tangent, so that a solver sees a slope there too
 * @returns the state, or null for an empty bowl
 * @see Krieger & Dougherty 1959; Chateau, Ovarlez & Trung, J. Rheol. 52 (2008) 489; Koos & Willenbacher, Science 331 (2011) 897
 */
export function bodyState(
  sums: BowlSums,
  parameters: BodyParameters = startingBodyParameters,
  forSolver = false,
): BodyState | null {
  const at = sumIndex;
  const mass = sums[at.massG];
  const volume = volumeMl(sums);
  if (!(mass > 1e-9) || !(volume > 1e-9)) return null;
  const { waterContinuous: w, oilContinuous: o, inversion } = parameters;

  const solidsMl = sums[at.structuralSolidsG] * mlPerG.structural;
  const water = sums[at.waterG];
  const bound = Math.min(water, sums[at.bindableWaterG]);
  const freeWater = water - bound;
  const freeFat = sums[at.freeFatG];
  const freeOil = freeFat * mlPerG.fat;
  const heldFat = (sums[at.fatG] - freeFat) * mlPerG.fat;
  const takenUp = Math.min(0.9 * freeFat, sums[at.takeUpOilG]) * mlPerG.fat;

  const holders = solidsMl + bound + heldFat;
  const phiWater = (holders + w.freeOilWeight * freeOil) / volume;
  const phiOil = (holders + takenUp + o.freeWaterWeight * freeWater) / volume;

  const share = (ml: number) => (holders > 0 ? Math.min(1, ml / holders) : 0);
  const dairy = share(sums[at.dairyMl]);
  const vegetable = share(sums[at.vegetableMl]);
  const leaf = share(sums[at.leafMl]);

  const per100 = 100 / mass;
  const ratio =
    ((freeWater + 0.1 * water) * per100 + 0.5) /
    (freeOil * per100 + 0.5) /
    (inversion.ratio * (1 + inversion.leafDelay * leaf));
  const waterOutside = 1 / (1 + Math.exp(-Math.log(ratio) / inversion.width));

  const lnWater =
    w.a +
    w.b * packingTerm(phiWater, w.onset, w.max, forSolver) +
    w.dairyShare * dairy +
    w.vegetableShare * vegetable;

  const seizableWater = sums[at.seizableWaterG];
  const x = seizableWater > 0 ? sums[at.liquidWaterG] / seizableWater : 0;
  const dry = sums[at.seizableMl] / volume;
  const seizing = o.seizing * dry * x * Math.exp(-x) * Math.max(0, 1 - 3 * leaf);
  const lnOil = o.a + o.b * packingTerm(phiOil, o.onset, o.max, forSolver) + seizing;

  const lnTau = waterOutside * lnWater + (1 - waterOutside) * lnOil;
  const ruling = waterOutside >= 0.5;
  const packing = ruling ? phiWater : phiOil;
  return {
    lnTau,
    waterOutside,
    packing,
    crumbs: lnTau / Math.LN2 > crumbsAboveBody || packing > (ruling ? w.max : o.max) - nearPacking,
  };
}
