import { modelBody } from '../mix/bodyAt';
import { bodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import { addTo, emptyBowl, sumIndex } from '../mix/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../mix/part';
import { correctionBody } from '../mix/correction';
import { modelSd } from '../mix/figures';
import { logSpread } from '../statistics/logNormal';
import { lowerQuantile } from '../statistics/quantile';
import { normals } from '../statistics/random';

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
const bodySums = sumIndex.emulsifierG + 1;

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
  conditions: BodyConditions,
  draws: number = bandDraws,
): (DrawnBand | null)[] {
  const { method, blending, correction } = conditions;
  const z = deviates(parts.length, draws);
  const perGram = parts.map((part) => partSumsPerGram(part));
  const bodies = parts.map(() => new Float64Array(draws));
  // the share of the model's spread that is left changes slowly along a path: one figure a step will do
  const finished = bowlMass(parts);
  const belongings: number[] = [];
  const middle = emptyBowl();
  const modelSds = parts.map((part, i) => {
    const per = perGram[i];
    if (per && part.place === 'bowl') addTo(middle, per, part.massG);
    const state = bodyState(middle, blending);
    belongings.push(finished > 0 ? middle[sumIndex.massG] / finished : 1);
    return modelSd(middle, state, conditions, belongings[i]);
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
      for (let j = 0; j < bodySums; j += 1) (bowl[j] as number) += (per[j] as number) * massG;
      const state = bodyState(bowl, blending);
      if (!state || state.crumbs) {
        drawn[draw] = beyond;
        continue;
      }
      // fresh at 25 °C nothing is gained by rest or cold, so the model and what was learned is all
      const model = modelBody(state, method);
      drawn[draw] =
        model +
        correctionBody(correction, model, state.waterOutside, belongings[i]) +
        off * (modelSds[i] ?? 0);
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
    const value = (share: number) => lowerQuantile(sorted, share);
    return value(0.5) === beyond
      ? null
      : { low: Math.max(0, value(lowShare)), high: Math.max(0, value(highShare)) };
  });
}
