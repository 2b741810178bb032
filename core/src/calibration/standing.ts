import { measuringSd } from '../analysis/measuringSd';
import { bodyAt, fresh, modelBody, type Moment } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import type { Method } from '../body/conditions';
import { addTo, emptyBowl } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';

/** Where a mix stands by the model alone, for readings to be held against. */
export interface Standing {
  /** Fresh body at 25 °C. */
  modelBody: number;
  /** 0–1 */
  waterOutside: number;
  /** One standard deviation from measuring, body. */
  measuringSd: number;
  /** What rest and temperature add to the fresh mix at a moment, body. */
  gainedAt(moment: Moment): number;
}

/** Where parts stand once blended; null while they are no paste. */
export function standingOf(parts: readonly Part[], method: Method): Standing | null {
  const blended = emptyBowl();
  for (const part of parts) {
    if (part.place === 'bowl') addTo(blended, partSumsPerGram(part), part.massG);
  }
  const state = bodyState(blended);
  if (!state || state.crumbs) return null;
  const at25 = bodyAt(blended, state, method, fresh);
  return {
    modelBody: modelBody(state, method),
    waterOutside: state.waterOutside,
    measuringSd: measuringSd(parts, parts.length, blended, state),
    gainedAt: (moment) => bodyAt(blended, state, method, moment) - at25,
  };
}
