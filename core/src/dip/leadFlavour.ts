import type { Part } from '../mix/part';
import type { Rule } from '../mix/rule';
import type { Dip } from './dip';
import type { Ingredient, Role } from '../larder/ingredient';

/** How much there is of what a dip is named for. */
export interface LeadFlavour {
  ingredient: string;
  gPer100g: number;
  /** What takes most room beside it, the most first, by id with g per 100 g. */
  dilutedBy: { ingredient: string; gPer100g: number }[];
}

/** Roles that carry a dip's name when its name says nothing. */
const bases: ReadonlySet<Role> = new Set([
  'legume',
  'vegetable',
  'green',
  'herb',
  'dairy',
  'nut-seed',
  'cheese',
]);

/** Words that name a whole kind of dip or how a thing was prepared, and so no ingredient. */
const general = new Set([
  'hummus',
  'pesto',
  'dip',
  'spread',
  'pate',
  'no',
  'without',
  'with',
  'and',
  'canned',
  'drained',
  'cooked',
  'raw',
  'roasted',
  'smoked',
  'charred',
  'black',
  'white',
  'yellow',
  'green',
  'red',
  'dried',
  'fresh',
  'sweet',
  'hard',
  'plain',
  'fine',
]);

const words = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2 && !general.has(word))
    .map((word) => word.replace(/s$/, ''));

/** What a dip is named without: `no sesame` names sesame and means it is not there. */
const unnamed = (name: string) => name.replace(/\b(no|without)\s+\S+/gi, ' ');

/** Where in a dip's name an ingredient is named; Infinity where it is not. */
function namedAt(ingredient: Ingredient, nameWords: readonly string[]): number {
  const own = new Set(
    [ingredient.name, ...(ingredient.aliases ?? [])].flatMap((name) => words(name)),
  );
  const at = nameWords.findIndex((word) => own.has(word));
  return at < 0 ? Infinity : at;
}

/**
 * The lead flavour of a dip: what the cook says it is, else the first thing its name names, else what there is most of
 * among what a dip is made from.
 *
 * @param name the dip's name
 * @param said id of the ingredient the cook named, if any
 * @returns null for a dip with nothing in it that could lead
 */
export function leadFlavour(
  parts: readonly Part[],
  name: string,
  said?: string,
): LeadFlavour | null {
  const mass = new Map<Ingredient, number>();
  let total = 0;
  for (const { ingredient, massG, place } of parts) {
    if (place === 'top') continue;
    mass.set(ingredient, (mass.get(ingredient) ?? 0) + massG);
    total += massG;
  }
  if (!(total > 0)) return null;
  const heavier = ([, a]: [Ingredient, number], [, b]: [Ingredient, number]) => b - a;
  const all = [...mass].sort(heavier);
  const nameWords = words(unnamed(name));
  const named = all
    .map(([ingredient]) => ({ ingredient, at: namedAt(ingredient, nameWords) }))
    .filter(({ at }) => at < Infinity)
    .sort((a, b) => a.at - b.at)[0]?.ingredient;
  const lead =
    all.find(([{ id }]) => id === said)?.[0] ??
    named ??
    all.find(([{ role }]) => bases.has(role))?.[0];
  if (!lead) return null;
  const per = (massG: number) => (100 * massG) / total;
  return {
    ingredient: lead.id,
    gPer100g: per(mass.get(lead) ?? 0),
    dilutedBy: all
      .filter(([ingredient]) => ingredient !== lead)
      .slice(0, 2)
      .map(([{ id }, massG]) => ({ ingredient: id, gPer100g: per(massG) })),
  };
}

/** A floor is drawn a little under what there is, so that a spoon measured badly does not break it: to so many g in a kilo. */
const floorSteps = 10;

/**
 * The rule that what leads a dip is never less of it than now.
 *
 * @returns null where it has one already, or nothing leads
 */
export function leadFloor(
  { rows, rules = [] }: Pick<Dip, 'rows' | 'rules'>,
  { ingredient, gPer100g }: LeadFlavour,
): Omit<Rule, 'id'> | null {
  const ids = rows
    .filter((row) => row.ingredientId === ingredient && row.place !== 'top')
    .map(({ id }) => id);
  const floored = rules.some(
    ({ of, sense, to }) =>
      sense === 'atLeast' &&
      'whole' in to &&
      'rows' in of &&
      ids.some((id) => of.rows.includes(id)),
  );
  const perKilo = Math.floor((10 * gPer100g) / floorSteps) * floorSteps;
  if (ids.length === 0 || floored || !(perKilo > 0)) return null;
  return {
    said: `the lead at least ${perKilo} g a kilo`,
    of: { rows: ids },
    ...{ sense: 'atLeast', times: perKilo / 1000, to: { whole: true }, by: 'weight' },
  };
}
