import shipped from './data/ingredients.json';
import { aliases } from './aliases';
import { compositionKeys, type Ingredient, type OwnIngredient } from './ingredient';
import { plainTraits, type Traits } from './traits';

/** All ingredients by id, in larder order. */
export type Larder = ReadonlyMap<string, Ingredient>;

/** What a row without it does not have at all. */
const leftOut = new Set([...Object.keys(plainTraits), 'packageG']);

/** The table stands by columns; a trait that is null there is plain. */
const shippedIngredients: readonly Ingredient[] = shipped.id.map((id, i) => {
  const row: Record<string, unknown> = { ...plainTraits, kind: id };
  for (const [key, cells] of Object.entries<readonly unknown[]>(shipped)) {
    if (cells[i] !== null || !leftOut.has(key)) row[key] = cells[i];
  }
  if (aliases[id]) row['aliases'] = aliases[id];
  return row as unknown as Ingredient;
});

/** The larder as it ships. */
export const shippedLarder: Larder = new Map(shippedIngredients.map((one) => [one.id, one]));

function traitsOf(ingredient: Ingredient): Traits {
  const traits: Record<string, unknown> = { kind: ingredient.kind };
  for (const key of Object.keys(plainTraits) as (keyof Traits)[]) traits[key] = ingredient[key];
  return traits as unknown as Traits;
}

/**
 * The shipped larder with a cook's own ingredients and corrections laid over it.
 *
 * @param own in order; `like` takes the facts and traits of another ingredient, shipped or earlier in the list
 * @returns a new larder; the shipped one is untouched
 * @throws RangeError naming the ingredient when `like` points at nothing
 */
export function larderWith(own: readonly OwnIngredient[]): Larder {
  if (own.length === 0) return shippedLarder;
  const larder = new Map(shippedLarder);
  for (const one of own) {
    if ('like' in one) {
      const base = larder.get(one.like);
      if (!base)
        throw new RangeError(`“${one.like}” is not in the larder, so “${one.id}” can't be like it`);
      const { like: _like, ...facts } = one;
      const name = facts.name ?? (one.id === one.like ? base.name : one.id);
      const kept = one.id === one.like ? base.aliases : undefined;
      const ofBase = compositionKeys.every((key) => facts[key] === undefined);
      // figures of one's own come from nobody's table
      const source = ofBase ? {} : { sourceKind: undefined, confidence: undefined };
      larder.set(one.id, { ...base, ...source, aliases: kept, ...facts, name });
    } else {
      // a whole record may be older than the traits: one of a shipped id keeps what that one has
      const traits = larder.get(one.id);
      larder.set(one.id, { ...plainTraits, ...(traits && traitsOf(traits)), kind: one.id, ...one });
    }
  }
  return larder;
}
