import { bodyState } from '../mix/bodyModel';
import { modelSd } from '../mix/figures';
import { isBody, missOf, targetValue } from '../mix/targets';
import { measuredFactor } from '../statistics/logNormal';
import { normals } from '../statistics/random';
import { bandsOf, type Landing, mixAt } from './landing';

/** Chances that a dip lands inside every one of its bands, 0–1. */
export interface LandingOdds {
  /** Were the model right, and only the measuring uncertain. */
  measured: number;
  /** With the model's own uncertainty too. */
  withModel: number;
  draws: number;
}

const seed = 20_260_501;

/** Deviates for so many draws of so many rows, the last of each draw for the model. */
export function oddsDeviates(rows: number, draws: number): Float64Array {
  return normals(draws * (rows + 1), seed);
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
  const draws = Math.floor(z.length / (rows + 1));
  const bands = bandsOf(landing.targets);
  const drawn = new Array<number>(rows).fill(0);
  const { conditions } = landing;
  const { blended } = mixAt(landing, masses);
  const spread = modelSd(blended, bodyState(blended, conditions.blending), conditions);
  let measured = 0;
  let withModel = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    const at = draw * (rows + 1);
    for (let i = 0; i < rows; i += 1) {
      drawn[i] = (masses[i] ?? 0) * measuredFactor(cvs[i] ?? 0, z[at + i] ?? 0);
    }
    const mix = mixAt(landing, drawn);
    const off = (z[at + rows] ?? 0) * spread;
    let inside = true;
    let insideOff = true;
    for (const { name, band } of bands) {
      const value = targetValue(name, mix, landing.conditions);
      if (missOf(value, band) !== 0) inside = false;
      if (missOf(isBody(name) ? value + off : value, band) !== 0) insideOff = false;
      if (!inside && !insideOff) break;
    }
    if (inside) measured += 1;
    if (insideOff) withModel += 1;
  }
  return { measured: measured / draws, withModel: withModel / draws, draws };
}
