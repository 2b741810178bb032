import type { Measurable } from './measurable';
import { countedPiece, type KitchenMeasure, measure } from './kitchenMeasure';
import type { Unit } from './amount';
import { type MeasureSystem, systemVolumesMl } from './measureSystem';
import { printAmount } from './printAmount';

/** Dried leaves and ground spices too go in by the quarter teaspoon; so does salt. */
const byQuarterTeaspoon = new Set(['salt', 'spice']);

/**
 * The least that a cook would add of an ingredient at a time: one piece of what is counted, a quarter teaspoon of
 * salt and spices, else a tablespoon.
 *
 * @param system whose spoon
 */
export function spoonOf(ingredient: Measurable, system: MeasureSystem): KitchenMeasure {
  const written = (value: number, unit: Unit, piece?: string) =>
    printAmount({ kind: 'measured', terms: [measure(value, unit, piece)] });
  const piece = countedPiece(ingredient);
  if (piece) return { massG: piece.massG, text: written(1, 'piece', piece.word) };
  const { tsp, tbsp } = systemVolumesMl[system];
  if (byQuarterTeaspoon.has(ingredient.role)) {
    return { massG: (tsp / 4) * ingredient.densityGPerMl, text: written(1 / 4, 'tsp') };
  }
  return { massG: tbsp * ingredient.densityGPerMl, text: written(1, 'tbsp') };
}
