import { isWeighed } from '../amounts/isWeighed';
import { kitchenMeasures, nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import type { MeasureSystem } from '../amounts/measureSystem';
import { readGrams } from '../amounts/toGrams';
import type { LandingPart } from '../landing/landParts';

const decimalsOf = (massG: number) => (massG >= 20 ? 0 : massG >= 5 ? 1 : 2);

/** An amount near so many grams as the part is measured: weighed where it was, else in spoons, cups and pieces. */
export function measured(part: LandingPart, massG: number, measures: MeasureSystem): LandingPart {
  const least = kitchenMeasures(part.ingredient, measures, 0)[0]?.massG ?? 0;
  const text = isWeighed(part.amountText)
    ? `${Number(massG.toFixed(decimalsOf(massG)))} g`
    : nearestKitchenMeasure(Math.max(massG, least), part.ingredient, measures).text;
  return asWritten(part, text, measures) ?? { ...part, massG };
}

/** Less than this share is no other amount. */
const sameAmount = 0.04;

/** A part moved to about so many grams; as it was where that is no other amount. */
export function movedTo(part: LandingPart, massG: number, measures: MeasureSystem): LandingPart {
  const moved = measured(part, massG, measures);
  return Math.abs(moved.massG - part.massG) < sameAmount * part.massG ? part : moved;
}

/** A part with another amount; null where it can't be read. */
export function asWritten(
  part: LandingPart,
  amountText: string,
  measures: MeasureSystem,
): LandingPart | null {
  const read = readGrams(amountText, part.ingredient, measures);
  return read.ok ? { ...part, amountText, massG: read.value.massG, cv: read.value.cv } : null;
}
