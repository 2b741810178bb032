import type { BodyState } from './bodyModel';
import type { BowlSums } from './bowlSums';
import type { BodyConditions } from './conditions';
import { correctionBody } from './correction';
import { methodBody, temperatureAndRestBody, type WarmMethod } from './method';
import type { Moment } from './moment';

/** Body of the fresh mix at 25 °C by the model alone, without limits. */
export function modelBody(state: BodyState, method: WarmMethod): number {
  return state.lnTau / Math.LN2 + methodBody(method);
}

/**
 * Body of what is in the bowl at a moment, without limits: a solver's figure, not one to show.
 *
 * @param sums what is blended
 * @param state what the model says of the fresh mix at 25 °C
 * @param belonging how far the mix is the formula that was read, 0–1; 1 unless said
 */
export function bodyAt(
  sums: BowlSums,
  state: BodyState,
  { method, correction }: BodyConditions,
  moment: Moment,
  belonging = 1,
): number {
  const body = modelBody(state, method);
  return (
    body +
    correctionBody(correction, body, state.waterOutside, belonging) +
    temperatureAndRestBody(sums, state.waterOutside, moment.atC, moment.restedForMinutes)
  );
}

/** A body to show: never below 0, null for crumbs and for an empty bowl. */
export function shownBody(
  sums: BowlSums,
  state: BodyState | null,
  conditions: BodyConditions,
  moment: Moment,
  belonging = 1,
): number | null {
  if (!state || state.crumbs) return null;
  return Math.max(0, bodyAt(sums, state, conditions, moment, belonging));
}
