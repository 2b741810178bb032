import { bodyAt, fresh, modelBody } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import type { Method } from '../body/conditions';
import { startingBodyParameters } from '../body/parameters';
import { addTo, emptyBowl } from '../bowl/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../bowl/part';
import { type Correction, priorCorrection, spreadLeft } from '../calibration/correction';
import { measuredFactor } from './measuredFactor';
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
  const bowl = emptyBowl();
  for (let draw = 0; draw < draws; draw += 1) {
    bowl.fill(0);
    const at = draw * (parts.length + 1);
    const off = z[at] ?? 0;
    let body = beyond;
    for (let i = 0; i < parts.length; i += 1) {
      const part = parts[i];
      const per = perGram[i];
      if (!part || !per) continue;
      if (part.place === 'bowl' && part.massG > 0) {
        addTo(bowl, per, part.massG * measuredFactor(part.cv, z[at + 1 + i] ?? 0));
        const state = bodyState(bowl);
        body =
          !state || state.crumbs
            ? beyond
            : bodyAt(bowl, state, method, fresh, correction, belongings[i]);
      }
      const drawn = bodies[i];
      if (drawn) drawn[draw] = body === beyond ? beyond : body + off * (modelSd[i] ?? 0);
    }
  }
  return bodies.map((drawn) => {
    const sorted = drawn.sort();
    const value = (share: number) => sorted[Math.floor(share * (draws - 1))] ?? beyond;
    return value(0.5) === beyond
      ? null
      : { low: Math.max(0, value(lowShare)), high: Math.max(0, value(highShare)) };
  });
}
