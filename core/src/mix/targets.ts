import { bodyAt } from './bodyAt';
import { type BodyName, bodyNames, momentOfBody } from './bodyMoments';
import { bodyState } from './bodyModel';
import { sumIndex } from './bowlSums';
import type { MomentConditions } from './conditions';
import { type Mix, massOf, mixVolumeMl } from './mix';

/** What a dip can be asked to land on: body at its moments of use, seasoning and cost per 100 g, yield. */
export const targetNames = [
  ...bodyNames,
  'saltG',
  'acidG',
  'garlicG',
  'heat',
  'bitter',
  'sugarsG',
  'savoury',
  'fatG',
  'costEur',
  'massG',
  'volumeMl',
] as const;
export type TargetName = (typeof targetNames)[number];

/** A wanted range; an open end is null. */
export interface Band {
  low: number | null;
  high: number | null;
}

export type Targets = Partial<Record<TargetName, Band>>;

/** Target names in kitchen words with their unit. */
export const targetWords: Record<TargetName, { name: string; unit: string; decimals: number }> = {
  warmBody: { name: 'body, in the machine', unit: '', decimals: 1 },
  freshBody: { name: 'body, just blended', unit: '', decimals: 1 },
  pastaBody: { name: 'body, hot on pasta', unit: '', decimals: 1 },
  servedBody: { name: 'body, at the table', unit: '', decimals: 1 },
  chilledBody: { name: 'body, chilled', unit: '', decimals: 1 },
  saltG: { name: 'salt', unit: ' g per 100 g', decimals: 2 },
  acidG: { name: 'sour', unit: ' g per 100 g', decimals: 2 },
  garlicG: { name: 'garlic', unit: ' g per 100 g', decimals: 2 },
  massG: { name: 'mass', unit: ' g', decimals: 0 },
  volumeMl: { name: 'volume', unit: ' ml', decimals: 0 },
  fatG: { name: 'fat', unit: ' g per 100 g', decimals: 0 },
  sugarsG: { name: 'sweet', unit: ' g sugars per 100 g', decimals: 1 },
  heat: { name: 'heat', unit: '', decimals: 2 },
  bitter: { name: 'bitter', unit: '', decimals: 2 },
  savoury: { name: 'savour', unit: '', decimals: 2 },
  costEur: { name: 'cost', unit: ' per 100 g', decimals: 2 },
};

/** One unit of missing a target, so that misses of different kinds compare: mass and volume as a share. */
export const missUnit: Record<TargetName, number> = {
  warmBody: 0.3,
  freshBody: 0.3,
  pastaBody: 0.3,
  servedBody: 0.3,
  chilledBody: 0.3,
  saltG: 0.1,
  acidG: 0.05,
  garlicG: 0.1,
  massG: 0.05,
  volumeMl: 0.05,
  fatG: 2,
  sugarsG: 0.5,
  heat: 0.05,
  bitter: 0.2,
  savoury: 0.2,
  costEur: 0.05,
};

export const isRelative = (name: TargetName): name is 'massG' | 'volumeMl' =>
  name === 'massG' || name === 'volumeMl';
const bodies: ReadonlySet<TargetName> = new Set(bodyNames);
export const isBody = (name: TargetName): name is BodyName => bodies.has(name as BodyName);

/** Figures that are a sum over the mass: which sum, and by what it is multiplied. */
const shares = {
  saltG: { sum: sumIndex.saltG, times: 100 },
  acidG: { sum: sumIndex.acidG, times: 100 },
  garlicG: { sum: sumIndex.garlicG, times: 100 },
  fatG: { sum: sumIndex.fatG, times: 100 },
  sugarsG: { sum: sumIndex.sugarsG, times: 100 },
  heat: { sum: sumIndex.heatUnits, times: 100 },
  bitter: { sum: sumIndex.bitterUnits, times: 1 },
  savoury: { sum: sumIndex.umamiUnits, times: 1 },
  costEur: { sum: sumIndex.costEur, times: 100 },
} as const;
export type ShareName = keyof typeof shares;

/** Which sum a share is of, and by what it is multiplied: value = times · sum / mass. */
export const shareOf = (name: ShareName): (typeof shares)[ShareName] => shares[name];

/**
 * A target's value for a mix, bodies without limits, so that a solver sees a slope everywhere.
 *
 * @returns NaN for body of an empty bowl
 */
export function targetValue(name: TargetName, mix: Mix, conditions: MomentConditions): number {
  if (isBody(name)) {
    const state = bodyState(mix.blended, conditions.blending);
    if (!state) return NaN;
    return bodyAt(mix.blended, state, conditions, momentOfBody(name, conditions));
  }
  const mass = massOf(mix);
  if (name === 'massG') return mass;
  if (name === 'volumeMl') return mixVolumeMl(mix, conditions.method);
  const { sum, times } = shares[name];
  return mass > 0 ? (mix.all[sum] / mass) * times : 0;
}

/** How far a value misses a band, signed towards it: positive when short, negative when over, 0 inside. */
export function missOf(value: number, band: Band): number {
  if (band.low !== null && value < band.low) return band.low - value;
  if (band.high !== null && value > band.high) return band.high - value;
  return 0;
}

/** A miss in units that compare across targets. */
export function missUnits(name: TargetName, value: number, band: Band): number {
  const miss = Math.abs(missOf(value, band));
  const scale = isRelative(name) ? Math.max(1e-9, band.low ?? band.high ?? 1) : 1;
  return miss / (missUnit[name] * scale);
}

/**
 * A band drawn in at each closed end.
 *
 * @param share of its width, 0–0.5
 * @param openWidth what counts as the width of a band with an open end; 0 unless said, which leaves it as it is
 */
export function insetBand({ low, high }: Band, share: number, openWidth = 0): Band {
  const by = share * (low === null || high === null ? openWidth : high - low);
  return { low: low === null ? null : low + by, high: high === null ? null : high - by };
}

/** Targets drawn in, each by a share of its own. */
export function insetTargets(
  targets: Targets,
  shareOf: (name: TargetName) => number,
  openWidthOf: (name: TargetName) => number = () => 0,
): Targets {
  const inner: Targets = {};
  for (const name of targetNames) {
    const band = targets[name];
    if (band) inner[name] = insetBand(band, shareOf(name), openWidthOf(name));
  }
  return inner;
}
