import type { Method } from '../body/conditions';
import type { Correction } from '../calibration/correction';
import type { BodyParameters } from '../body/parameters';
import { addTo, type BowlSums, emptyBowl } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';
import type { Role } from '../larder/ingredient';
import { type LandingSums, missUnits, type TargetName, type Targets, targetValue } from './targets';

/** A row of the dip as the landing sees it. */
export interface LandingRow extends Part {
  /** Must not move. */
  hold: boolean;
  /** Least and most allowed, g; the usual limits apply when left out. */
  minG?: number;
  maxG?: number;
}

/** A dip and what it should land on. */
export interface LandingRequest {
  rows: readonly LandingRow[];
  targets: Targets;
  method: Method;
  parameters?: BodyParameters;
  /** What this kitchen's readings have taught of this formula. */
  correction?: Correction;
}

/** A free row as a variable: where it starts, how far it may go and what moving it costs. */
export interface FreeRow {
  index: number;
  reference: number;
  lower: number;
  upper: number;
  /** g that count as one whole change */
  scale: number;
  weight: number;
}

/** A landing problem made ready: vectors per gram, free rows, bands. */
export interface Landing extends LandingRequest {
  perGram: BowlSums[];
  free: FreeRow[];
}

/** How unwillingly a role is moved, so that what defines the dip stays. */
const roleWeight: Record<Role, number> = {
  legume: 4,
  'sesame-paste': 4,
  'nut-seed': 4,
  'nut-butter': 4,
  cheese: 4,
  dairy: 4,
  vegetable: 4,
  green: 4,
  herb: 4,
  'bread-starch': 4,
  crunch: 4,
  aromatic: 3,
  umami: 3,
  spice: 3,
  sweetener: 3,
  oil: 2,
  liquid: 1,
  acid: 1,
  salt: 1,
};

/** Least amount that counts as one whole change, as a share of the mass. */
function leastScale(role: Role): number {
  if (role === 'liquid' || role === 'oil') return 0.05;
  return role === 'salt' ? 0.01 : 0.03;
}

/** A row that no landing moves: held, or on the plate and not in the bowl. */
export const isFixed = (row: LandingRow) => row.hold || row.place === 'top';

/** How the whole dip must grow or shrink before anything else, when a yield is asked for. */
function yieldFactor(request: LandingRequest, sums: LandingSums, landing: Landing): number {
  for (const name of ['massG', 'volumeMl'] as const) {
    const band = request.targets[name];
    if (!band) continue;
    const now = targetValue(name, sums, landing);
    const wanted =
      band.low !== null && now < band.low
        ? band.low
        : band.high !== null && now > band.high
          ? band.high
          : null;
    if (wanted === null || !(now > 0)) continue;
    const held = request.rows
      .filter((row) => isFixed(row) && row.place !== 'top')
      .reduce((sum, row) => sum + row.massG, 0);
    const total = sums.all[0] ?? 0;
    const factor = wanted / now;
    if (total - held > 1e-6) return Math.max(0, (total * factor - held) / (total - held));
  }
  return 1;
}

/**
 * Makes a landing problem ready to solve. Where a yield outside the present one is asked for, free rows start
 * scaled to it, so that “change least” is counted from the same dip in another size.
 *
 * @param request rows with g ≥ 0 and bands
 */
export function prepareLanding(request: LandingRequest): Landing {
  const landing: Landing = {
    ...request,
    perGram: request.rows.map((row) => partSumsPerGram(row, request.parameters)),
    free: [],
  };
  const now = sumsAt(
    landing,
    request.rows.map((row) => row.massG),
  );
  const factor = yieldFactor(request, now, landing);
  const mass = Math.max(1, (now.all[0] ?? 0) * factor);
  request.rows.forEach((row, index) => {
    if (isFixed(row)) return;
    const reference = row.massG * factor;
    const lower = row.minG ?? 0;
    const upper = row.maxG ?? Math.max(3 * Math.max(reference, row.massG), 0.1 * mass);
    const role = row.ingredient.role;
    landing.free.push({
      index,
      reference: Math.min(Math.max(reference, lower), Math.max(lower, upper)),
      lower,
      upper: Math.max(lower, upper),
      scale: Math.max(reference, leastScale(role) * mass),
      weight: roleWeight[role],
    });
  });
  return landing;
}

/** Sums of the bowl for masses of all rows, g. */
export function sumsAt(landing: Landing, masses: readonly number[]): LandingSums {
  const blended = emptyBowl();
  const folded = emptyBowl();
  landing.rows.forEach((row, i) => {
    const per = landing.perGram[i];
    if (!per || row.place === 'top') return;
    addTo(row.place === 'bowl' ? blended : folded, per, masses[i] ?? 0);
  });
  const all = blended.slice();
  for (let i = 0; i < all.length; i += 1) all[i] = (all[i] ?? 0) + (folded[i] ?? 0);
  return { blended, all };
}

/** Masses of all rows for values of the free ones. */
export function massesOf(landing: Landing, values: readonly number[]): number[] {
  const masses = landing.rows.map((row) => row.massG);
  landing.free.forEach((row, i) => {
    masses[row.index] = values[i] ?? row.reference;
  });
  return masses;
}

/** What moving the free rows from where they started costs. */
export function changeCost(landing: Landing, values: readonly number[]): number {
  return landing.free.reduce(
    (sum, row, i) =>
      sum + (row.weight * Math.abs((values[i] ?? row.reference) - row.reference)) / row.scale,
    0,
  );
}

/** Bands of a landing in a fixed order. */
export function bandsOf(targets: Targets) {
  return (Object.keys(targets) as TargetName[]).flatMap((name) => {
    const band = targets[name];
    return band && (band.low !== null || band.high !== null) ? [{ name, band }] : [];
  });
}

/** Summed misses of all bands in comparable units, 0 when the dip lands. */
export function totalMiss(landing: Landing, targets: Targets, masses: readonly number[]): number {
  const sums = sumsAt(landing, masses);
  return bandsOf(targets).reduce((sum, { name, band }) => {
    const value = targetValue(name, sums, landing);
    return sum + (Number.isFinite(value) ? missUnits(name, value, band) : 10);
  }, 0);
}
