import { dietFit, type Diet } from '../dip/diets';
import { alwaysAtHand, everyday } from '../larder/everyday';
import type { Ingredient, Role } from '../larder/ingredient';
import type { Hazard } from '../larder/traits';
import type { Family } from '../mix/families';
import type { Part } from '../mix/part';

/** What a dip is free of, by allergen and diet. */
export interface FreeOf {
  allergens: readonly string[];
  diets: readonly Diet[];
}

/** Nothing of this goes into a bowl as it is: it must be cooked, soaked, blanched or pasteurised first. */
const neverRaw: readonly Hazard[] = [
  'raw-pulse',
  'bitter-lupin',
  'cyanogenic',
  'stinging',
  'raw-egg',
];

/** What is no allergen and yet left out by some, by the trait that tells it. */
const leftOutBy: Readonly<Record<string, (one: Ingredient) => boolean>> = {
  garlic: ({ garlicUnits }) => garlicUnits > 0,
};

/** Whether a thing carries an allergen, by its own name or by its family's: `tree-nut` is any of them. */
export function carriesAllergen(one: Ingredient, allergen: string): boolean {
  return (
    one.allergens.some((own) => own === allergen || own.startsWith(`${allergen}:`)) ||
    (leftOutBy[allergen]?.(one) ?? false)
  );
}

/** Whether a thing may go in as it is, into a dip that is free of something. */
export function fitsFree(one: Ingredient, { allergens, diets }: FreeOf): boolean {
  return (
    !one.hazards.some((hazard) => neverRaw.includes(hazard)) &&
    !allergens.some((allergen) => carriesAllergen(one, allergen)) &&
    diets.every((diet) => dietFit([{ ingredient: one, massG: 1 }], diet).fits !== false)
  );
}

/** What a family is thickened or stretched with though it is not in yet (J). */
const baseRoles: Readonly<Record<Family, readonly Role[]>> = {
  pulse: ['legume', 'sesame-paste'],
  vegetable: ['vegetable', 'legume', 'sesame-paste'],
  yogurt: ['dairy'],
  'pesto-spread': ['nut-seed', 'cheese'],
  'pesto-dress': ['nut-seed', 'cheese'],
  pate: ['legume', 'nut-seed', 'nut-butter'],
};

/** What may go into any bowl: it seasons, loosens or rounds and makes it no other dip. */
const alwaysFits: readonly Role[] = ['salt', 'acid', 'oil', 'liquid', 'sweetener'];

/** Things that do the same: one of each is enough. */
const oneOfEach: readonly ((ingredient: Ingredient) => boolean)[] = [
  ({ role, fatG, saltG, acidG }) => role === 'liquid' && fatG < 2 && saltG < 3 && acidG < 0.5,
  ({ role }) => role === 'oil',
  ({ role, structure }) => role === 'acid' && structure === 'liquid',
  ({ role }) => role === 'salt',
  ({ role }) => role === 'sweetener',
];

/** Things one may be chosen from, the likeliest first. */
export interface Choices {
  /** The likeliest of each kind, and everything that is a kind by itself. */
  first: Ingredient[];
  /** What would do instead of one of those, by its id. */
  instead: { of: string; ingredient: Ingredient }[];
}

/**
 * What of the things at hand a cook would put into this bowl: nothing that must be cooked first, nothing it is free of, nothing to
 * thicken it that its family is not thickened with, nothing strewn or folded in to thicken it; of things that do the same the one
 * that is in it already.
 *
 * @param parts of the bowl
 */
export function choicesFor(
  atHand: readonly Ingredient[],
  parts: readonly Part[],
  family: Family,
  free: FreeOf = { allergens: [], diets: [] },
): Choices {
  const blended = new Map<string, number>();
  for (const { ingredient, massG, place } of parts) {
    if (place === 'bowl') blended.set(ingredient.kind, (blended.get(ingredient.kind) ?? 0) + massG);
  }
  const fits = (one: Ingredient) =>
    fitsFree(one, free) &&
    (blended.has(one.kind) ||
      alwaysFits.includes(one.role) ||
      baseRoles[family].includes(one.role));
  const rank = (one: Ingredient) =>
    blended.has(one.kind)
      ? -(blended.get(one.kind) ?? 0)
      : 1 + (alwaysAtHand.some((id) => id === one.id) ? 0 : 1) + (one.id === everyday.ice ? 1 : 0);
  const there = atHand.filter(fits).sort((a, b) => rank(a) - rank(b));
  const first: Ingredient[] = [];
  const instead: Choices['instead'] = [];
  const taken = new Map<number, Ingredient>();
  for (const one of there) {
    const kind = oneOfEach.findIndex((is) => is(one));
    const before = kind < 0 ? undefined : taken.get(kind);
    if (!before) {
      if (kind >= 0) taken.set(kind, one);
      first.push(one);
    } else if (one.id !== everyday.ice && !blended.has(before.kind)) {
      // what is in it already is no matter of choice
      instead.push({ of: before.id, ingredient: one });
    }
  }
  return { first, instead };
}
