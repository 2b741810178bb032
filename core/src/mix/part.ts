import type { BodyParameters } from './parameters';
import type { Ingredient } from '../larder/ingredient';
import { type BowlSums, copyOf, sumIndex, sumsPerGram } from './bowlSums';

/** Blended in the bowl, folded in whole afterwards, or strewn on top when served. */
export const places = ['bowl', 'fold', 'top'] as const;
export type Place = (typeof places)[number];

/** How raw garlic goes in, with the share of its crushed strength (engineering judgement). */
export const garlicForms = { crushed: 1, sliced: 0.6, 'in-acid': 0.5 } as const;
export type GarlicForm = keyof typeof garlicForms;
const germOutShare = 0.8;

/** An amount of an ingredient on its way into a dip. */
export interface Part {
  ingredient: Ingredient;
  /** g, ≥ 0 */
  massG: number;
  /** Coefficient of variation of the way it is measured. */
  cv: number;
  place: Place;
  garlicForm?: GarlicForm;
  germOut?: boolean;
  /** How warm it goes in, °C; from where it is kept when left out. */
  atC?: number;
}

/** How warm parts and rows may go in, °C. */
export const goesInC = { low: -30, high: 200 } as const;

/** How a row's garlic goes in, with no key for what was not said. */
export function garlicOf({
  garlicForm,
  germOut,
}: Pick<Part, 'garlicForm' | 'germOut'>): Pick<Part, 'garlicForm' | 'germOut'> {
  return {
    ...(garlicForm ? { garlicForm } : {}),
    ...(germOut === undefined ? {} : { germOut }),
  };
}

const cached = new WeakMap<Ingredient, BowlSums>();

/**
 * What one gram of a part adds to the bowl; cached by ingredient for the starting parameters.
 *
 * @param part garlic form and germ count for raw garlic only
 */
export function partSumsPerGram(
  part: Pick<Part, 'ingredient' | 'garlicForm' | 'germOut'>,
  parameters?: BodyParameters,
): BowlSums {
  let per = parameters ? undefined : cached.get(part.ingredient);
  if (!per) {
    per = sumsPerGram(part.ingredient, parameters);
    if (!parameters) cached.set(part.ingredient, per);
  }
  const raw = part.ingredient.garlicUnits === 1;
  const strength =
    garlicForms[part.garlicForm ?? 'crushed'] * (part.germOut === true ? germOutShare : 1);
  if (!raw || strength === 1) return per;
  const weaker = copyOf(per);
  weaker[sumIndex.garlicG] *= strength;
  return weaker;
}

/** What is in the bowl and folded in of a whole dip, g: all but what goes on top. */
export function dipMass(parts: readonly Pick<Part, 'massG' | 'place'>[]): number {
  return parts.reduce((sum, { massG, place }) => sum + (place === 'top' ? 0 : massG), 0);
}

/** What is blended in the bowl of a whole dip, g. */
export function bowlMass(parts: readonly Pick<Part, 'massG' | 'place'>[]): number {
  return parts.reduce((sum, { massG, place }) => sum + (place === 'bowl' ? massG : 0), 0);
}
