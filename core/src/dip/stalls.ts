import { type Machine, stallsOn } from '../kitchen/machines';
import { modelBody } from '../mix/bodyAt';
import type { BodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import { correctionBody } from '../mix/correction';
import type { Method } from '../mix/method';
import type { Part } from '../mix/part';

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

/**
 * The places among the parts at which a machine meets the mix: after each that is blended, or after the last of them where everything goes
 * in at once.
 */
export function metAt(
  parts: readonly Pick<Part, 'place' | 'massG'>[],
  { atOnce }: Pick<Method, 'atOnce'>,
): number[] {
  const blended = parts.flatMap(({ place, massG }, i) =>
    place === 'bowl' && massG > 0 ? [i] : [],
  );
  return atOnce ? blended.slice(-1) : blended;
}
