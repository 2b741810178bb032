import type { Blending } from './blending';
import { type BowlSums, sumIndex } from './bowlSums';
import { type BodyParameters, startingBodyParameters } from './parameters';

/** What the model says of a freshly blended mix at 25 °C. */
export interface BodyState {
  /** ln of the yield stress in Pa; smooth far past both ends, so that a solver sees a slope. */
  lnTau: number;
  /** Share of the water-continuous regime, 0–1. */
  waterOutside: number;
  /** No paste: as dry as meal, or packed beyond the model. */
  crumbs: boolean;
  /** Room the swollen particles would fill, against the room there is, with water and with oil outside. */
  crowdingWater: number;
  crowdingOil: number;
  /** Crowding at which it begins to yield with water outside. */
  onsetWater: number;
  /** Emulsifier against the oil it has to cover. */
  emulsified: number;
  /** ln τ of either regime by itself. */
  lnWater: number;
  lnOil: number;
}

/** ln(1 + exp(x)) without overflow. */
const softplus = (x: number) => (x > 30 ? x : Math.log1p(Math.exp(x)));

/** So much of the volume takes the usual onset, so that a mix of nothing that swells has one. */
const usualShare = 0.01;

/** ln τ at a crowding: one law for both sides, below the onset a straight line that never ends. */
function lnStress(crowding: number, onset: number, { a, n, m, softness }: BodyParameters['law']) {
  const x = (crowding - onset) / softness;
  const above = softness * softplus(x);
  // ln of softplus is x itself far below the onset
  const lnAbove = x < -30 ? Math.log(softness) + x : Math.log(above);
  return a + n * lnAbove + m * above;
}

/** Share of nut fat that a grind sets free. */
const freedAt = (grind: number, { freedCoarse }: BodyParameters['nutGrind']) =>
  freedCoarse + (1 - freedCoarse) * grind;

/**
 * Yield stress of a blended mix: swollen particles crowd in whichever liquid is outside. What counts is the room they would
 * fill, swelling freely, against the room there is; over 1 they are squeezed, so nothing takes water from another and nothing
 * saturates. Which liquid is outside follows the water phase against the free oil, the emulsifier, and how the oil went in.
 *
 * @param sums what is in the bowl, folds and toppings left out
 * @param blending how fine nuts are, whether the oil was streamed
 * @param parameters body model parameters; those the sums were made with
 * @returns the state, or null for an empty bowl
 * @see soft-particle suspensions: Krieger & Dougherty 1959; Chateau, Ovarlez & Trung, J. Rheol. 52 (2008) 489; the form is
 *   engineering judgement (docs/science.md)
 */
export function bodyState(
  sums: BowlSums,
  { nutGrind, streamed }: Blending,
  parameters: BodyParameters = startingBodyParameters,
): BodyState | null {
  const at = sumIndex;
  const volume = sums[at.volumeMl];
  if (!(sums[at.massG] > 1e-9) || !(volume > 1e-9)) return null;
  const { law, onset, freeOil, nutGrind: nuts, inversion, crumbs } = parameters;

  const freedOf = (grind: number) => freedAt(grind, nuts);
  const freed = freedOf(nutGrind);
  const nutFat = sums[at.nutFatMl];
  const usualFreeOil = sums[at.freeOilMl];
  const freeOilMl = usualFreeOil + (freed - freedOf(nuts.usual)) * nutFat;
  const heldOil =
    (1 - freed) * nutFat +
    (nuts.mealOil * (1 - nutGrind) + nuts.butterOil * nutGrind) * sums[at.nutSolidsG];

  const oilShare = usualFreeOil / volume;
  const swollen = sums[at.swollenMl];
  const crowdingWater =
    (swollen + usualFreeOil * (freeOil.weight + freeOil.jamming * oilShare * oilShare)) / volume;
  const crowdingOil = (sums[at.oilSideMl] + heldOil) / volume;
  const onsetWater =
    (sums[at.onsetMl] + usualShare * volume * onset.usual) / (swollen + usualShare * volume);
  const lnWater = lnStress(crowdingWater, onsetWater, law);
  const lnOil = lnStress(crowdingOil, onset.oilSide, law);

  const least = inversion.floor * volume;
  const emulsified =
    (sums[at.emulsifierG] * (streamed ? 1 + inversion.streaming : 1)) / (freeOilMl + least);
  const covered = emulsified / (emulsified + inversion.emulsifierHalf);
  // how far the phases are from the ratio at which they turn over, which the emulsifier moves from the plain one
  const phases = (sums[at.waterPhaseMl] + least) / (freeOilMl + least);
  const lnOff =
    Math.log(phases / inversion.ratioPlain) +
    covered * Math.log(inversion.ratioPlain / inversion.ratioEmulsified);
  const waterOutside = 1 / (1 + Math.exp(-lnOff / inversion.width));

  const lnTau = waterOutside * lnWater + (1 - waterOutside) * lnOil;
  return {
    lnTau,
    waterOutside,
    crumbs:
      lnTau / Math.LN2 > crumbs.body ||
      (waterOutside < 0.5 && crowdingOil > crumbs.oilSideCrowding),
    crowdingWater,
    crowdingOil,
    onsetWater,
    emulsified,
    lnWater,
    lnOil,
  };
}
