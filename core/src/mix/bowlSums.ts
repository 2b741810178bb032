import { type BodyParameters, startingBodyParameters } from './parameters';
import type { Ingredient } from '../larder/ingredient';

/**
 * Everything the body and seasoning models need to know of a bowl is a sum over its parts that is linear in their
 * masses, so a bowl is a vector of sums and a part adds its mass times its ingredient's vector. Masses in g,
 * volumes in ml, relative units as in the larder.
 */
export const sumIndex = {
  massG: 0,
  waterG: 1,
  fatG: 2,
  proteinG: 3,
  starchG: 4,
  sugarsG: 5,
  fibreG: 6,
  saltG: 7,
  acidG: 8,
  /** protein + starch + fibre */
  structuralSolidsG: 9,
  /** sugars + salt + acid */
  dissolvedSolidsG: 10,
  /** Without air. */
  volumeMl: 11,
  /** Water the structures would hold, swelling freely. */
  boundWaterG: 12,
  /** S/1.42 + bound water + held fat. */
  swollenMl: 13,
  /** Onset of crowding, weighed by the swollen volume. */
  onsetMl: 14,
  /** Free oil; of nuts at the usual grind. */
  freeOilMl: 15,
  /** Volume with oil outside, nuts without their fat and oil. */
  oilSideMl: 16,
  /** Fat, and protein and fibre, of the structure nut. */
  nutFatMl: 17,
  nutSolidsG: 18,
  /** Water with what is dissolved in it, as far as it is outside. */
  waterPhaseMl: 19,
  emulsifierG: 20,
  /** S of what takes up water slowly: the structures dry and bread. */
  drySolidsG: 21,
  /** fats that set in the cold, ml */
  oliveFatMl: 22,
  coconutFatMl: 23,
  milkFatMl: 24,
  /** Σ mass · units */
  garlicG: 25,
  heatUnits: 26,
  bitterUnits: 27,
  umamiUnits: 28,
  sesameG: 29,
  costEur: 30,
} as const;

export const sumCount = 31;
/** A place in the vector. */
export type SumPlace = (typeof sumIndex)[keyof typeof sumIndex];

/** A vector by sumIndex: a typed array whose places are known to be there. */
export type BowlSums = Float64Array & Record<SumPlace, number>;

/** A vector of nothing. */
export function emptyBowl(): BowlSums {
  return new Float64Array(sumCount) as BowlSums;
}

/** A vector that can be changed without the one it came from. */
export function copyOf(sums: BowlSums): BowlSums {
  return sums.slice() as BowlSums;
}

/** ml per g of structural solids, dissolved solids and fat. */
export const mlPerG = { structural: 1 / 1.42, dissolved: 1 / 1.6, fat: 1 / 0.915 } as const;

/**
 * What one gram of an ingredient adds to a bowl's sums; of a dip in a dip, what it is made of.
 *
 * @param ingredient composition in g per 100 g
 * @param parameters body model parameters; its structures decide what is bound
 * @returns a vector by sumIndex
 */
export function sumsPerGram(
  ingredient: Ingredient,
  parameters: BodyParameters = startingBodyParameters,
): BowlSums {
  const per = emptyBowl();
  if (ingredient.madeOf) {
    for (const { ingredient: one, share } of ingredient.madeOf) {
      addTo(per, sumsPerGram(one, parameters), share);
    }
    return per;
  }
  const at = sumIndex;
  const structure = parameters.structures[ingredient.structure];
  const water = ingredient.waterG / 100;
  const protein = ingredient.proteinG / 100;
  const starch = ingredient.starchG / 100;
  const fibre = ingredient.fibreG / 100;
  const solids = protein + starch + fibre;
  const dissolved = (ingredient.sugarsG + ingredient.saltG + ingredient.acidG) / 100;
  const solidsMl = solids * mlPerG.structural;
  const fatMl = (ingredient.fatG / 100) * mlPerG.fat;
  const heldFatMl = (1 - structure.fatSetFree) * fatMl;
  const boundWater =
    structure.waterPerProtein * protein +
    structure.waterPerStarch * starch +
    structure.waterPerFibre * fibre +
    structure.ownWaterHeld * water;
  const swollen = solidsMl + boundWater + structure.fatVolume * heldFatMl;
  const isNut = ingredient.structure === 'nut';
  const stillOilMl =
    heldFatMl + structure.oilPerSolid * (protein + fibre) + structure.oilPerStarch * starch;

  per[at.massG] = 1;
  per[at.waterG] = water;
  per[at.fatG] = ingredient.fatG / 100;
  per[at.proteinG] = protein;
  per[at.starchG] = starch;
  per[at.sugarsG] = ingredient.sugarsG / 100;
  per[at.fibreG] = fibre;
  per[at.saltG] = ingredient.saltG / 100;
  per[at.acidG] = ingredient.acidG / 100;
  per[at.structuralSolidsG] = solids;
  per[at.dissolvedSolidsG] = dissolved;
  per[at.volumeMl] = solidsMl + dissolved * mlPerG.dissolved + water + fatMl;
  per[at.boundWaterG] = boundWater;
  per[at.swollenMl] = swollen;
  per[at.onsetMl] = structure.onset * swollen;
  per[at.freeOilMl] = structure.fatSetFree * fatMl;
  // what nuts hold of their oil depends on how fine they are ground
  per[at.oilSideMl] = solidsMl + structure.waterInOil * water + (isNut ? 0 : stillOilMl);
  if (isNut) {
    per[at.nutFatMl] = fatMl;
    per[at.nutSolidsG] = protein + fibre;
  }
  per[at.waterPhaseMl] = structure.waterOutside * (water + dissolved * mlPerG.dissolved);
  per[at.emulsifierG] = structure.emulsifier * solids;
  if (ingredient.structure === 'dry' || ingredient.structure === 'bread') {
    per[at.drySolidsG] = solids;
  }
  per[at.garlicG] = ingredient.garlicUnits;
  per[at.heatUnits] = ingredient.heatUnits;
  per[at.bitterUnits] = ingredient.bitterUnits;
  per[at.umamiUnits] = ingredient.umamiUnits;
  per[at.costEur] = ingredient.costHintEurPerKg / 1000;

  switch (ingredient.settingFat) {
    case 'olive':
      per[at.oliveFatMl] = fatMl;
      break;
    case 'coconut':
      per[at.coconutFatMl] = fatMl;
      break;
    case 'milk':
      per[at.milkFatMl] = fatMl;
      break;
    case null:
      break;
  }
  per[at.sesameG] = ingredient.sesameShare;
  return per;
}

/** Adds a mass of an ingredient to a bowl's sums, in place. Negative masses take out. */
export function addTo(sums: BowlSums, perGram: BowlSums, massG: number): void {
  for (let i = 0; i < sumCount; i += 1) (sums[i] as number) += (perGram[i] as number) * massG;
}

/** Volume without air, ml. */
export function volumeMl(sums: BowlSums): number {
  return sums[sumIndex.volumeMl];
}
