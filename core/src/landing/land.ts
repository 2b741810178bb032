import { spoonOf } from '../amounts/spoon';
import { fragileBeyond } from '../dip/fragile';
import { bodyState } from '../mix/bodyModel';
import { addTo, copyOf } from '../mix/bowlSums';
import { massOf } from '../mix/mix';
import { dipMass } from '../mix/part';
import {
  type Landing,
  massesOf,
  mixAt,
  prepareLanding,
  totalMiss,
  type LandingRequest,
} from './landing';
import type { LinearSolver } from './linearProgram';
import { type Goal, type Landed, sequentialLinear } from './sequentialLinear';
import { insetTargets, type Targets } from '../mix/targets';

/** How far inside each band to aim where nobody says, as a share of its width. */
const aimInside = 0.02;
/** Summed misses, in comparable units, that still count as landed. */
export const landedWithin = 1e-4;
/** Where no yield is asked for, a landing keeps at least this share of the mass if it can. */
const leastOfSize = 0.6;

/** Bands drawn in a little, so that rounding and the model's curve stay inside. */
export function aimedTargets(targets: Targets, aim = aimInside): Targets {
  return insetTargets(targets, () => aim);
}

/** The most that one spoon more of any loose or oily part would move body. */
function spoonEffect(landing: Landing, masses: readonly number[]): number {
  const { blended } = mixAt(landing, masses);
  const now = bodyState(blended, landing.conditions.blending);
  if (!now) return 0;
  let most = 0;
  landing.rows.forEach((row, i) => {
    const per = landing.perGram[i];
    const loose = ['liquid', 'oil', 'sesame-paste'].includes(row.ingredient.structure);
    if (!per || row.place !== 'bowl' || !loose || row.ingredient.role === 'sweetener') return;
    const more = copyOf(blended);
    addTo(more, per, spoonOf(row.ingredient, landing.conditions.measures).massG);
    const then = bodyState(more, landing.conditions.blending);
    if (then) most = Math.max(most, Math.abs(then.lnTau - now.lnTau) / Math.LN2);
  });
  return most;
}

/** A start with the liquids at a share of the mass, to get past the bump where tahini seizes. */
function startWithLiquids(landing: Landing, share: number): number[] | null {
  const isLiquid = (index: number) => {
    const ingredient = landing.rows[index]?.ingredient;
    return ingredient?.role === 'liquid' || ingredient?.role === 'acid';
  };
  const liquids = landing.free.filter((row) => isLiquid(row.index));
  const now = liquids.reduce((sum, row) => sum + row.reference, 0);
  if (liquids.length === 0) return null;
  const others = landing.free
    .filter((row) => !isLiquid(row.index))
    .reduce((sum, row) => sum + row.reference, 0);
  const wanted = ((others + massOf(landing.fixed)) * share) / (1 - share);
  return landing.free.map((row) => {
    if (!isLiquid(row.index)) return row.reference;
    return now > 0 ? (row.reference * wanted) / now : wanted / liquids.length;
  });
}

/** A landing in grams. */
export interface GramLanding extends Landed {
  landing: Landing;
  /** Masses of all rows, g. */
  masses: number[];
}

function better(a: GramLanding, b: GramLanding): GramLanding {
  const aLands = a.miss <= landedWithin;
  const bLands = b.miss <= landedWithin;
  if (aLands !== bLands) return aLands ? a : b;
  if (!aLands) return a.miss <= b.miss ? a : b;
  const price = (one: GramLanding) =>
    one.cost + 20 * Math.max(0, spoonEffect(one.landing, one.masses) - fragileBeyond);
  return price(a) <= price(b) ? a : b;
}

/**
 * Lands a dip in grams: meets the bands if anything can, then changes least, what defines the dip last. Starts
 * also from a dry and a wet mix where the first landing fails or is fragile, and prefers the landing a spoon
 * disturbs least.
 *
 * @param request rows and bands
 * @param solver linear solver
 * @param goal `lands` answers only whether it can be done, and sooner
 * @param restarts whether to start also from a dry and a wet mix where the first landing fails or is fragile
 * @returns the landing, or the nearest to it; `miss` is 0 when every band is met
 */
export function landInGrams(
  request: LandingRequest,
  solver: LinearSolver,
  goal: Goal = 'cheapest',
  restarts = true,
): GramLanding {
  const landing = prepareLanding(request);
  const kept = keptSize(landing);
  const first = landFrom(landing, kept, solver, goal, restarts);
  if (first.miss <= landedWithin || kept === landing.targets) return first;
  // only a dip that can't land otherwise may shrink to next to nothing
  const second = landFrom(landing, landing.targets, solver, goal, restarts);
  return second.miss <= landedWithin ? second : first;
}

/** The bands with a least size, where no yield is asked for, so that a dip does not land by vanishing. */
function keptSize(landing: Landing): Targets {
  if (landing.targets.massG || landing.targets.volumeMl) return landing.targets;
  const least = leastOfSize * dipMass(landing.rows);
  // where rows can't be taken out of, nothing can vanish
  const kept = landing.free.reduce((sum, { lower }) => sum + lower, massOf(landing.fixed));
  return kept >= least
    ? landing.targets
    : { ...landing.targets, massG: { low: least, high: null } };
}

function landFrom(
  landing: Landing,
  targets: Targets,
  solver: LinearSolver,
  goal: Goal,
  restarts: boolean,
): GramLanding {
  const aimed = aimedTargets(targets, landing.aim);
  const from = (start: readonly number[]): GramLanding => {
    const landed = sequentialLinear(landing, aimed, start, solver, goal);
    const masses = massesOf(landing, landed.values);
    return { ...landed, landing, masses, miss: totalMiss(landing, landing.targets, masses) };
  };
  let best = from(landing.free.map((row) => row.reference));
  if (!restarts) return best;
  const fragile = goal !== 'lands' && spoonEffect(landing, best.masses) > fragileBeyond;
  if (best.miss > landedWithin || fragile) {
    for (const share of [0.15, 0.5]) {
      if (goal === 'lands' && best.miss <= landedWithin) break;
      const start = startWithLiquids(landing, share);
      if (start) best = better(best, from(start));
    }
  }
  return best;
}
