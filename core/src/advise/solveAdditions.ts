import type { Part } from '../bowl/part';
import type { Ingredient, Role } from '../larder/ingredient';
import { landInGrams } from '../landing/land';
import type { LandingRow } from '../landing/landing';
import type { LinearSolver } from '../landing/linearProgram';
import { type Band, isBody, type TargetName, targetNames, type Targets } from '../landing/targets';
import { closeKitchenMeasure } from '../quantity/closeMeasure';
import { nearestKitchenMeasure } from '../quantity/kitchenMeasure';
import type { MeasureSystem } from '../quantity/measureSystem';
import { measuringCv } from '../quantity/spread';
import type { BowlConditions } from './figures';

/** So much of a thing, to be added. */
export interface Addition {
  ingredient: string;
  massG: number;
  /** In the measure in hand. */
  amount: string;
}

/** Additions as parts of the bowl. */
export function additionsFor(
  add: readonly Addition[],
  byId: ReadonlyMap<string, Ingredient>,
): Part[] {
  return add.flatMap(({ ingredient, massG }) => {
    const one = byId.get(ingredient);
    return one ? [{ ingredient: one, massG, cv: measuringCv.spoon, place: 'bowl' as const }] : [];
  });
}

/** A measure further off than this is not what was reckoned; then it is weighed. */
const measureWithin = 0.15;

function inHand(massG: number, ingredient: Ingredient, system: MeasureSystem): Addition {
  const near = closeKitchenMeasure(massG, ingredient, system);
  if (Math.abs(near.massG - massG) <= measureWithin * massG) {
    return { ingredient: ingredient.id, massG: near.massG, amount: near.text };
  }
  const grams = Number(massG.toFixed(massG >= 10 ? 0 : 1));
  const shown = grams > 0 ? grams : Number(massG.toFixed(2));
  return { ingredient: ingredient.id, massG: shown, amount: `${shown} g` };
}

/** Half of each addition, rounded down to what can be measured. */
export function halfOf(
  add: readonly Addition[],
  byId: ReadonlyMap<string, Ingredient>,
  system: MeasureSystem,
): Addition[] {
  return add.flatMap(({ ingredient, massG }) => {
    const one = byId.get(ingredient);
    if (!one) return [];
    const near = nearestKitchenMeasure(massG / 2, one, system);
    if (near.massG <= massG * 0.62) {
      return [{ ingredient, massG: near.massG, amount: near.text }];
    }
    return [inHand(massG / 2, one, system)];
  });
}

/** How far towards the middle of its band a figure is aimed: body most, since it is least known. */
const inward: Partial<Record<TargetName, number>> = { freshBody: 0.35, chilledBody: 0.35 };
const usualInward = 0.15;

function aimed(targets: Targets, by: (name: TargetName) => number): Targets {
  const found: Targets = {};
  for (const name of targetNames) {
    const band = targets[name];
    if (!band) continue;
    const { low, high } = band;
    const width = low === null || high === null ? (isBody(name) ? 0.6 : 0) : high - low;
    const inside: Band = {
      low: low === null ? null : low + by(name) * width,
      high: high === null ? null : high - by(name) * width,
    };
    found[name] = inside;
  }
  return found;
}

/** Less than this of the bowl is not worth a spoon; seasonings count from far less. */
const leastShare = 1e-4;

/** Most of what is strong, as a share of the bowl: nobody mends a bowl with a cup of cumin (judgement). */
const strongMost: Partial<Record<Role, number>> = {
  salt: 0.02,
  spice: 0.004,
  aromatic: 0.015,
  umami: 0.04,
  sweetener: 0.03,
  herb: 0.05,
};

/** What a bowl may be given. */
interface Limits {
  /** Most of one thing, as a share of the bowl. */
  mostShare: number;
  bowlG: number;
  /** Nothing goes in by more than in so much more of the same dip, but for a little to balance it. */
  sameDip?: boolean;
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

/**
 * The additions to a bowl, out of a set, that bring it into its bands with the least change; what is in stays in.
 *
 * @param limits how much of each may go in
 * @returns null when nothing of the set helps; not every answer meets every band
 */
export function solveAdditions(
  { parts, method, measures, correction }: BowlConditions & { parts: readonly Part[] },
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
  const land = (wanted: Targets) =>
    landInGrams({ rows, targets: wanted, method, correction }, solver, 'cheapest');
  const careful = land(aimed(targets, (name) => inward[name] ?? usualInward));
  // near the middle where it can be, within the band where not
  const landed = careful.miss <= 1e-3 ? careful : land(targets);
  const add = set.flatMap((ingredient, i) => {
    const massG = landed.masses[parts.length + i] ?? 0;
    return massG > leastShare * limits.bowlG && massG > 0.05
      ? [inHand(massG, ingredient, measures)]
      : [];
  });
  return add.length > 0 ? add : null;
}
