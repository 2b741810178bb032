import type { RawWay } from './rawWay';
import { everyday } from '../larder/everyday';
import { compositionKeys, type Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import { ratioOf, yieldOf } from './yields';

/** Pulses reach this share of the strength of the water they are cooked or soaked in (judgement). */
const potShare = 0.4;
/** Of the salt strewn on what is squeezed so much stays (judgement). */
const strewnShare = 1 / 3;
/** Wash water that clings, as a share of the leaves' own mass (judgement). */
export const clinging = { spun: 0.05, shaken: 0.2 } as const;
/** Skins are so much of a cooked pulse's fibre (judgement, on their share of its mass). */
const skinFibreShare = 0.3;

const leafy = new Set(['green', 'herb']);

/** What a way from raw can take up or carry along, as far as it makes sense for an ingredient. */
export function takesUp(ingredient: Ingredient, way: RawWay) {
  return {
    pot: ingredient.role === 'legume' && /dried|frozen|pods/.test(way.from),
    strewn: ingredient.strewnSalt && way.from === 'cucumber',
    leaves: leafy.has(ingredient.role) && way.from === 'bunch',
  };
}

/** Salt taken up, g per 100 g ready: 0.4 × the pot's strength × its water; a third of what was strewn. */
export function saltTakenUpG(ingredient: Ingredient, way: RawWay): number {
  const saltG = way.saltG ?? 0;
  if (saltG <= 0) return 0;
  const { pot, strewn } = takesUp(ingredient, way);
  if (pot) return potShare * (saltG / 1000) * ingredient.waterG;
  if (!strewn) return 0;
  const { typical } = ratioOf(yieldOf('cucumber-squeezed-salted'));
  return (strewnShare * (saltG / 1000) * 100) / typical;
}

function mixed(one: Ingredient, other: Ingredient, share: number): Ingredient {
  const blend = { ...one };
  for (const key of compositionKeys) blend[key] = (1 - share) * one[key] + share * other[key];
  return blend;
}

const known = new WeakMap<Ingredient, Map<string, Ingredient>>();

/**
 * An ingredient as it goes in after it was made ready: salted by its pot, with tender stalks among the leaves, wet from
 * the wash, its skins rubbed off. The same object for the same way, so that what is worked out for it is kept.
 *
 * @param raw as its row says; undefined and null change nothing
 * @param larder for what stalks and water are
 */
export function readyIngredient(
  ingredient: Ingredient,
  raw: RawWay | null | undefined,
  larder: Larder,
): Ingredient {
  if (!raw) return ingredient;
  const { saltG = 0, stalkShare = 0, wet, skinsOff = false } = raw;
  if (saltG <= 0 && stalkShare <= 0 && !wet && !skinsOff) return ingredient;
  const key = `${raw.from}/${saltG}/${stalkShare}/${wet ?? ''}/${skinsOff}`;
  const ways = known.get(ingredient) ?? new Map<string, Ingredient>();
  known.set(ingredient, ways);
  const found = ways.get(key);
  if (found) return found;
  let ready = ingredient;
  const { pot, leaves } = takesUp(ingredient, raw);
  const stalks = larder.get(everyday.stalks);
  const water = larder.get(everyday.water);
  if (leaves && stalkShare > 0 && stalks) ready = mixed(ready, stalks, stalkShare);
  if (leaves && wet && water) ready = mixed(ready, water, clinging[wet] / (1 + clinging[wet]));
  if (pot && skinsOff) {
    const skins = ready.fibreG * skinFibreShare;
    const rest = 100 / (100 - skins);
    ready = { ...ready, fibreG: ready.fibreG - skins };
    for (const part of compositionKeys) ready[part] *= rest;
  }
  const salt = saltTakenUpG(ready, raw);
  if (salt > 0) {
    ready = { ...ready, saltG: ready.saltG + salt, waterG: Math.max(0, ready.waterG - salt) };
  }
  ways.set(key, ready);
  return ready;
}
