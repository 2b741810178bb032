import { type Ingredient, compositionKeys } from '../larder/ingredient';
import type { Part } from '../mix/part';

/** What something is made of, g of each, with what its figures leave unsaid. */
export type Masses = Record<(typeof compositionKeys)[number] | 'unsaidG', number>;

/** What runs off of what was made, if anything does: the oil, or the liquid with what is dissolved in it. */
export const offKinds = ['oil', 'water'] as const;
export type OffKind = (typeof offKinds)[number];

/** How something that was made is divided. */
export interface Division {
  /** What stays, as a share of what went in. */
  stays: number;
  off: { kind: OffKind; share: number } | null;
  /** It is heated: what is lost is water first. */
  heated: boolean;
}

/** One thing that comes of it. */
export interface Portion {
  massG: number;
  masses: Masses;
  /** Of each thing that went in, the share of its cost that this one bears. */
  costShares: number[];
}

/** Of protein, the share that is dissolved where a liquid runs off, as of the protein of milk that is whey (J). */
const dissolvedProtein = 0.2;
const keys = [...compositionKeys, 'unsaidG'] as const;

const none = (): Masses => Object.fromEntries(keys.map((key) => [key, 0])) as Masses;
const sumOf = (masses: Masses): number => keys.reduce((sum, key) => sum + masses[key], 0);
const scaled = (masses: Masses, share: (key: keyof Masses) => number): Masses =>
  Object.fromEntries(keys.map((key) => [key, masses[key] * share(key)])) as Masses;
const less = (from: Masses, taken: Masses): Masses =>
  Object.fromEntries(keys.map((key) => [key, from[key] - taken[key]])) as Masses;

function massesOf(ingredient: Ingredient, massG: number): Masses {
  const masses = none();
  for (const key of compositionKeys) masses[key] = (ingredient[key] * massG) / 100;
  masses.unsaidG = Math.max(0, massG - sumOf(masses));
  // tables of foods add up to a little more than 100 now and then
  const over = sumOf(masses) / massG;
  return massG > 0 ? scaled(masses, () => 1 / over) : none();
}

/** Of each constituent, the share that runs off. */
function offShares(total: Masses, kind: OffKind, massG: number): (key: keyof Masses) => number {
  if (kind === 'oil') {
    const share = total.fatG > 0 ? Math.min(1, massG / total.fatG) : 0;
    return (key) => (key === 'fatG' ? share : 0);
  }
  const weight: Partial<Record<keyof Masses, number>> = {
    ...{ waterG: 1, sugarsG: 1, saltG: 1, acidG: 1, ashG: 1, proteinG: dissolvedProtein },
  };
  const liquid = keys.reduce((sum, key) => sum + total[key] * (weight[key] ?? 0), 0);
  const share = liquid > 0 ? Math.min(1, massG / liquid) : 0;
  return (key) => share * (weight[key] ?? 0);
}

/** The share of a thing's cost that some of it bears: by what is not water, where there is anything else. */
function bornBy(some: Masses, all: Masses): number {
  const solids = (of: Masses) => sumOf(of) - of.waterG;
  if (solids(all) > 1e-9) return solids(some) / solids(all);
  return all.waterG > 0 ? some.waterG / all.waterG : 0;
}

/**
 * Divides what was made by mass balance: what runs off is oil, or water with what is dissolved in it at one strength; the rest stays, less
 * what is lost, which is water first where it was heated and else some of everything.
 *
 * @param parts all that went in, g > 0 in all
 * @param division shares of what went in; together 1 at most
 * @returns what stays, what runs off, and what is lost; each constituent is conserved, and so is cost
 */
export function splitMass(
  parts: readonly Pick<Part, 'ingredient' | 'massG'>[],
  { stays, off, heated }: Division,
): { stays: Portion; off: Portion | null; lostG: number } {
  const each = parts.map(({ ingredient, massG }) => massesOf(ingredient, massG));
  const total = none();
  for (const key of keys) total[key] = each.reduce((sum, one) => sum + one[key], 0);
  const inG = sumOf(total);
  const shareOff = off ? offShares(total, off.kind, off.share * inG) : () => 0;
  const ranOff = scaled(total, shareOff);
  const rest = less(total, ranOff);
  const restG = sumOf(rest);
  const staysG = Math.min(restG, stays * inG);
  const lostG = restG - staysG;
  const water = heated ? Math.min(lostG, rest.waterG) : 0;
  const dried = { ...rest, waterG: rest.waterG - water };
  const driedG = sumOf(dried);
  const kept = scaled(dried, () => (driedG > 0 ? staysG / driedG : 0));
  const costOff = each.map((one) => bornBy(scaled(one, shareOff), one));
  return {
    stays: { massG: staysG, masses: kept, costShares: costOff.map((share) => 1 - share) },
    off: off && { massG: sumOf(ranOff), masses: ranOff, costShares: costOff },
    lostG,
  };
}
