import Joi from 'joi';
import { BadInput } from '../book/fieldError';
import { resolveIngredient } from '../larder/find';
import type { Larder } from '../larder/larder';
import type { Part } from '../mix/part';

/** Something of a mixture with its limits, as shares of all of them. */
export interface RequestedComponent {
  ingredient: string;
  min: number;
  max: number;
}

export const share = Joi.number().min(0).max(1);

/** Two to five of them. */
export const componentsSchema = Joi.array()
  .items(
    Joi.object<RequestedComponent>({
      ingredient: Joi.string().min(1).max(120).required(),
      min: share.default(0),
      max: share.default(1),
    }),
  )
  .min(2)
  .max(5)
  .required();

/**
 * Where components stand among the parts of a dip.
 *
 * @throws BadInput naming the component that is not there, or there more than once
 */
export function componentPlaces(
  components: readonly Pick<RequestedComponent, 'ingredient'>[],
  parts: readonly Pick<Part, 'ingredient'>[],
  larder: Larder,
): number[] {
  return components.map(({ ingredient }, i) => {
    const found = resolveIngredient(larder, ingredient);
    if (!found.ok) throw new BadInput(`components[${i}].ingredient`, found.message);
    const rows = parts.flatMap((part, at) => (part.ingredient.id === found.value.id ? [at] : []));
    const [row] = rows;
    if (row === undefined || rows.length > 1) {
      const how = row === undefined ? 'is not in the dip' : 'is in the dip more than once';
      throw new BadInput(`components[${i}].ingredient`, `${found.value.name} ${how}.`);
    }
    return row;
  });
}
