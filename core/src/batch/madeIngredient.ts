import { allergensOf } from '../dip/analyse';
import { dietFit } from '../dip/diets';
import { compositionKeys, type Ingredient } from '../larder/ingredient';
import type { Hazard, Traits } from '../larder/traits';
import { blendColour, pigmentOf } from '../mix/blendColour';
import type { Part } from '../mix/part';
import { saturatesOf } from './nutrition';
import type { Portion } from './splitMass';

type SomePart = Pick<Part, 'ingredient' | 'massG'>;

/** What something made here is called and behaves like. */
export interface MadeAs {
  id: string;
  name: string;
  /** What it is used as: its role, and how its solids hold water and oil. */
  like: Ingredient;
  /** Days it keeps at most. */
  keepsDays: number;
}

const summed = (parts: readonly SomePart[], of: (ingredient: Ingredient) => number): number =>
  parts.reduce((sum, { ingredient, massG }) => sum + massG * of(ingredient), 0);

/** Traits that it has of what it is made of, whatever it is used as. */
function traitsOf(parts: readonly SomePart[], { id, keepsDays }: MadeAs): Partial<Traits> {
  const inIt = parts.map(({ ingredient }) => ingredient);
  return {
    ...{ kind: id, stored: 'fridge' },
    hazards: [...new Set(inIt.flatMap((one) => one.hazards))],
    keepsDays: Math.min(keepsDays, ...inIt.flatMap((one) => one.keepsDays ?? [])),
    freshRaw: inIt.some(({ freshRaw }) => freshRaw),
    smoky: inIt.some(({ smoky }) => smoky),
    ...{ bunchG: null, canShare: null, cannedAs: null, cookedAs: null, soldAs: null },
    ...{ boughtReady: false, measuredPacked: false },
  };
}

/** What heat through and through does away with, where oil does not shut the air out. */
const undoneByHeat: readonly Hazard[] = ['raw-in-oil', 'raw-garlic'];

/** Garlic that is moist, however it was made ready: dry it brings nothing into oil that grows. */
const isMoistGarlic = ({ garlicUnits, waterG }: Ingredient) => garlicUnits > 0.02 && waterG > 20;

/** Hazards of a thing that is no dip: heat takes some, and garlic with oil around it is garlic in oil, heated at a hob or not. */
function thingHazards(
  parts: readonly SomePart[],
  like: Ingredient,
  heated: boolean,
): readonly Hazard[] {
  // what a bought one may hold is known of one's own
  const ofLike = like.hazards.filter((one) => one !== 'read-label');
  const hazards = new Set([...parts.flatMap(({ ingredient }) => ingredient.hazards), ...ofLike]);
  const oilG = summed(parts, ({ role }) => (role === 'oil' ? 1 : 0));
  const isOilAround = oilG > summed(parts, ({ waterG }) => waterG / 100);
  if (heated && !isOilAround) for (const gone of undoneByHeat) hazards.delete(gone);
  if (isOilAround && parts.some(({ ingredient }) => isMoistGarlic(ingredient))) {
    hazards.delete('raw-garlic');
    hazards.add('garlic-in-oil');
  }
  return [...hazards];
}

/** What most of the fat came with. */
function mostOfFat(parts: readonly SomePart[]): Ingredient | undefined {
  const fat = ({ ingredient, massG }: SomePart) => ingredient.fatG * massG;
  return [...parts].sort((a, b) => fat(b) - fat(a))[0]?.ingredient;
}

/** What stands for it in the larder, whatever it is: nobody sells it, and nobody's table has it. */
function base({ id, name, like }: MadeAs, parts: readonly SomePart[]): Ingredient {
  const { packageG: _pack, aliases: _aliases, season: _season, measureNote: _note, ...rest } = like;
  const { sourceKind: _kind, confidence: _sure, ...one } = rest;
  return {
    ...{ ...one, id, name, allergens: allergensOf(parts) },
    ...{ vegan: dietFit(parts, 'vegan').fits, vegetarian: dietFit(parts, 'vegetarian').fits },
  };
}

