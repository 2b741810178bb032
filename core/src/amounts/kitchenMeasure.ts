import type { Measurable } from './measurable';
import type { Measure, Unit } from './amount';
import { leafFill, packsAsLeaves } from './measureInGrams';
import { type MeasureSystem, systemVolumesMl } from './measureSystem';
import { singular } from './pieceWords';
import { printAmount } from './printAmount';

/** An amount a cook can measure with spoons, cups or pieces. */
export interface KitchenMeasure {
  massG: number;
  text: string;
}

/** A measured amount of one unit. */
export const measure = (value: number, unit: Unit, piece?: string): Measure => ({
  value,
  low: value,
  high: value,
  unit,
  ...(piece === undefined ? {} : { piece }),
});

const teaspoons = [1 / 8, 1 / 4, 1 / 2, 3 / 4, 1, 1.5, 2, 2.5];
const tablespoons = [1, 1.5, 2, 2.5, 3, 3.5];
const cupShares = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4];

/** The piece a thing is counted by, where its amount in a recipe is counted and not spooned; null elsewhere. */
export function countedPiece(ingredient: Measurable): { massG: number; word: string } | null {
  const { role, structure, pieceG, pieceName } = ingredient;
  if (role !== 'aromatic' || structure !== 'aromatic' || !pieceG || !pieceName) return null;
  return { massG: pieceG, word: singular(pieceName.toLowerCase().split(/[\s(,]/)[0] ?? '') };
}

/**
 * Every amount a cook could measure of an ingredient up to a mass, in rising order: halves, thirds and quarters of
 * a cup, tablespoons and teaspoons with their halves, 1/4 and 1/8 tsp, whole and half pieces.
 *
 * @param ingredient what is measured
 * @param system whose cup and spoon
 * @param upToG largest mass wanted, g
 * @returns masses in g with the text that reads back to them; never empty, starting above nothing
 */
export function kitchenMeasures(
  ingredient: Measurable,
  system: MeasureSystem,
  upToG: number,
): KitchenMeasure[] {
  const ml = systemVolumesMl[system];
  const found: KitchenMeasure[] = [];
  const add = (massG: number, ...terms: Measure[]) => {
    if (massG <= upToG * 1.0001 || found.length === 0) {
      found.push({ massG, text: printAmount({ kind: 'measured', terms }) });
    }
  };
  const piece = countedPiece(ingredient);
  if (piece) {
    for (let halves = 1; halves * 0.5 * piece.massG <= upToG || halves === 1; halves += 1) {
      add(halves * 0.5 * piece.massG, measure(halves / 2, 'piece', piece.word));
    }
    return found;
  }
  const perMl = ingredient.densityGPerMl;
  const leaves = packsAsLeaves(ingredient);
  const spoonPerMl = perMl * (leaves ? leafFill.chopped : 1);
  const cup = (cups: number) => ({
    ...measure(cups, 'cup'),
    ...(leaves ? { fill: 'packed' as const } : {}),
  });
  for (const n of teaspoons) {
    if (n * ml.tsp < ml.tbsp - 0.01) add(n * ml.tsp * spoonPerMl, measure(n, 'tsp'));
  }
  for (const n of tablespoons) {
    if (n * ml.tbsp < ml.cup / 4 - 0.01) add(n * ml.tbsp * spoonPerMl, measure(n, 'tbsp'));
  }
  for (let whole = 0; whole * ml.cup * perMl <= upToG; whole += 1) {
    for (const share of cupShares) {
      const cups = whole + share;
      if (cups === 0) continue;
      add(cups * ml.cup * perMl, cup(cups));
      if (leaves) continue;
      // a spoon beside the cup where the next mark on the cup is further off than a spoon
      for (const n of [1, 2, 3]) {
        if (whole < 4 && n * ml.tbsp < ml.cup / 12 + ml.tbsp) {
          add((cups * ml.cup + n * ml.tbsp) * perMl, measure(cups, 'cup'), measure(n, 'tbsp'));
        }
      }
    }
  }
  return found.sort((a, b) => a.massG - b.massG || a.text.length - b.text.length);
}

/**
 * The kitchen measure nearest to a mass, the simpler one where two are about as near.
 *
 * @param massG g, ≥ 0
 * @param ingredient what is measured
 * @param system whose cup and spoon
 * @returns text such as `2 tbsp` with the mass it stands for; `to taste` for nothing
 */
export function nearestKitchenMeasure(
  massG: number,
  ingredient: Measurable,
  system: MeasureSystem,
): KitchenMeasure {
  if (massG <= 0) return { massG: 0, text: 'to taste' };
  const all = kitchenMeasures(ingredient, system, massG * 1.5 + 5);
  const cost = (one: KitchenMeasure) =>
    Math.abs(one.massG - massG) / massG + (one.text.includes('+') ? 0.03 : 0);
  return all.reduce((best, one) => (cost(one) < cost(best) ? one : best));
}

/**
 * The next kitchen measure above or below a mass, one that a cook can tell from it.
 *
 * @param by 1 for more, −1 for less
 * @returns null when there is none below
 */
export function neighbouringMeasure(
  massG: number,
  ingredient: Measurable,
  system: MeasureSystem,
  by: 1 | -1,
): KitchenMeasure | null {
  const all = kitchenMeasures(ingredient, system, massG * 2 + 40);
  const apart = 0.02 * massG;
  if (by > 0) return all.find((one) => one.massG > massG + apart) ?? null;
  return all.findLast((one) => one.massG < massG - apart) ?? null;
}
