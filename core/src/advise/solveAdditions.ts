import { closeKitchenMeasure } from '../amounts/closeMeasure';
import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import type { MeasureSystem } from '../amounts/measureSystem';
import { measuringCv } from '../amounts/measuringCv';
import { landInGrams } from '../landing/land';
import type { LandingRow } from '../landing/landing';
import type { LinearSolver } from '../landing/linearProgram';
import type { Ingredient, Role } from '../larder/ingredient';
import { sumIndex } from '../mix/bowlSums';
import type { Miss } from '../mix/figures';
import { type Part, partSumsPerGram } from '../mix/part';
import {
  insetTargets,
  isBody,
  missUnits,
  type TargetName,
  targetNames,
  type Targets,
} from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { Bowl } from '../proposal/proposal';

/** Things by id. */
export type Shelf = ReadonlyMap<string, Ingredient>;

/** Additions as parts of the bowl, measured with spoons. */
export function additionParts(add: readonly Addition[], shelf: Shelf): Part[] {
  return add.flatMap(({ ingredient: id, massG, place }) => {
    const ingredient = shelf.get(id);
    return ingredient ? [{ ingredient, massG, cv: measuringCv.spoon, place }] : [];
  });
}

/** A measure further off than this is not what was worked out; then it is weighed. */
const measureWithin = 0.15;

function inHand(massG: number, ingredient: Ingredient, system: MeasureSystem): Addition {
  const near = closeKitchenMeasure(massG, ingredient, system);
  const addition = { ingredient: ingredient.id, place: 'bowl' as const };
  if (Math.abs(near.massG - massG) <= measureWithin * massG) {
    return { ...addition, massG: near.massG, amount: near.text };
  }
  const grams = Number(massG.toFixed(massG >= 10 ? 0 : 1));
  const shown = grams > 0 ? grams : Number(massG.toFixed(2));
  return { ...addition, massG: shown, amount: `${shown} g` };
}

/** Half a measure may be rounded up to this share of the whole; more is no half. */
const mostOfHalf = 0.62;

/** Half of each addition, rounded down to what can be measured. */
export function halfOf(add: readonly Addition[], shelf: Shelf, system: MeasureSystem): Addition[] {
  return add.flatMap((one) => {
    const ingredient = shelf.get(one.ingredient);
    if (!ingredient) return [];
    const near = nearestKitchenMeasure(one.massG / 2, ingredient, system);
    if (near.massG <= one.massG * mostOfHalf) {
      return [{ ...one, massG: near.massG, amount: near.text }];
    }
    return [inHand(one.massG / 2, ingredient, system)];
  });
}

/** How far towards the middle of its band a figure is aimed, as a share of its width: body most, it is least known. */
const inward = { body: 0.35, other: 0.15 } as const;
/** What counts as the width of a band of body with an open end. */
const openBodyWidth = 0.6;

/** Near the middle of the bands, where that can be. */
function aimed(targets: Targets): Targets {
  return insetTargets(
    targets,
    (name: TargetName) => (isBody(name) ? inward.body : inward.other),
    (name: TargetName) => (isBody(name) ? openBodyWidth : 0),
  );
}

/** The most a miss can shrink when bands drawn in are given up for the whole ones, in comparable units. */
function mostRegained(targets: Targets, inner: Targets): number {
  return targetNames.reduce((sum, name) => {
    const [band, drawnIn] = [targets[name], inner[name]];
    if (!band || !drawnIn) return sum;
    const ends = [band.low, band.high].filter((end) => end !== null);
    return sum + Math.max(0, ...ends.map((end) => missUnits(name, end, drawnIn)));
  }, 0);
}

/** Less than this of the bowl is not worth a spoon; seasonings count from far less. */
const leastShare = 1e-4;
const leastG = 0.05;

/** Most of what is strong, as a share of the bowl: nobody mends a bowl with a cup of cumin (J). */
const strongMost: Partial<Record<Role, number>> = {
  salt: 0.02,
  spice: 0.004,
  aromatic: 0.015,
  umami: 0.04,
  sweetener: 0.03,
  herb: 0.05,
};