/**
 * One thing that comes of what was made, as an ingredient: its composition by mass balance, its allergens and hazards those of all that went
 * in, what it costs by what of it went where. Flavours are by mass where nothing ran off, else those of what it is used as.
 *
 * @param parts all that went in
 * @param portion of it that this is; massG > 0
 */
export function portionIngredient(
  as: MadeAs,
  parts: readonly SomePart[],
  { massG, masses, costShares }: Portion,
  { divided, heated }: { divided: boolean; heated: boolean },
): Ingredient {
  const per100 = (grams: number) => (100 * grams) / massG;
  const flavour = (key: 'garlicUnits' | 'heatUnits' | 'bitterUnits' | 'umamiUnits') =>
    divided ? as.like[key] : summed(parts, (one) => one[key]) / massG;
  const cost = parts.reduce(
    (sum, { ingredient, massG: g }, i) =>
      sum + g * ingredient.costHintEurPerKg * (costShares[i] ?? 0),
    0,
  );
  const sesameShare = Math.min(1, summed(parts, (one) => one.sesameShare) / massG);
  const { unsaidG: _unsaid, ...figures } = masses;
  const fat = summed(parts, (one) => one.fatG);
  const saturated = fat > 0 ? summed(parts, saturatesOf) / fat : 0;
  const composition = Object.fromEntries(
    Object.entries(figures).map(([key, grams]: [string, number]) => [key, per100(grams)]),
  );
  return {
    ...{ ...base(as, parts), ...composition, ...traitsOf(parts, as) },
    hazards: thingHazards(parts, as.like, heated),
    freshRaw: !heated && parts.some(({ ingredient }) => ingredient.freshRaw),
    ...{ garlicUnits: flavour('garlicUnits'), heatUnits: flavour('heatUnits') },
    ...{ bitterUnits: flavour('bitterUnits'), umamiUnits: flavour('umamiUnits') },
    costHintEurPerKg: cost / massG,
    sesameShare: divided ? Math.min(sesameShare, as.like.sesameShare) : sesameShare,
    saturatesG: saturated * per100(masses.fatG),
    settingFat: mostOfFat(parts)?.settingFat ?? null,
  };
}

/** Figures that a mix has by mass. */
const byMass = [
  ...compositionKeys,
  ...(['garlicUnits', 'heatUnits', 'bitterUnits', 'umamiUnits'] as const),
  ...(['costHintEurPerKg', 'sesameShare'] as const),
] as const;

/**
 * A dip as an ingredient of another: in the bowl it counts as exactly what it is made of.
 *
 * @param parts blended and folded in, each of some mass
 * @param gPerMl as it is measured, with its air
 */
export function dipIngredient(as: MadeAs, parts: readonly SomePart[], gPerMl: number): Ingredient {
  const massG = parts.reduce((sum, one) => sum + one.massG, 0);
  const of = (key: (ingredient: Ingredient) => number) => summed(parts, key) / massG;
  const averaged = Object.fromEntries(byMass.map((key) => [key, of((one) => one[key])]));
  const hex = blendColour(parts.map((one) => ({ ...one, place: 'bowl' })));
  return {
    ...{ ...base(as, parts), ...traitsOf(parts, as), ...averaged },
    saturatesG: of(saturatesOf),
    browns: Math.max(0, ...parts.map(({ ingredient }) => ingredient.browns)),
    pigment: hex === null ? null : { hex, strength: of((one) => pigmentOf(one).strength) },
    densityGPerMl: gPerMl,
    ...{ pieceName: null, pieceG: null, morePieces: {}, grains: false, fruity: false },
    madeOf: parts.map((one) => ({ ingredient: one.ingredient, share: one.massG / massG })),
  };
}
