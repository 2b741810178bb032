import type { Conditions } from '../mix/conditions';
import { bodySd, type Figures, figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { splitsAtOnce } from '../mix/splitsAtOnce';
import type { Part } from '../mix/part';
import { type Caution, cautionsFor } from '../safety/cautions';
import { pathOf, type PathStep } from './path';

/** Everything the model says of a dip: where it ends, and the way there. */
export interface Analysis extends Figures {
  /** One standard deviation of body, from the model and from the measuring together. */
  sd: number;
  /** Its oil must be let in slowly: poured in at once it splits. */
  splitsAtOnce: boolean;
  /** How warm it comes out of the machine, °C: as the method says, else by the heat balance. */
  blendC: number;
  allergens: string[];
  path: PathStep[];
  cautions: Caution[];
}

/** Allergens of everything in a dip, on top too, once each. */
export function allergensOf(parts: readonly Pick<Part, 'ingredient'>[]): string[] {
  return [...new Set(parts.flatMap((part) => part.ingredient.allergens))].sort();
}

/**
 * Everything the model says of a dip: body after each addition and at the end, seasoning, yield, allergens, cautions.
 * Solvers and advice that only want the end take `figuresOf`, which costs a hundredth of it.
 *
 * @param parts in the order they go in; the same ingredient may come several times
 * @returns the analysis; an empty list gives a dip of no mass
 */
export function analyse(parts: readonly Part[], conditions: Conditions): Analysis {
  const mix = mixOf(parts);
  const figures = figuresOf(mix, conditions);
  return {
    ...figures,
    sd: bodySd(parts, mix, conditions),
    splitsAtOnce: splitsAtOnce(mix.blended, conditions),
    blendC: conditions.method.blendC,
    allergens: allergensOf(parts),
    path: pathOf(parts, conditions),
    cautions: cautionsFor(parts, figures, conditions),
  };
}
