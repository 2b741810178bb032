import { bodyAt, chilled, fresh } from './bodyAt';
import { bodyState } from './bodyModel';
import { sumIndex } from './bowlSums';
import type { BodyConditions } from './conditions';
import { type Mix, massOf, mixVolumeMl } from './mix';

/** What a dip can be asked to land on: body warm and cold, seasoning per 100 g, yield. */
export const targetNames = [
  'freshBody',
  'chilledBody',
  'saltG',
  'acidG',
  'garlicG',
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
  freshBody: { name: 'body, just blended', unit: '', decimals: 1 },
  chilledBody: { name: 'body, chilled', unit: '', decimals: 1 },
  saltG: { name: 'salt', unit: ' g per 100 g', decimals: 2 },
  acidG: { name: 'sour', unit: ' g per 100 g', decimals: 2 },
  garlicG: { name: 'garlic', unit: ' g per 100 g', decimals: 2 },
  massG: { name: 'mass', unit: ' g', decimals: 0 },
  volumeMl: { name: 'volume', unit: ' ml', decimals: 0 },
};

/** One unit of missing a target, so that misses of different kinds compare: mass and volume as a share. */
export const missUnit: Record<TargetName, number> = {
  freshBody: 0.3,
  chilledBody: 0.3,
  saltG: 0.1,
  acidG: 0.05,
  garlicG: 0.1,
  massG: 0.05,
  volumeMl: 0.05,
};

export const isRelative = (name: TargetName) => name === 'massG' || name === 'volumeMl';
export const isBody = (name: TargetName) => name === 'freshBody' || name === 'chilledBody';

const per100Index = { saltG: sumIndex.saltG, acidG: sumIndex.acidG, garlicG: sumIndex.garlicG };

/** Index of a per-100-g target's sum. */
export function per100Sum(
  name: 'saltG' | 'acidG' | 'garlicG',
): (typeof per100Index)['saltG' | 'acidG' | 'garlicG'] {
  return per100Index[name];
}

/**
 * A target's value for a mix, bodies without limits, so that a solver sees a slope everywhere.
 *
 * @returns NaN for body of an empty bowl
 */
export function targetValue(name: TargetName, mix: Mix, conditions: BodyConditions): number {
  const mass = massOf(mix);
  switch (name) {
    case 'freshBody':
    case 'chilledBody': {
      const state = bodyState(mix.blended, conditions.blending);
      if (!state) return NaN;
      return bodyAt(mix.blended, state, conditions, name === 'freshBody' ? fresh : chilled);
    }
    case 'saltG':
    case 'acidG':
    case 'garlicG':
      return mass > 0 ? (mix.all[per100Index[name]] / mass) * 100 : 0;
    case 'massG':
      return mass;
    case 'volumeMl':
      return mixVolumeMl(mix, conditions.method);
  }
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
