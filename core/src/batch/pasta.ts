import type { Conditions } from '../mix/conditions';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import type { Part } from '../mix/part';
import type { Ingredient } from '../larder/ingredient';
import { portionOf } from './portion';

/** What goes on one plate. */
export interface PlateWanted {
  /** g of the pesto, > 0. */
  dipG: number;
  /** g of pasta, dry. */
  pastaG: number;
  /** g of the water it was cooked in. */
  waterG: number;
}

/** One plate, predicted. */
export interface Plate {
  /** g of pasta as it is eaten (typical). */
  cookedG: number;
  /** Salt of the whole plate, g: from the pesto, the water and what the pasta took up. */
  saltG: number;
  /** Salt in 100 g of the plate. */
  saltPer100G: number;
  /** Body of pesto and water together, as it coats, without heat; null where there is none. */
  coatBody: number | null;
  /** g of pesto and water to 100 g of pasta as eaten. */
  coatPer100G: number;
}

/** Dry pasta takes up 1.25 times its mass of water (1.1 to 1.4; kitchen judgement). */
const takesUp = 1.25;

/**
 * Pesto to pasta with some of its water, off the heat.
 *
 * @param pastaWater the water as an ingredient, with its salt
 */
export function plateOf(
  parts: readonly Part[],
  { dipG, pastaG, waterG }: PlateWanted,
  pastaWater: Ingredient,
  conditions: Conditions,
): Plate {
  const water: Part = { ingredient: pastaWater, massG: waterG, cv: 0, place: 'bowl' };
  const coat = figuresOf(mixOf([...portionOf(parts, dipG), water]), conditions);
  const cookedG = pastaG * (1 + takesUp);
  const saltG =
    (coat.per100g.saltG * coat.massG) / 100 + (pastaG * takesUp * pastaWater.saltG) / 100;
  const plateG = coat.massG + cookedG;
  return {
    cookedG,
    saltG,
    saltPer100G: plateG > 0 ? (100 * saltG) / plateG : 0,
    coatBody: coat.freshBody,
    coatPer100G: cookedG > 0 ? (100 * coat.massG) / cookedG : 0,
  };
}
