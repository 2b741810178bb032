import { measuringCv } from '../amounts/measuringCv';
import type { Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';
import type { Addition } from '../proposal/edit';

/** Things by id. */
export type Shelf = ReadonlyMap<string, Ingredient>;

/** Additions as parts of the bowl, measured with spoons. */
export function additionParts(add: readonly Addition[], shelf: Shelf): Part[] {
  return add.flatMap(({ ingredient: id, massG, place }) => {
    const ingredient = shelf.get(id);
    return ingredient ? [{ ingredient, massG, cv: measuringCv.spoon, place }] : [];
  });
}
