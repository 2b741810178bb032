import { dipMass, type Part } from '../mix/part';

/**
 * So much of a dip: its parts in their proportions.
 *
 * @param massG g of it, ≥ 0
 * @returns parts without mass where the dip has none
 */
export function portionOf(parts: readonly Part[], massG: number): Part[] {
  const whole = dipMass(parts);
  const share = whole > 0 ? massG / whole : 0;
  return parts.map((part) => ({ ...part, massG: part.massG * share }));
}
