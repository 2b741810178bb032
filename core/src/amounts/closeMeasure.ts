import type { Measurable } from './measurable';
import { addAmountTexts } from './addAmounts';
import { kitchenMeasures, type KitchenMeasure, nearestKitchenMeasure } from './kitchenMeasure';
import type { MeasureSystem } from './measureSystem';

/** A single measure is taken where it is within this share of the mass. */
const closeEnough = 0.05;

/** Spoons and cups are marked in halves, quarters and thirds; an eighth is a spoon of its own. */
const unmarked = /[⅛⅜⅝⅞.]/;

/** `1 tsp + ¼ tsp` is said as `1¼ tsp`. */
function joined(first: string, second: string): string | null {
  const sum = addAmountTexts(first, second);
  if (!sum.ok) return null;
  return !unmarked.test(sum.value) ? sum.value : `${first} + ${second}`;
}

/**
 * The kitchen measure of a mass that is not rounded by more than one in twenty where two measures together can help:
 * `1¼ tsp`, `1 tbsp + 2 tsp`.
 *
 * @param massG g, > 0
 * @param ingredient what is measured
 * @param system whose cup and spoon
 * @returns the text with the mass it stands for
 */
export function closeKitchenMeasure(
  massG: number,
  ingredient: Measurable,
  system: MeasureSystem,
): KitchenMeasure {
  const single = nearestKitchenMeasure(massG, ingredient, system);
  const off = (found: KitchenMeasure) => Math.abs(found.massG - massG) / massG;
  if (off(single) <= closeEnough) return single;
  const below = kitchenMeasures(ingredient, system, massG).filter(
    (one) => one.massG < massG && !one.text.includes('+'),
  );
  let best = single;
  for (const first of below.toReversed()) {
    const rest = massG - first.massG;
    const second = below.reduce<KitchenMeasure | null>(
      (nearest, one) =>
        one.massG <= first.massG &&
        (!nearest || Math.abs(one.massG - rest) < Math.abs(nearest.massG - rest))
          ? one
          : nearest,
      null,
    );
    const together = first.massG + (second?.massG ?? Infinity);
    if (!second || Math.abs(together - massG) / massG >= off(best) - 0.005) continue;
    const text = joined(first.text, second.text);
    if (text !== null) best = { massG: together, text };
    if (off(best) <= closeEnough) break;
  }
  return best;
}
