import { type BowlSums, sumIndex, type SumPlace } from './bowlSums';

/** Seasoning and nutrition per 100 g of dip; heat, bitter and savoury are relative judgements. */
export interface Per100g {
  saltG: number;
  /** Titratable acidity as citric acid, g. */
  acidG: number;
  /** Garlic as raw crushed, g. */
  garlicG: number;
  fatG: number;
  waterG: number;
  proteinG: number;
  carbohydrateG: number;
  sugarsG: number;
  fibreG: number;
  kcal: number;
  sesameG: number;
  /** g of a hot ground pepper with the same pungency. */
  heat: number;
  /** Mean bitterness of what is in the dip, 0 none – 10. */
  bitter: number;
  /** Mean savouriness, 0 none – 10. */
  savoury: number;
  costEur: number;
}

/**
 * Seasoning of a bowl per 100 g. Energy by the 4-4-9-2 factors for protein, carbohydrate, fat and fibre, an estimate.
 *
 * @param sums the bowl with what is folded in
 * @returns figures per 100 g, all 0 for an empty bowl
 */
export function per100g(sums: BowlSums): Per100g {
  const mass = sums[sumIndex.massG];
  const per = (place: SumPlace) => (mass > 0 ? (sums[place] / mass) * 100 : 0);
  const proteinG = per(sumIndex.proteinG);
  const sugarsG = per(sumIndex.sugarsG);
  const carbohydrateG = per(sumIndex.starchG) + sugarsG;
  const fatG = per(sumIndex.fatG);
  const fibreG = per(sumIndex.fibreG);
  return {
    saltG: per(sumIndex.saltG),
    acidG: per(sumIndex.acidG),
    garlicG: per(sumIndex.garlicG),
    fatG,
    waterG: per(sumIndex.waterG),
    proteinG,
    carbohydrateG,
    sugarsG,
    fibreG,
    kcal: 4 * proteinG + 4 * carbohydrateG + 9 * fatG + 2 * fibreG,
    sesameG: per(sumIndex.sesameG),
    heat: per(sumIndex.heatUnits),
    bitter: per(sumIndex.bitterUnits) / 100,
    savoury: per(sumIndex.umamiUnits) / 100,
    costEur: per(sumIndex.costEur),
  };
}
