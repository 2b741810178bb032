import type { Method } from './method';
import { startingBodyParameters } from './parameters';

/** What the machine's work decides of a mix beside what is in it. */
export interface Blending {
  /** Grind of nuts, 0 coarse meal to 1 butter. */
  nutGrind: number;
  /** The oil is let in slowly while a machine runs. */
  streamed: boolean;
}

/** Nothing said of how it is worked. */
export const usualBlending: Blending = {
  nutGrind: startingBodyParameters.nutGrind.usual,
  streamed: false,
};

/** Tools that cut or stir and never grind. */
const neverGrinds = ['knife', 'fork', 'whisk'];

/** A machine nobody has timed grinds like this one. */
const likeAny = 'food-processor';

/**
 * Grind of nuts after so many minutes in a machine: 1 − exp(−minutes/T) (engineering judgement).
 *
 * @param minutes how long nuts are run, ≥ 0; left out the usual meal
 * @returns 0–1; 0 for tools that don't grind
 */
export function nutGrindAfter(minutes: number | undefined, machineId: string): number {
  if (neverGrinds.includes(machineId)) return 0;
  const { usual, minutes: by } = startingBodyParameters.nutGrind;
  if (minutes === undefined) return usual;
  const scale = by[machineId] ?? by[likeAny] ?? 1;
  return 1 - Math.exp(-minutes / scale);
}

/** A method in a machine as the body model needs it. */
export function blendingOf({ minutes, streamed = false }: Method, machineId: string): Blending {
  return { nutGrind: nutGrindAfter(minutes, machineId), streamed };
}
