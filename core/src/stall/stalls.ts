import type { BodyState } from '../body/bodyModel';
import { modelBody } from '../body/bodyAt';
import type { Method } from '../body/conditions';
import { type Machine, stallsOn } from '../body/machines';
import { type Correction, correctionBody } from '../calibration/correction';

/**
 * Whether a machine stalls on a mix, or the mix rides up its sides.
 *
 * @param belonging how far the mix is the finished formula, 0–1
 * @param state null for an empty bowl, which stalls nothing
 */
export function stalls(
  state: BodyState | null,
  machine: Machine,
  method: Method,
  correction?: Correction,
  belonging = 1,
): boolean {
  if (!state) return false;
  const body = modelBody(state, method);
  const learned = correction ? correctionBody(correction, body, state.waterOutside, belonging) : 0;
  return stallsOn(machine, body + learned, state.crumbs);
}
