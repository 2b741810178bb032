import type { WrittenDip } from './writtenDip';

/** Sodium in a gram of salt, mg. */
const sodiumMgPerG = 393.4;

/**
 * A dip as schema.org/Recipe, as JSON-LD: what other programs read of a recipe.
 *
 * @returns plain data; `JSON.stringify` of it is the file
 * @see https://schema.org/Recipe
 */
export function recipeJsonLd(dip: WrittenDip): Record<string, unknown> {
  const { per100g: per } = dip;
  const contains = dip.contains === '' ? '' : `Contains ${dip.contains}.`;
  const description = [dip.note, contains].filter((text) => text !== '').join(' ');
  const grams = (value: number) => `${value.toFixed(1)} g`;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: dip.name,
    ...(description === '' ? {} : { description }),
    ...(dip.source === '' ? {} : { creditText: dip.source }),
    recipeCategory: dip.family,
    dateCreated: dip.createdOn,
    recipeYield: dip.makes,
    recipeIngredient: dip.lines,
    recipeInstructions: dip.steps.map((text) => ({ '@type': 'HowToStep', text })),
    nutrition: {
      '@type': 'NutritionInformation',
      servingSize: '100 g, an estimate',
      calories: `${Math.round(per.kcal)} kcal`,
      fatContent: grams(per.fatG),
      carbohydrateContent: grams(per.carbohydrateG),
      sugarContent: grams(per.sugarsG),
      fiberContent: grams(per.fibreG),
      proteinContent: grams(per.proteinG),
      sodiumContent: `${Math.round(per.saltG * sodiumMgPerG)} mg`,
    },
  };
}
