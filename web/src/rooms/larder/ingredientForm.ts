import {
  type Ingredient,
  type OwnIngredient,
  type Role,
  type Structure,
} from '@cobbet/core/larder/ingredient';
import {
  type Hazard,
  hazards,
  settingFats,
  storedPlaces,
  type Traits,
} from '@cobbet/core/larder/traits';
import { plainId } from '@cobbet/core/larder/plainId';
import { readSeason, seasonText } from '@cobbet/core/larder/season';
import { pigmentOf } from '@cobbet/core/mix/blendColour';
import { typedNumber } from '@/components/reading/readingText';
import { type ComponentKey, components } from './composition';

/** Everything in the form as it is typed. */
export interface IngredientTexts extends Record<ComponentKey, string> {
  name: string;
  aliases: string;
  role: Role;
  structure: Structure;
  allergens: string;
  price: string;
  cup: string;
  pieceName: string;
  pieceG: string;
  packageG: string;
  garlicUnits: string;
  heatUnits: string;
  /** Hazards with a space between. */
  hazards: string;
  settingFat: string;
  stored: string;
  /** #rrggbb, empty for the usual colour of its role. */
  colour: string;
  /** `yes` for a raw plant. */
  freshRaw: string;
  keepsDays: string;
  /** Months, empty for all the year. */
  season: string;
}

const figure = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : String(Number(value.toFixed(2)));

/** An ingredient as the form shows it. */
export function textsOf(ingredient: Ingredient, cupMl: number): IngredientTexts {
  const composition = Object.fromEntries(
    components.map(({ key }) => [key, figure(ingredient[key])]),
  ) as Record<ComponentKey, string>;
  return {
    ...composition,
    name: ingredient.name,
    aliases: (ingredient.aliases ?? []).join(', '),
    role: ingredient.role,
    structure: ingredient.structure,
    allergens: ingredient.allergens.join(', '),
    price: figure(ingredient.costHintEurPerKg),
    cup: figure(ingredient.densityGPerMl * cupMl),
    pieceName: ingredient.pieceName ?? '',
    pieceG: figure(ingredient.pieceG),
    packageG: figure(ingredient.packageG),
    garlicUnits: figure(ingredient.garlicUnits),
    heatUnits: figure(ingredient.heatUnits),
    hazards: ingredient.hazards.join(' '),
    settingFat: ingredient.settingFat ?? '',
    stored: ingredient.stored,
    colour: ingredient.pigment?.hex ?? '',
    freshRaw: ingredient.freshRaw ? 'yes' : '',
    keepsDays: figure(ingredient.keepsDays ?? undefined),
    season: ingredient.season ? seasonText(ingredient.season) : '',
  };
}

/** Hazards written with a space between; words that are none are left out. */
export function hazardsIn(text: string): Hazard[] {
  const words = text.split(' ');
  return hazards.filter((hazard) => words.includes(hazard));
}

/** A colour typed or picked, as strong as what it is like. */
function pigmentIn(hex: string, base: Ingredient): Traits['pigment'] {
  return hex === '' ? null : { hex, strength: pigmentOf(base).strength || 1 };
}

/** What is wrong in the form, by field. */
export type FormFaults = Partial<Record<keyof IngredientTexts, string>>;

const list = (text: string) =>
  text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** What the composition typed adds up to, g of 100; null while something in it is no figure. */
export function compositionSum(texts: IngredientTexts): number | null {
  const values = components.map(({ key }) => typedNumber(texts[key]));
  return values.every((value) => value !== null)
    ? values.reduce((sum: number, value) => sum + (value ?? 0), 0)
    : null;
}

