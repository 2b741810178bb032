import type { Ingredient, Role } from '../larder/ingredient';

/** More than this of one thing in a line is asked about, g: far above what a big batch takes (J). */
const mostG: Partial<Record<Role, number>> = {
  spice: 60,
  salt: 150,
  aromatic: 600,
  umami: 800,
  acid: 2000,
  sweetener: 1500,
};
const mostOfAllG = 40_000;
/** Raw garlic, or what is as strong, g. */
const mostGarlicG = 110;

/**
 * What is odd about so much of a thing, in words; null where nothing is.
 *
 * @param massG g in the bowl
 */
export function unusual(ingredient: Ingredient, massG: number): string | null {
  const garlic = ingredient.garlicUnits > 0.5 ? mostGarlicG / ingredient.garlicUnits : Infinity;
  const most = Math.min(mostG[ingredient.role] ?? mostOfAllG, garlic);
  if (massG <= most) return null;
  return `Is ${massG >= 1000 ? `${(massG / 1000).toFixed(1)} kg` : `${massG.toFixed(0)} g`} of ${ingredient.name.split(',')[0]?.toLowerCase() ?? 'it'} right?`;
}
