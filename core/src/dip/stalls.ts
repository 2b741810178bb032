import { type Machine, stallsOn } from '../kitchen/machines';
import { modelBody } from '../mix/bodyAt';
import type { BodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import { correctionBody } from '../mix/correction';

/**
 * Whether a machine stalls on a mix, or the mix rides up its sides.
 *
 * @param state null for an empty bowl, which stalls nothing
 * @param belonging how far the mix is the finished formula, 0–1
 */
export function stalls(
  state: BodyState | null,
  machine: Machine,
  { method, correction }: BodyConditions,
  belonging: number,
): boolean {
  if (!state) return false;
  const body = modelBody(state, method);
  const learned = correctionBody(correction, body, state.waterOutside, belonging);
  return stallsOn(machine, body + learned, state.crumbs);
}
