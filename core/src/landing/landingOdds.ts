import { bodyState } from '../mix/bodyModel';
import { boughtSaltSd } from '../mix/boughtSalt';
import { modelSd } from '../mix/figures';
import { massOf } from '../mix/mix';
import { isBody, missOf, targetValue } from '../mix/targets';
import { measuredFactor } from '../statistics/logNormal';
import { normals } from '../statistics/random';
import { bandsOf, type Landing, mixAt } from './landing';

/** Chances that a dip lands inside every one of its bands, 0–1. */
export interface LandingOdds {
  /** Were the model right, and only the measuring uncertain. */
  measured: number;
  /** With the model's own uncertainty too, and with bought things as salty as they may be. */
  withModel: number;
  draws: number;
}

const seed = 20_260_501;

/** Of the model's body, and of the salt of bought things. */
const beside = 2;

/** Deviates for so many draws of so many rows, the last two of each draw for the model and for the salt of bought things. */
export function oddsDeviates(rows: number, draws: number): Float64Array {
  return normals(draws * (rows + beside), seed);
}

/**
 * How likely the amounts of a dip land in its bands when they are measured as the cook measures: drawn anew each
 * time, every amount by its own spread.
 *
 * @param masses of all rows, g
 * @param cvs how each is measured
 * @param z from oddsDeviates for the same rows; the same for alternatives that are to be compared
 * @returns shares of the draws that land; 1 of both when there is no band
 */
export function landingOdds(
  landing: Landing,
  masses: readonly number[],
  cvs: readonly number[],
  z: Float64Array,
): LandingOdds {
  const rows = landing.rows.length;
  const draws = Math.floor(z.length / (rows + beside));
  const bands = bandsOf(landing.targets);
  const drawn = new Array<number>(rows).fill(0);
  const { conditions } = landing;
  const there = mixAt(landing, masses);
  const { blended } = there;
  const spread = modelSd(blended, bodyState(blended, conditions.blending), conditions);
  const saltSd = boughtSaltSd(landing.rows, (i) => masses[i] ?? 0, massOf(there));
  let measured = 0;
  let withModel = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    const at = draw * (rows + beside);
    for (let i = 0; i < rows; i += 1) {
      drawn[i] = (masses[i] ?? 0) * measuredFactor(cvs[i] ?? 0, z[at + i] ?? 0);
    }
    const mix = mixAt(landing, drawn);
    const off = (z[at + rows] ?? 0) * spread;
    const saltier = (z[at + rows + 1] ?? 0) * saltSd;
    let inside = true;
    let insideOff = true;
    for (const { name, band } of bands) {
      const value = targetValue(name, mix, landing.conditions);
      if (missOf(value, band) !== 0) inside = false;
      const more = isBody(name) ? off : name === 'saltG' ? saltier : 0;
      if (missOf(value + more, band) !== 0) insideOff = false;
      if (!inside && !insideOff) break;
    }
    if (inside) measured += 1;
    if (insideOff) withModel += 1;
  }
  return { measured: measured / draws, withModel: withModel / draws, draws };
}
