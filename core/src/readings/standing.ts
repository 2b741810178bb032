import { bodyAt, modelBody } from '../mix/bodyAt';
import { fresh, type Moment } from '../mix/moment';
import { bodyState } from '../mix/bodyModel';
import { uncorrected, type Worked } from '../mix/conditions';
import { measuringSd } from '../mix/measuringSd';
import { mixOf } from '../mix/mix';
import { priorSd } from '../mix/priorSd';
import type { Part } from '../mix/part';

/** Where a mix stands by the model alone, for readings to be held against. */
export interface Standing {
  /** Fresh body at 25 °C. */
  modelBody: number;
  /** 0–1 */
  waterOutside: number;
  /** One standard deviation of the model before any reading, body. */
  priorSd: number;
  /** One standard deviation from measuring, body. */
  measuringSd: number;
  /** What rest and temperature add to the fresh mix at a moment, body. */
  gainedAt(moment: Moment): number;
}

/** Where parts stand once blended; null while they are no paste. */
export function standingOf(parts: readonly Part[], worked: Worked): Standing | null {
  const { blended } = mixOf(parts);
  const state = bodyState(blended, worked.blending);
  if (!state || state.crumbs) return null;
  const model = uncorrected(worked);
  const at25 = bodyAt(blended, state, model, fresh);
  return {
    modelBody: modelBody(state, worked.method),
    waterOutside: state.waterOutside,
    priorSd: priorSd(blended),
    measuringSd: measuringSd(parts, parts.length, blended, worked.blending),
    gainedAt: (moment) => bodyAt(blended, state, model, moment) - at25,
  };
}
