import { type FitsDiet, type Ingredient } from '../larder/ingredient';
import type { Hazard, Traits } from '../larder/traits';
import { mixedHex, pigmentOf } from '../mix/blendColour';
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

/** What heat through and through does away with. */
const undoneByHeat: readonly Hazard[] = ['raw-in-oil', 'raw-garlic'];

function dietOf(parts: readonly SomePart[], diet: 'vegan' | 'vegetarian'): FitsDiet {
  const all = parts.map(({ ingredient }) => ingredient[diet]);
  if (all.includes(false)) return false;
  return all.includes('check') ? 'check' : true;
}

/** Traits that it has of what it is made of, whatever it is used as. */
function traitsOf(
  parts: readonly SomePart[],
  { id, like, keepsDays }: MadeAs,
  heated: boolean,
): Partial<Traits> {
  const inIt = parts.map(({ ingredient }) => ingredient);
  // what a bought one may hold is known of one's own
  const ofLike = like.hazards.filter((one) => one !== 'read-label');
  const hazards = new Set([...inIt.flatMap((one) => one.hazards), ...ofLike]);
  const garlic = inIt.some((one) => one.hazards.includes('raw-garlic'));
  const oil = inIt.some(({ role }) => role === 'oil');
  if (heated) for (const gone of undoneByHeat) hazards.delete(gone);
  // heat at a hob leaves the spores
  if (garlic && oil) hazards.add('garlic-in-oil');
  const days = inIt.flatMap((one) => one.keepsDays ?? []);
  return {
    ...{
      kind: id,
      hazards: [...hazards],
      keepsDays: Math.min(keepsDays, ...days),
      stored: 'fridge',
    },
    freshRaw: !heated && inIt.some(({ freshRaw }) => freshRaw),
    smoky: inIt.some(({ smoky }) => smoky),
    ...{ bunchG: null, canShare: null, cannedAs: null, cookedAs: null, soldAs: null },
    ...{ boughtReady: false, measuredPacked: false },
  };
}

const summed = (parts: readonly SomePart[], of: (ingredient: Ingredient) => number): number =>
  parts.reduce((sum, { ingredient, massG }) => sum + massG * of(ingredient), 0);

/** What most of the fat came with. */
function mostOfFat(parts: readonly SomePart[]): Ingredient | undefined {
  const fat = ({ ingredient, massG }: SomePart) => ingredient.fatG * massG;
  return [...parts].sort((a, b) => fat(b) - fat(a))[0]?.ingredient;
}

/** What stands for it in the larder, whatever it is: nobody sells it, and nobody's table has it. */
function base({ id, name, like }: MadeAs, parts: readonly SomePart[]): Ingredient {
  const { packageG: _pack, aliases: _aliases, season: _season, measureNote: _note, ...rest } = like;
  const allergens = [...new Set(parts.flatMap(({ ingredient }) => ingredient.allergens))];
  const { sourceKind: _kind, confidence: _sure, ...one } = rest;
  return {
    ...{ ...one, id, name, allergens },
    ...{ vegan: dietOf(parts, 'vegan'), vegetarian: dietOf(parts, 'vegetarian') },
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
    ...{ ...base(as, parts), ...composition, ...traitsOf(parts, as, heated) },
    ...{ garlicUnits: flavour('garlicUnits'), heatUnits: flavour('heatUnits') },
    ...{ bitterUnits: flavour('bitterUnits'), umamiUnits: flavour('umamiUnits') },
    costHintEurPerKg: cost / massG,
    sesameShare: divided ? Math.min(sesameShare, as.like.sesameShare) : sesameShare,
    saturatesG: saturated * per100(masses.fatG),
    settingFat: mostOfFat(parts)?.settingFat ?? null,
  };
}

/**
 * A dip as an ingredient of another: in the bowl it counts as exactly what it is made of.
 *
 * @param parts blended and folded in, g > 0 in all
 * @param gPerMl as it is measured, with its air
 */
export function dipIngredient(as: MadeAs, parts: readonly SomePart[], gPerMl: number): Ingredient {
  const massG = parts.reduce((sum, one) => sum + one.massG, 0);
  const of = (key: (ingredient: Ingredient) => number) => summed(parts, key) / massG;
  const strength = of((one) => pigmentOf(one).strength);
  const hex = mixedHex(
    parts.map(({ ingredient, massG: g }) => {
      const pigment = pigmentOf(ingredient);
      return { hex: pigment.hex, weight: g * pigment.strength };
    }),
  );
  return {
    ...{ ...base(as, parts), ...traitsOf(parts, as, false) },
    ...{ waterG: of((one) => one.waterG), fatG: of((one) => one.fatG) },
    ...{ proteinG: of((one) => one.proteinG), starchG: of((one) => one.starchG) },
    ...{ sugarsG: of((one) => one.sugarsG), fibreG: of((one) => one.fibreG) },
    ...{
      saltG: of((one) => one.saltG),
      acidG: of((one) => one.acidG),
      ashG: of((one) => one.ashG),
    },
    ...{ garlicUnits: of((one) => one.garlicUnits), heatUnits: of((one) => one.heatUnits) },
    ...{ bitterUnits: of((one) => one.bitterUnits), umamiUnits: of((one) => one.umamiUnits) },
    costHintEurPerKg: of((one) => one.costHintEurPerKg),
    sesameShare: of((one) => one.sesameShare),
    saturatesG: of(saturatesOf),
    browns: Math.max(0, ...parts.map(({ ingredient }) => ingredient.browns)),
    pigment: hex === null ? null : { hex, strength },
    densityGPerMl: gPerMl,
    ...{ pieceName: null, pieceG: null, morePieces: {}, grains: false, fruity: false },
    madeOf: parts
      .filter((one) => one.massG > 0)
      .map((one) => ({ ingredient: one.ingredient, share: one.massG / massG })),
  };
}
