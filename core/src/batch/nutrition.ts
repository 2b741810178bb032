import type { SettingFat } from '../larder/traits';
import type { Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';

/** What a table of nutrition says of some mass; an estimate from the larder's composition. */
export interface Nutrition {
  kJ: number;
  kcal: number;
  fatG: number;
  saturatesG: number;
  carbohydrateG: number;
  sugarsG: number;
  fibreG: number;
  proteinG: number;
  saltG: number;
}

/** Energy by g: protein, carbohydrate, fat, fibre, organic acid; the usual factors of such tables. */
const kJPerG = { protein: 17, carbohydrate: 17, fat: 37, fibre: 8, acid: 13 } as const;
const kcalPerG = { protein: 4, carbohydrate: 4, fat: 9, fibre: 2, acid: 3 } as const;

/** Of a fat nobody has said it of, the share that is saturated, by what of it sets in the cold (judged). */
const usualShare: Record<SettingFat, number> = { olive: 0.138, coconut: 0.87, milk: 0.635 };
const otherShare = 0.12;

/** Saturated fat in 100 g of a thing, never more than its fat. */
export function saturatesOf({ saturatesG, fatG, settingFat }: Ingredient): number {
  const usual = settingFat ? usualShare[settingFat] : otherShare;
  return Math.min(fatG, saturatesG ?? usual * fatG);
}

/**
 * Nutrition of parts, summed.
 *
 * @param parts g each
 */
export function nutritionOf(parts: readonly Pick<Part, 'ingredient' | 'massG'>[]): Nutrition {
  let [fatG, saturatesG, starchG, sugarsG, fibreG, proteinG, saltG, acidG] = new Array<number>(
    8,
  ).fill(0) as [number, number, number, number, number, number, number, number];
  for (const { ingredient, massG } of parts) {
    const share = massG / 100;
    fatG += ingredient.fatG * share;
    saturatesG += saturatesOf(ingredient) * share;
    starchG += ingredient.starchG * share;
    sugarsG += ingredient.sugarsG * share;
    fibreG += ingredient.fibreG * share;
    proteinG += ingredient.proteinG * share;
    saltG += ingredient.saltG * share;
    acidG += ingredient.acidG * share;
  }
  const carbohydrateG = starchG + sugarsG;
  const energy = (per: Record<keyof typeof kJPerG, number>) =>
    per.protein * proteinG +
    per.carbohydrate * carbohydrateG +
    per.fat * fatG +
    per.fibre * fibreG +
    per.acid * acidG;
  return {
    ...{ kJ: energy(kJPerG), kcal: energy(kcalPerG), fatG, saturatesG, carbohydrateG, sugarsG },
    ...{ fibreG, proteinG, saltG },
  };
}

/** The same for another mass. */
export function scaledNutrition(nutrition: Nutrition, factor: number): Nutrition {
  return Object.fromEntries(
    Object.entries(nutrition).map(([key, value]: [string, number]) => [key, value * factor]),
  ) as unknown as Nutrition;
}

/** How each line of such a table is usually rounded. */
const rounding: Record<keyof Nutrition, (value: number) => string> = {
  kJ: (value) => value.toFixed(0),
  kcal: (value) => value.toFixed(0),
  fatG: macro,
  saturatesG: (value) => fine(value, 0.1),
  carbohydrateG: macro,
  sugarsG: macro,
  fibreG: macro,
  proteinG: macro,
  saltG: (value) => (value >= 1 ? value.toFixed(1) : value < 0.0125 ? '<0.01' : value.toFixed(2)),
};

function macro(value: number): string {
  return fine(value, 0.5);
}

/** Whole grams from 10 on, tenths below, and less than so little as less than that. */
function fine(value: number, least: number): string {
  if (value >= 10) return value.toFixed(0);
  return value > least ? value.toFixed(1) : `<${least}`;
}

/** A line of the table as it is printed, without its unit. */
export const nutritionText = (name: keyof Nutrition, value: number): string =>
  rounding[name](value);
