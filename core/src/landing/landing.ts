import type { Role } from '../larder/ingredient';
import type { BowlSums } from '../mix/bowlSums';
import type { Conditions } from '../mix/conditions';
import { addToMix, copyOfMix, emptyMix, massOf, type Mix } from '../mix/mix';
import { type Part, partSumsPerGram } from '../mix/part';
import { type LinearRule, rulesMiss, tiesPart } from '../mix/rule';
import { type Band, missUnits, type TargetName, type Targets, targetValue } from '../mix/targets';

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
  conditions: Conditions;
  /** What missing a band counts against missing another, > 0; 1 unless said. */
  weights?: Partial<Record<TargetName, number>>;
  /** How far inside each band to aim, as a share of its width; a little unless said. */
  aim?: number;
  /** What holds between the rows, by place. */
  rules?: readonly LinearRule[];
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
  /** What no landing moves, so that a trial costs only its free rows. */
  fixed: Mix;
}

/** How unwillingly a role is moved, so that what defines the dip stays. */
export const roleWeight: Record<Role, number> = {
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

/** Most of what is strong, as a share of the bowl: nobody mends a bowl with a cup of cumin (J). */
export const strongMost: Partial<Record<Role, number>> = {
  salt: 0.02,
  spice: 0.004,
  aromatic: 0.015,
  umami: 0.04,
  sweetener: 0.03,
  herb: 0.05,
};
/** Most of anything else that a landing takes to, where there is less of it than a third of that. */
const otherMost = 0.1;
/** More than so many times what there is of a thing makes another dip. */
const mostTimes = 3;

/** Least amount that counts as one whole change, as a share of the mass. */
function leastScale(role: Role): number {
  if (role === 'liquid' || role === 'oil') return 0.05;
  return role === 'salt' ? 0.01 : 0.03;
}

/** A row that no landing moves: held, or on the plate and not in the bowl. */
export const isFixed = (row: LandingRow) => row.hold || row.place === 'top';

/** What a rule ties keeps at least this share of itself: nothing of both sides would hold any rule (J). */
const leastTied = 0.15;

const isTied = ({ rules = [] }: LandingRequest, index: number) =>
  rules.some((rule) => tiesPart(rule, index));

/** How the whole dip must grow or shrink before anything else, when a yield is asked for. */
function yieldFactor(request: LandingRequest, mix: Mix): number {
  for (const name of ['massG', 'volumeMl'] as const) {
    const band = request.targets[name];
    if (!band) continue;
    const now = targetValue(name, mix, request.conditions);
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
    const total = massOf(mix);
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
    perGram: request.rows.map((row) => partSumsPerGram(row)),
    free: [],
    fixed: emptyMix(),
  };
  const now = mixAt(
    landing,
    request.rows.map((row) => row.massG),
  );
  const factor = yieldFactor(request, now);
  const mass = Math.max(1, massOf(now) * factor);
  request.rows.forEach((row, index) => {
    const per = landing.perGram[index];
    if (isFixed(row)) {
      if (per) addToMix(landing.fixed, per, row.place, row.massG);
      return;
    }
    const reference = row.massG * factor;
    const least = isTied(request, index) ? leastTied * reference : 0;
    const lower = row.minG ?? least;
    const role = row.ingredient.role;
    const some = (strongMost[role] ?? otherMost) * mass;
    const upper = row.maxG ?? Math.max(mostTimes * Math.max(reference, row.massG), some);
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

/** The mix for masses of all rows, g. */
export function mixAt({ rows, perGram }: Landing, masses: readonly number[]): Mix {
  const mix = emptyMix();
  rows.forEach((row, i) => {
    const per = perGram[i];
    const massG = masses[i];
    if (per && massG !== undefined) addToMix(mix, per, row.place, massG);
  });
  return mix;
}

/** The mix for values of the free rows, g. */
export function mixOfValues(
  { rows, perGram, free, fixed }: Landing,
  values: readonly number[],
): Mix {
  const mix = copyOfMix(fixed);
  free.forEach(({ index, reference }, i) => {
    const per = perGram[index];
    const row = rows[index];
    if (per && row) addToMix(mix, per, row.place, values[i] ?? reference);
  });
  return mix;
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

/** A band with the target it is of. */
export interface NamedBand {
  name: TargetName;
  band: Band;
}

/** Bands of a landing in a fixed order. */
export function bandsOf(targets: Targets): NamedBand[] {
  return (Object.keys(targets) as TargetName[]).flatMap((name) => {
    const band = targets[name];
    return band && (band.low !== null || band.high !== null) ? [{ name, band }] : [];
  });
}

/** What a body there is none of counts as, in comparable units of missing. */
const noBodyMiss = 10;

function missOfMix(
  { conditions, weights }: Landing,
  bands: readonly NamedBand[],
  mix: Mix,
): number {
  let sum = 0;
  for (const { name, band } of bands) {
    const value = targetValue(name, mix, conditions);
    const miss = Number.isFinite(value) ? missUnits(name, value, band) : noBodyMiss;
    sum += miss * (weights?.[name] ?? 1);
  }
  return sum;
}

/** Summed misses of all bands and rules in comparable units for masses of all rows, 0 when the dip lands. */
export function totalMiss(landing: Landing, targets: Targets, masses: readonly number[]): number {
  return (
    missOfMix(landing, bandsOf(targets), mixAt(landing, masses)) +
    rulesMiss(landing.rules ?? [], masses)
  );
}

/** The same for values of the free rows. */
export function valuesMiss(
  landing: Landing,
  bands: readonly NamedBand[],
  values: readonly number[],
): number {
  const miss = missOfMix(landing, bands, mixOfValues(landing, values));
  return landing.rules ? miss + rulesMiss(landing.rules, massesOf(landing, values)) : miss;
}
