import type { Measurable } from './measurable';
import {
  fuzzyVolumesMl,
  massUnitsG,
  type Fill,
  type Measure,
  metricVolumesMl,
  type Result,
  type Unreadable,
} from './amount';
import { type MeasureSystem, systemVolumesMl, unsizedCanG } from './measureSystem';
import { singular } from './pieceWords';
import { combineCv, cvOfRange } from '../statistics/spread';
import { measuringCv } from './measuringCv';
import { pieceWord } from './printAmount';

/** An amount in grams with the spread of the way it was measured. */
export interface Grams {
  massG: number;
  /** Coefficient of variation, 0 or more. */
  cv: number;
}

export type GramsResult = Result<Grams, Unreadable>;

/** Fill of a spoon or cup against a level one (engineering judgement). */
export const fillFactor = {
  level: 1,
  heaped: 1.5,
  rounded: 1.25,
  scant: 0.9,
  generous: 1.1,
  packed: 1,
  loose: 0.65,
  chopped: 1,
} as const;
/**
 * Leaves and fronds against a packed cup of them; nobody's word for it is a level one, and in a spoon they are chopped
 * (data/ingredients.csv: parsley 39 g packed, 60 chopped; rocket 20 loose, 35 packed; spinach 30 loose, 45 packed).
 */
export const leafFill = { packed: 1, level: 0.75, loose: 0.65, chopped: 1.4 } as const;
/** Small and large pieces against medium ones (data/yields.csv: lemons 28, 45, 60 ml; cloves 2.5, 4, 7 g). */
const sizeFactor = { small: 0.62, medium: 1, large: 1.4 } as const;
/** Cloves in a bulb of garlic: data/yields.csv, garlic-bulb-cloves. */
const clovesPerHead = 11;
const handfulG = { leaf: 20, other: 30 } as const;

const flowing = new Set(['liquid', 'oil', 'sesame-paste', 'nut-butter', 'dairy-gel', 'emulsion']);

/** Whether a cup of it is read like a liquid: it pours or levels itself. */
export function levelsItself(ingredient: Measurable): boolean {
  return flowing.has(ingredient.structure) && !ingredient.grains;
}

function fail(part: string, message: string): GramsResult {
  return { ok: false, error: { part, message } };
}

