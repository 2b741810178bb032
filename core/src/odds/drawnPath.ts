import { modelBody } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import type { Method } from '../body/conditions';
import { startingBodyParameters } from '../body/parameters';
import { addTo, emptyBowl, sumIndex } from '../bowl/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../bowl/part';
import {
  type Correction,
  correctionBody,
  priorCorrection,
  spreadLeft,
} from '../calibration/correction';
import { logSpread } from './measuredFactor';
import { normals } from './random';

/** Where the middle two thirds of the draws lie after a step; null where more than half of them have no body. */
export interface DrawnBand {
  low: number;
  high: number;
}

export const bandDraws = 500;
const seed = 7;
/** Ends of the middle 68 %, as one standard deviation either side is for a straight model. */
const lowShare = 0.16;
const highShare = 0.84;
/** A draw that is crumbs lies beyond every body. */
const beyond = 99;

/** Sums that body depends on come first. */
const bodySums = sumIndex.drySolidsG + 1;

const tables = new Map<number, Float64Array>();

/** The same deviates for the same number of rows, so that a band moves with the dip and not with chance. */
function deviates(rows: number, draws: number): Float64Array {
  const count = draws * (rows + 1);
  let table = tables.get(count);
  if (!table) {
    table = normals(count, seed);
    tables.set(count, table);
  }
  return table;
}

/**
 * The band around the path by drawing: every amount as it may really be measured, the model as it may really be off,
 * the whole path again for each draw. Unlike a band from slopes it leans where the model bends, as it does where
 * tahini seizes and near crumbs.
 *
 * @param parts in order
 * @param draws how many, 500 unless said
 * @returns a band after each part
 */
export function drawnPath(
  parts: readonly Part[],
  method: Method,
  correction: Correction = priorCorrection,
  draws: number = bandDraws,
): (DrawnBand | null)[] {
  const z = deviates(parts.length, draws);
  const perGram = parts.map((part) => partSumsPerGram(part));
  const bodies = parts.map(() => new Float64Array(draws));
  const { residualSdBody } = startingBodyParameters;
  // the share of the model's spread that is left changes slowly along a path: one figure a step will do
  const finished = bowlMass(parts);
  const belongings: number[] = [];
  const middle = emptyBowl();
  const modelSd = parts.map((part, i) => {
    const per = perGram[i];
    if (per && part.place === 'bowl') addTo(middle, per, part.massG);
    const state = bodyState(middle);
    belongings.push(finished > 0 ? (middle[0] ?? 0) / finished : 1);
    if (!state) return residualSdBody;
    const body = modelBody(state, method);
    return residualSdBody * spreadLeft(correction, body, state.waterOutside, belongings[i]);
  });
  const inBowl = parts.flatMap((part, i) => (part.place === 'bowl' && part.massG > 0 ? [i] : []));
  const spread = parts.map((part) => logSpread(part.cv));
  const bowl = emptyBowl();
  for (let draw = 0; draw < draws; draw += 1) {
    bowl.fill(0);
    const at = draw * (parts.length + 1);
    const off = z[at] ?? 0;
    for (const i of inBowl) {
      const per = perGram[i];
      const drawn = bodies[i];
      if (!per || !drawn) continue;
      const massG = (parts[i]?.massG ?? 0) * Math.exp((spread[i] ?? 0) * (z[at + 1 + i] ?? 0));
      for (let j = 0; j < bodySums; j += 1) bowl[j] = (bowl[j] ?? 0) + (per[j] ?? 0) * massG;
      const state = bodyState(bowl);
      if (!state || state.crumbs) {
        drawn[draw] = beyond;
        continue;
      }
      // fresh at 25 °C nothing is gained by rest or cold, so the model and what was learned is all
      const model = modelBody(state, method);
      drawn[draw] =
        model +
        correctionBody(correction, model, state.waterOutside, belongings[i]) +
        off * (modelSd[i] ?? 0);
    }
  }
  let last: Float64Array | undefined;
  bodies.forEach((drawn, i) => {
    if (inBowl.includes(i)) last = drawn;
    else if (last) drawn.set(last);
    else drawn.fill(beyond);
  });
  return bodies.map((drawn) => {
    const sorted = drawn.sort();
    const value = (share: number) => sorted[Math.floor(share * (draws - 1))] ?? beyond;
    return value(0.5) === beyond
      ? null
      : { low: Math.max(0, value(lowShare)), high: Math.max(0, value(highShare)) };
  });
}
