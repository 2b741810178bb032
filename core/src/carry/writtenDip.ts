import { analyse } from '../dip/analyse';
import { lineOfRow } from './lineOfRow';
import { type DipInKitchen } from '../dip/analyseDip';
import type { WorkedIn } from '../dip/dip';
import { usualWorking } from '../dip/usualWorking';
import { printGrams } from '../amounts/printAmount';
import type { LineContext } from '../lines/readLine';
import { allergenWord } from '../larder/allergenWord';
import { familyNames } from '../mix/families';

/** A dip in words, for whatever it is carried in. */
export interface WrittenDip {
  name: string;
  family: string;
  note: string;
  source: string;
  /** `575 g, 9 portions of 60 g` */
  makes: string;
  /** What goes in, in order: `1/3 cup tahini, hulled (81 g)`; folded in and on top where it says so. */
  lines: string[];
  /** How each is worked in, in order. */
  steps: string[];
  /** `sesame, milk`; empty for none. */
  contains: string;
  /** Of 100 g, an estimate. */
  per100g: {
    kcal: number;
    fatG: number;
    carbohydrateG: number;
    sugarsG: number;
    fibreG: number;
    proteinG: number;
    saltG: number;
  };
  /** `2026-05-06` */
  createdOn: string;
}

const verbs: Record<WorkedIn['how'], string> = {
  pulse: 'pulse it in',
  long: 'run long',
  stream: 'stream it in, running',
  scrape: 'scrape down and run',
  stir: 'stir it in by hand',
};

/**
 * A dip as it is written, in words that the line reader understands again.
 *
 * @param read in its kitchen
 * @param kitchen whose larder and measures a reader of it is taken to have
 */
export function writtenDip(read: DipInKitchen, kitchen: LineContext): WrittenDip {
  const { dip, rows, parts, conditions, machine } = read;
  const { massG, per100g, allergens } = analyse(parts, conditions);
  const portions = Math.floor(massG / dip.portionG);
  const told = rows.map((one) => {
    const { row, ingredient } = one;
    const { line, prepSaid } = lineOfRow(one, kitchen);
    const working =
      row.worked ?? (ingredient && usualWorking(ingredient, row.place, machine, dip.method.grind));
    const how = working ? `${verbs[working.how]}: ${working.lookFor}` : 'strewn over when served';
    const prep = prepSaid || row.prep === '' ? '' : `${row.prep}; `;
    return { line, step: `${ingredient?.name ?? row.ingredientId}: ${prep}${how}.` };
  });
  return {
    ...{ name: dip.name, family: familyNames[dip.family], note: dip.note },
    source: dip.source ?? '',
    makes: `${printGrams(massG)}, ${portions} ${portions === 1 ? 'portion' : 'portions'} of ${dip.portionG} g`,
    lines: told.map(({ line }) => line),
    steps: told.map(({ step }) => step),
    contains: allergens.map(allergenWord).join(', '),
    per100g,
    createdOn: dip.createdAt.slice(0, 10),
  };
}