/** What a bowl may be given, and how it is looked for. */
export interface Limits {
  /** Most of one thing, as a share of the bowl. */
  mostShare: number;
  bowlG: number;
  /** Nothing goes in by more than in so much more of the same dip, but for a little to balance it. */
  sameDip?: boolean;
  /** Only a variation on what is known to work: no second starts, no finer than spoons measure, nothing that falls short. */
  rough?: boolean;
}

/** A little to balance more of the same dip, as a share of the bowl. */
const besideShare = 0.08;

/** Most of one thing that is offered, g; what is strong no more than it would be in so much more of the same dip. */
function mostOf(
  { id, role }: Ingredient,
  parts: readonly Part[],
  { mostShare, bowlG, sameDip = false }: Limits,
): number {
  const most = mostShare * bowlG;
  const thereG = parts.reduce((sum, part) => sum + (part.ingredient.id === id ? part.massG : 0), 0);
  const strong = strongMost[role];
  if (strong === undefined) {
    return sameDip ? Math.min(most, Math.max(thereG * mostShare, besideShare * bowlG)) : most;
  }
  return Math.min(most, Math.max(strong * bowlG, role === 'salt' ? 0 : thereG * mostShare));
}

/** Summed misses that still count as aimed well enough. */
const wellAimed = 1e-3;

const seasonings = { saltG: sumIndex.saltG, acidG: sumIndex.acidG, garlicG: sumIndex.garlicG };

/**
 * Whether a set can move every seasoning that is missed the right way: only what is saltier than the band's low end
 * raises salt to it, only what is less salty than its high end brings it down.
 */
export function canReach(misses: readonly Miss[], targets: Targets, set: readonly Ingredient[]) {
  const share = (ingredient: Ingredient, name: keyof typeof seasonings) =>
    100 * partSumsPerGram({ ingredient })[seasonings[name]];
  return misses.every(({ name, miss }) => {
    if (name !== 'saltG' && name !== 'acidG' && name !== 'garlicG') return true;
    const { low = null, high = null } = targets[name] ?? {};
    return set.some((one) =>
      miss > 0 ? share(one, name) > (low ?? 0) : share(one, name) < (high ?? Infinity),
    );
  });
}

/**
 * The additions to a bowl, out of a set, that bring it into its bands with the least change; what is in stays in.
 *
 * @param limits how much of each may go in
 * @returns null when nothing of the set helps; not every answer meets every band, but for rough ones
 */
export function solveAdditions(
  { parts, conditions }: Pick<Bowl, 'parts' | 'conditions'>,
  targets: Targets,
  set: readonly Ingredient[],
  limits: Limits,
  solver: LinearSolver,
): Addition[] | null {
  const rows: LandingRow[] = [
    ...parts.map((part) => ({ ...part, hold: true })),
    ...set.map((ingredient): LandingRow => ({
      ingredient,
      massG: 0,
      cv: measuringCv.spoon,
      place: 'bowl',
      hold: false,
      minG: 0,
      maxG: mostOf(ingredient, parts, limits),
    })),
  ];
  const rough = limits.rough === true;
  const land = (wanted: Targets) =>
    landInGrams(
      { rows, targets: wanted, conditions },
      solver,
      rough ? 'spoons' : 'cheapest',
      !rough,
    );
  const inner = aimed(targets);
  const careful = land(inner);
  // too far from the drawn-in bands to reach the whole ones
  if (rough && careful.miss > mostRegained(targets, inner) + wellAimed) return null;
  // near the middle where it can be, within the band where not
  const landed = careful.miss <= wellAimed ? careful : land(targets);
  const add = set.flatMap((ingredient, i) => {
    const massG = landed.masses[parts.length + i] ?? 0;
    return massG > leastShare * limits.bowlG && massG > leastG
      ? [inHand(massG, ingredient, conditions.measures)]
      : [];
  });
  return add.length > 0 ? add : null;
}
