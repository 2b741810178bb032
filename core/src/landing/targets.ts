import { bodyAt, chilled, fresh } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import type { Method } from '../body/conditions';
import type { Correction } from '../calibration/correction';
import type { BodyParameters } from '../body/parameters';
import { type BowlSums, sumIndex, volumeMl } from '../bowl/bowlSums';

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

/** How the mix is blended and what the model reckons with. */
interface Mixing {
  method: Method;
  parameters?: BodyParameters;
  correction?: Correction;
}

/** The bowl without and with what is folded in. */
export interface LandingSums {
  blended: BowlSums;
  all: BowlSums;
}

const per100Index = { saltG: sumIndex.saltG, acidG: sumIndex.acidG, garlicG: sumIndex.garlicG };

/** Index of a per-100-g target's sum. */
export function per100Sum(name: 'saltG' | 'acidG' | 'garlicG'): number {
  return per100Index[name];
}

/**
 * A target's value for a bowl, bodies without limits, so that a solver sees a slope everywhere.
 *
 * @returns NaN for body of an empty bowl
 */
export function targetValue(name: TargetName, sums: LandingSums, mixing: Mixing): number {
  const { method, parameters, correction } = mixing;
  const mass = sums.all[sumIndex.massG] ?? 0;
  switch (name) {
    case 'freshBody':
    case 'chilledBody': {
      const state = bodyState(sums.blended, parameters, true);
      if (!state) return NaN;
      const moment = name === 'freshBody' ? fresh : chilled;
      return bodyAt(sums.blended, state, method, moment, correction);
    }
    case 'saltG':
    case 'acidG':
    case 'garlicG':
      return mass > 0 ? ((sums.all[per100Index[name]] ?? 0) / mass) * 100 : 0;
    case 'massG':
      return mass;
    case 'volumeMl': {
      const blendedMl = volumeMl(sums.blended);
      return volumeMl(sums.all) + (blendedMl * method.overrunPct) / 100;
    }
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

/** A band drawn in by a share of its width at each closed end. */
export function insetBand(band: Band, share: number): Band {
  if (band.low === null || band.high === null) return band;
  const by = (band.high - band.low) * share;
  return { low: band.low + by, high: band.high - by };
}