/** What can't be kept as it is typed; empty when all is well. */
export function faultsOf(texts: IngredientTexts): FormFaults {
  const faults: FormFaults = {};
  const within = (key: keyof IngredientTexts, low: number, high: number, needed: boolean) => {
    const text = texts[key];
    if (!needed && text.trim() === '') return;
    const value = typedNumber(text);
    if (value === null || value < low || value > high) faults[key] = `Between ${low} and ${high}.`;
  };
  if (texts.name.trim() === '') faults.name = 'It needs a name.';
  if (texts.name.trim().length > 120) faults.name = 'At most 120 letters.';
  for (const { key } of components) within(key, 0, 100, true);
  within('price', 0, 10_000, true);
  within('cup', 5, 700, true);
  within('pieceG', 0.01, 10_000, false);
  within('packageG', 1, 50_000, false);
  within('keepsDays', 1, 60, false);
  within('garlicUnits', 0, 100, true);
  within('heatUnits', 0, 100, true);
  if (texts.season.trim() !== '' && !readSeason(texts.season)) {
    faults.season = 'Months, such as May to September.';
  }
  const sum = compositionSum(texts);
  if (sum !== null && sum > 103) {
    faults.waterG = `Together ${sum.toFixed(1)} g: more than 100 g can hold.`;
  }
  return faults;
}

/**
 * What differs from the base, as an own ingredient that is like it.
 *
 * @param id its own; the base's where it is a correction
 * @param base what it is like
 * @param texts without faults
 * @param whole the base is the ingredient itself, and like no other
 */
export function ownFrom(
  id: string,
  base: Ingredient,
  texts: IngredientTexts,
  cupMl: number,
  whole = false,
): OwnIngredient {
  const was = textsOf(base, cupMl);
  const changed = (key: keyof IngredientTexts) => texts[key].trim() !== was[key].trim();
  const number = (key: keyof IngredientTexts) => typedNumber(texts[key]) ?? 0;
  const facts: Partial<Ingredient> = {};
  for (const { key } of components) if (changed(key)) facts[key] = number(key);
  if (changed('name')) facts.name = texts.name.trim();
  if (changed('aliases')) facts.aliases = list(texts.aliases);
  if (changed('role')) facts.role = texts.role;
  if (changed('structure')) facts.structure = texts.structure;
  if (changed('allergens')) facts.allergens = list(texts.allergens);
  if (changed('price')) facts.costHintEurPerKg = number('price');
  if (changed('cup')) facts.densityGPerMl = number('cup') / cupMl;
  if (changed('pieceName')) facts.pieceName = texts.pieceName.trim() || null;
  if (changed('pieceG')) facts.pieceG = typedNumber(texts.pieceG);
  if (changed('packageG') && texts.packageG.trim() !== '') facts.packageG = number('packageG');
  if (changed('garlicUnits')) facts.garlicUnits = number('garlicUnits');
  if (changed('heatUnits')) facts.heatUnits = number('heatUnits');
  if (changed('hazards')) facts.hazards = hazardsIn(texts.hazards);
  if (changed('settingFat')) {
    facts.settingFat = settingFats.find((fat) => fat === texts.settingFat) ?? null;
  }
  if (changed('stored')) {
    facts.stored = storedPlaces.find((place) => place === texts.stored) ?? 'room';
  }
  if (changed('colour')) facts.pigment = pigmentIn(texts.colour, base);
  if (changed('keepsDays')) {
    facts.keepsDays = texts.keepsDays.trim() === '' ? null : Math.round(number('keepsDays'));
  }
  if (changed('season')) facts.season = readSeason(texts.season);
  if (changed('freshRaw')) facts.freshRaw = texts.freshRaw === 'yes';
  // a thing of one's own that is like nothing else has nothing to be kept against
  return whole ? { ...base, ...facts } : { id, like: base.id, ...facts };
}

/** An id from a name, unlike any that is taken: `my-brown-tahini`. */
export function idFrom(name: string, taken: { has(id: string): boolean }): string {
  const plain = plainId(name) || 'own';
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? plain : `${plain}-${n}`;
    if (!taken.has(id)) return id;
  }
}
