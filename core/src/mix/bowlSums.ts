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
  /** Σ max(h S, k W): water the structures can bind */
  bindableWaterG: 11,
  /** Σ r · fat */
  freeFatG: 12,
  /** Σ o S: oil the structures can take up */
  takeUpOilG: 13,
  /** S/1.42 + min(W, b) + held fat of dairy gels, vegetables, leaves */
  dairyMl: 14,
  vegetableMl: 15,
  leafMl: 16,
  /** W of parts whose structure is liquid */
  liquidWaterG: 17,
  /** Σ h S and Σ S/1.42 over sesame pastes, nuts and nut butters */
  seizableWaterG: 18,
  seizableMl: 19,
  /** S of the structure dry */
  drySolidsG: 20,
  /** fats that set in the cold, ml */
  oliveFatMl: 21,
  coconutFatMl: 22,
  milkFatMl: 23,
  /** Σ mass · units */
  garlicG: 24,
  heatUnits: 25,
  bitterUnits: 26,
  umamiUnits: 27,
  sesameG: 28,
  costEur: 29,
} as const;

export const sumCount = 30;
/** A place in the vector. */
export type SumPlace = (typeof sumIndex)[keyof typeof sumIndex];

/** A vector by sumIndex: a typed array whose thirty places are known to be there. */
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
 * What one gram of an ingredient adds to a bowl's sums.
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
  const at = sumIndex;
  const structure = parameters.structures[ingredient.structure];
  const water = ingredient.waterG / 100;
  const fat = ingredient.fatG / 100;
  const solids = (ingredient.proteinG + ingredient.starchG + ingredient.fibreG) / 100;
  const bindable = Math.max(
    structure.waterHeldPerStructuralSolid * solids,
    structure.ownWaterKept * water,
  );
  const freeFat = structure.fatSetFree * fat;
  const ownMl =
    solids * mlPerG.structural + Math.min(water, bindable) + (fat - freeFat) * mlPerG.fat;

  per[at.massG] = 1;
  per[at.waterG] = water;
  per[at.fatG] = fat;
  per[at.proteinG] = ingredient.proteinG / 100;
  per[at.starchG] = ingredient.starchG / 100;
  per[at.sugarsG] = ingredient.sugarsG / 100;
  per[at.fibreG] = ingredient.fibreG / 100;
  per[at.saltG] = ingredient.saltG / 100;
  per[at.acidG] = ingredient.acidG / 100;
  per[at.structuralSolidsG] = solids;
  per[at.dissolvedSolidsG] = (ingredient.sugarsG + ingredient.saltG + ingredient.acidG) / 100;
  per[at.bindableWaterG] = bindable;
  per[at.freeFatG] = freeFat;
  per[at.takeUpOilG] = structure.oilHeldPerStructuralSolid * solids;
  per[at.garlicG] = ingredient.garlicUnits;
  per[at.heatUnits] = ingredient.heatUnits;
  per[at.bitterUnits] = ingredient.bitterUnits;
  per[at.umamiUnits] = ingredient.umamiUnits;
  per[at.costEur] = ingredient.costHintEurPerKg / 1000;

  switch (ingredient.structure) {
    case 'dairy-gel':
      per[at.dairyMl] = ownMl;
      break;
    case 'vegetable':
    case 'vegetable-watery':
      per[at.vegetableMl] = ownMl;
      break;
    case 'leaf':
      per[at.leafMl] = ownMl;
      break;
    case 'liquid':
      per[at.liquidWaterG] = water;
      break;
    case 'sesame-paste':
    case 'nut':
    case 'nut-butter':
      per[at.seizableWaterG] = structure.waterHeldPerStructuralSolid * solids;
      per[at.seizableMl] = solids * mlPerG.structural;
      break;
    case 'dry':
      per[at.drySolidsG] = solids;
      break;
    case 'pulse-firm':
    case 'pulse-soft':
    case 'aromatic':
    case 'hard-cheese':
    case 'soft-cheese':
    case 'oil':
    case 'salt':
      break;
  }
  const fatMl = fat * mlPerG.fat;
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
  const at = sumIndex;
  return (
    sums[at.structuralSolidsG] * mlPerG.structural +
    sums[at.dissolvedSolidsG] * mlPerG.dissolved +
    sums[at.waterG] +
    sums[at.fatG] * mlPerG.fat
  );
}