/** What to say instead, from what this ingredient can be measured in. */
function ways(ingredient: Measurable): string {
  const ways = ['g', 'ml', 'cups', 'spoons'];
  const piece = ingredient.pieceName?.split(/[(,]/)[0]?.trim();
  if (piece) ways.push(`pieces (${piece})`);
  if (ingredient.canShare) ways.push('cans');
  if (ingredient.bunchG) ways.push('bunches');
  return `${ways.slice(0, -1).join(', ')} or ${ways.at(-1)}`;
}

function cantTake(what: string, ingredient: Measurable): GramsResult {
  return fail(what, `${ingredient.name} can't be measured in ${what}; use ${ways(ingredient)}.`);
}

function pieces(measure: Measure, ingredient: Measurable): GramsResult {
  const { pieceName, pieceG } = ingredient;
  const word = measure.piece ?? '';
  const size = sizeFactor[measure.size ?? 'medium'];
  const count = measure.value * size;
  const many = pieceWord(word, 2);
  const written = measure.part ? `${measure.part} of ${many}` : many;
  const further = word === '' || measure.part ? undefined : ingredient.morePieces[word];
  if (further) return { ok: true, value: { massG: count * further, cv: measuringCv.piece } };
  if (!pieceName || !pieceG) {
    return word === ''
      ? fail(
          String(measure.value),
          `How much is ${measure.value}? ${ingredient.name} needs a measure: ${ways(ingredient)}.`,
        )
      : cantTake(written, ingredient);
  }
  const [headText = '', ...restText] = pieceName.toLowerCase().split(/[(,]/);
  const headWords = headText.trim().split(/\s+/).map(singular);
  const isPart = restText.join(' ').match(/juice|zest/)?.[0];
  if (measure.part && (measure.part !== isPart || !headWords.includes(word))) {
    return cantTake(written, ingredient);
  }
  if (word === '' || headWords.includes(word) || headWords.join(' ') === word) {
    return { ok: true, value: { massG: count * pieceG, cv: measuringCv.piece } };
  }
  if (word === 'head' && headWords.includes('clove')) {
    return { ok: true, value: { massG: count * clovesPerHead * pieceG, cv: measuringCv.piece } };
  }
  const own = singular(ingredient.name.toLowerCase().split(/[\s,]/)[0] ?? '');
  if (word === own && headWords.includes('half')) {
    return { ok: true, value: { massG: count * 2 * pieceG, cv: measuringCv.piece } };
  }
  return cantTake(written, ingredient);
}

/** A package that is all this ingredient. */
const wholePackage = { low: 0.97, typical: 1, high: 1.03 };

function cans(measure: Measure, ingredient: Measurable, system: MeasureSystem): GramsResult {
  const share = ingredient.canShare ?? (ingredient.packageG ? wholePackage : null);
  if (!share) return cantTake('cans', ingredient);
  const size = measure.packageSize;
  let netG = ingredient.packageG ?? unsizedCanG(system);
  if (size) {
    const { unit } = size;
    if (unit in massUnitsG) netG = size.value * massUnitsG[unit as keyof typeof massUnitsG];
    else if (unit === 'floz') netG = size.value * systemVolumesMl[system].floz;
    else netG = size.value * metricVolumesMl[unit as keyof typeof metricVolumesMl];
  }
  return {
    ok: true,
    value: {
      massG: measure.value * netG * share.typical,
      cv: cvOfRange(share.low, share.typical, share.high),
    },
  };
}

function volumeCv(measure: Measure, ingredient: Measurable, spoon: boolean): number {
  const packed = ['packed', 'loose', 'chopped'].includes(measure.fill ?? '');
  if (ingredient.structure === 'leaf' && (packed || !spoon)) return measuringCv.packedLeaves;
  const base = spoon
    ? measuringCv.spoon
    : levelsItself(ingredient)
      ? measuringCv.cupOfLiquid
      : measuringCv.cupOfPieces;
  // a fill that is judged, not struck off level, spreads as much again
  const judged = measure.fill && measure.fill !== 'level' && !packed ? 0.15 : 0;
  return combineCv(base, judged);
}

/** Leaves and fronds whose cup is a packed one: how they are cut and pressed decides how many go in. */
export function packsAsLeaves({ structure, measuredPacked }: Measurable): boolean {
  return structure === 'leaf' && measuredPacked === true;
}

function leafFactor(fill: Fill | undefined, spoon: boolean): number {
  if (fill === undefined) return spoon ? leafFill.chopped : leafFill.level;
  if (fill === 'packed' || fill === 'level' || fill === 'loose' || fill === 'chopped') {
    return leafFill[fill];
  }
  return fillFactor[fill] * (spoon ? leafFill.chopped : leafFill.level);
}

function plainFactor(fill: Fill | undefined, ingredient: Measurable): number {
  // what is no leaf packs a little, unless it pours or was measured so
  if (fill === 'packed') return ingredient.measuredPacked || levelsItself(ingredient) ? 1 : 1.1;
  return fillFactor[fill ?? 'level'];
}

function volume(ml: number, measure: Measure, ingredient: Measurable, spoon: boolean): GramsResult {
  const factor = packsAsLeaves(ingredient)
    ? leafFactor(measure.fill, spoon)
    : plainFactor(measure.fill, ingredient);
  return {
    ok: true,
    value: {
      massG: measure.value * ml * factor * ingredient.densityGPerMl,
      cv: volumeCv(measure, ingredient, spoon),
    },
  };
}

function fuzzy(measure: Measure, ingredient: Measurable): GramsResult {
  const unit = measure.unit as keyof typeof fuzzyVolumesMl;
  const pourable = levelsItself(ingredient);
  if (!pourable && !['pinch', 'dash', 'grind', 'grating'].includes(unit)) {
    return cantTake(`${unit}es`.replace(/(drizzle|glug|squeeze|drop)es$/, '$1s'), ingredient);
  }
  const massG = measure.value * fuzzyVolumesMl[unit] * ingredient.densityGPerMl;
  return { ok: true, value: { massG, cv: measuringCv.fuzzy } };
}

/**
 * One measure of an ingredient in grams, through its density, piece or package.
 *
 * @returns mass in g with the spread of that way of measuring, or why this ingredient can't be measured so
 */
export function measureInGrams(
  measure: Measure,
  ingredient: Measurable,
  system: MeasureSystem,
): GramsResult {
  const { unit, value } = measure;
  switch (unit) {
    case 'mg':
    case 'g':
    case 'kg':
    case 'oz':
    case 'lb':
      return { ok: true, value: { massG: value * massUnitsG[unit], cv: measuringCv.weighed } };
    case 'ml':
    case 'cl':
    case 'dl':
    case 'l':
      return volume(metricVolumesMl[unit], measure, ingredient, false);
    case 'cup':
    case 'floz':
    case 'pint':
    case 'quart':
      return volume(systemVolumesMl[system][unit], measure, ingredient, false);
    case 'tbsp':
    case 'dsp':
    case 'tsp':
      return volume(systemVolumesMl[system][unit], measure, ingredient, true);
    case 'pinch':
    case 'dash':
    case 'splash':
    case 'drizzle':
    case 'glug':
    case 'squeeze':
    case 'grind':
    case 'grating':
    case 'drop':
      return fuzzy(measure, ingredient);
    case 'handful': {
      if (levelsItself(ingredient)) return cantTake('handfuls', ingredient);
      const each = ingredient.structure === 'leaf' ? handfulG.leaf : handfulG.other;
      const massG = value * each * sizeFactor[measure.size ?? 'medium'];
      return { ok: true, value: { massG, cv: measuringCv.fuzzy } };
    }
    case 'can':
      return cans(measure, ingredient, system);
    case 'bunch': {
      const bunch = ingredient.bunchG;
      if (!bunch) return cantTake('bunches', ingredient);
      const cv = cvOfRange(bunch.low, bunch.typical, bunch.high);
      const massG = value * bunch.typical * sizeFactor[measure.size ?? 'medium'];
      return { ok: true, value: { massG, cv } };
    }
    case 'piece':
      return pieces(measure, ingredient);
  }
}
