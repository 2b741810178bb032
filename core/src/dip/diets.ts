import type { FitsDiet, Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';

export const diets = ['vegan', 'vegetarian'] as const;
export type Diet = (typeof diets)[number];

/** Whether a dip fits a diet, and what it hangs on. */
export interface DietFit {
  /** `check` where it depends on how some of it was made: rennet, bread, sauces. */
  fits: FitsDiet;
  /** What does not fit, or what must be checked where nothing rules it out; each once. */
  because: Ingredient[];
}

/**
 * Whether everything in a dip, on top too, fits a diet. One thing that does not decides; else one to be checked.
 *
 * @param parts of no mass do not count
 */
export function dietFit(parts: readonly Pick<Part, 'ingredient' | 'massG'>[], diet: Diet): DietFit {
  const there = [
    ...new Set(parts.flatMap(({ ingredient, massG }) => (massG > 0 ? [ingredient] : []))),
  ];
  const against = there.filter((one) => one[diet] === false);
  if (against.length > 0) return { fits: false, because: against };
  const unsure = there.filter((one) => one[diet] === 'check');
  return { fits: unsure.length > 0 ? 'check' : true, because: unsure };
}
