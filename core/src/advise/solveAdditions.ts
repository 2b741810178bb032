import { measuringCv } from '../amounts/measuringCv';
import { type GramLanding, landInGrams } from '../landing/land';
import { type LandingRow, strongMost, totalMiss } from '../landing/landing';
import type { LinearSolver } from '../landing/linearProgram';
import type { Ingredient, Role } from '../larder/ingredient';
import type { Miss } from '../mix/figures';
import { type Part, partSumsPerGram } from '../mix/part';
import {
  insetTargets,
  isBody,
  missUnits,
  shareOf,
  type ShareName,
  type TargetName,
  targetNames,
  type Targets,
} from '../mix/targets';
import type { Addition } from '../proposal/edit';
import type { AdviseInput } from './adviseInput';
import { bowlRules } from './bowlRules';
import { measured, measurings } from './measured';

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

/** What a bowl may be given, and how it is looked for. */
export interface Limits {
  /** Most of one thing, as a share of the bowl. */
  mostShare: number;
  bowlG: number;
  /** More of the same dip: each by no more than its own share of it, what is strong by taste alone. */
  sameDip?: boolean;
  /** Only a variation on what is known to work: no second starts, no finer than spoons measure, nothing that falls short. */
  rough?: boolean;
}

/** A little to balance more of the same dip, as a share of the bowl. */
const besideShare = 0.05;
/** More of a thing than its share of the dip, to balance what else is in. */
const shareSpare = 1.25;
/** What is tasted by itself and added by taste; the other strong things never grow with a dip. */
const byTaste: readonly Role[] = ['salt', 'aromatic'];

/** Most of one thing that is offered, g; what is strong no more than it would be in so much more of the same dip. */
function mostOf(
  { id, role, structure }: Ingredient,
  parts: readonly Part[],
  { mostShare, bowlG, sameDip = false }: Limits,
): number {
  const most = mostShare * bowlG;
  // another of the same sort is more of the same dip: rinsed for drained, one white bean for another
  const thereG = parts.reduce((sum, { ingredient: other, massG }) => {
    const alike = other.id === id || (other.role === role && other.structure === structure);
    return sum + (alike ? massG : 0);
  }, 0);
  const strong = strongMost[role];
  if (sameDip) {
    const own = thereG * mostShare * shareSpare;
    if (strong !== undefined) return byTaste.includes(role) ? Math.min(strong * bowlG, own) : 0;
    return Math.min(most, Math.max(own, role === 'liquid' ? besideShare * bowlG : 0));
  }
  return strong === undefined ? most : Math.min(most, strong * bowlG);
}

/** Where only the band itself can be reached, room is left for measuring, as a share of its width (J). */
const roomToRound = 0.08;
/** Nothing of it, g. */
const leastG = 1e-3;
/** A crumb of what a dip is made of changes nothing: less than this of the bowl is left out (J). */
const baseShare = 0.015;
const seasons: readonly Role[] = ['liquid', 'oil', 'acid'];

const leastShare = ({ role }: Ingredient): number =>
  seasons.includes(role) || strongMost[role] !== undefined ? 0 : baseShare;

/** What leaving a wanted band counts, what moving what is held, and what not getting as far inside as was aimed (J). */
const outweighs = { wanted: 5, held: 0.5, inner: 0.15 } as const;
/** What a simpler measure may be off more. */
const asWell = 0.02;

/** Summed misses that still count as aimed well enough. */
const wellAimed = 0.005;

/**
 * Whether a set can move every seasoning that is missed the right way: only what is saltier than the band's low end
 * raises salt to it, only what is less salty than its high end brings it down.
 */
export function canReach(misses: readonly Miss[], targets: Targets, set: readonly Ingredient[]) {
  const share = (ingredient: Ingredient, name: ShareName) => {
    const { sum, times } = shareOf(name);
    return times * partSumsPerGram({ ingredient })[sum];
  };
  return misses.every(({ name, miss }) => {
    if (name !== 'saltG' && name !== 'acidG' && name !== 'garlicG') return true;
    const { low = null, high = null } = targets[name] ?? {};
    return set.some((one) =>
      miss > 0 ? share(one, name) > (low ?? 0) : share(one, name) < (high ?? Infinity),
    );
  });
}

/** What missing what is held counts against missing what is wanted. */
const heldWeight = 0.15;

/** What a bowl is to be: what is wanted of it, and what is held meanwhile. */
export interface Wish {
  wanted: Targets;
  held: Targets;
}

/**
 * The additions to a bowl, out of a set, that bring it into its bands with the least change, and with what nobody complained about held
 * as far as it can be; what is in stays in. In amounts that can be measured.
 *
 * @param limits how much of each may go in
 * @returns null when nothing of the set helps; not every answer meets every band, but for rough ones
 */
export function solveAdditions(
  { parts, conditions, ruled }: Pick<AdviseInput, 'parts' | 'conditions' | 'ruled'>,
  { wanted, held }: Wish,
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
  const rules = bowlRules(ruled, parts, set);
  const weights = Object.fromEntries(
    (Object.keys(held) as TargetName[]).map((name) => [name, heldWeight]),
  );
  const missOf = ({ landing }: GramLanding, targets: Targets, masses: readonly number[]) =>
    totalMiss(landing, targets, masses);
  const land = (targets: Targets) => {
    const request = { rows, targets: { ...held, ...targets }, conditions, weights, rules };
    const straight = landInGrams(request, solver, 'mouth', false);
    // other starts are for what can't be reached at all, not for what is held
    const reached = missOf(straight, targets, straight.masses) <= wellAimed;
    return rough || reached ? straight : landInGrams(request, solver, 'mouth', true);
  };
  const inner = aimed(wanted);
  const careful = land(inner);
  const carefulMiss = missOf(careful, inner, careful.masses);
  // too far from the drawn-in bands to reach the whole ones
  if (rough && carefulMiss > mostRegained(wanted, inner) + wellAimed) return null;
  const within = missOf(careful, wanted, careful.masses) <= wellAimed;
  const wellInside = carefulMiss <= wellAimed || (within && !rough);
  const inMeasures = (landed: GramLanding) =>
    measurings.map((how) => {
      const each = set.map((ingredient, i) => {
        const massG = landed.masses[parts.length + i] ?? 0;
        const least = Math.max(leastG, leastShare(ingredient) * limits.bowlG);
        return massG > least ? measured(massG, ingredient, conditions.measures, how) : null;
      });
      const masses = landed.masses.map((massG, i) =>
        i < parts.length ? massG : (each[i - parts.length]?.massG ?? 0),
      );
      const off =
        outweighs.wanted * missOf(landed, wanted, masses) +
        outweighs.held * missOf(landed, held, masses) +
        outweighs.inner * missOf(landed, inner, masses);
      return { add: each.flatMap((one) => one ?? []), off };
    });
  // near the middle where that costs nothing else, within the band where it does; of a part of what is there only the least that does
  const moves = missOf(careful, held, careful.masses) > wellAimed;
  const tried = [
    ...(wellInside ? inMeasures(careful) : []),
    ...(!wellInside || moves ? inMeasures(land(insetTargets(wanted, () => roomToRound))) : []),
  ];
  // the simplest measures that do about as well as any
  const least = Math.min(...tried.map(({ off }) => off));
  const add = tried.find(({ off }) => off <= least + asWell)?.add ?? [];
  return add.length > 0 ? add : null;
}
