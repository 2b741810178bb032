import { conditionsFor, type Kitchen, type Making, machineFor } from '../kitchen/kitchen';
import type { Machine } from '../kitchen/machines';
import { type BowlHeat, bowlHeat } from '../mix/bowlHeat';
import type { Conditions } from '../mix/conditions';
import { type Method, usualBlendC, type WarmMethod } from '../mix/method';
import type { Part } from '../mix/part';
import type { WorkedIn } from './dip';
import { ranMinutes } from './ranMinutes';

/** A part with how the cook says it is worked in. */
export type WorkedPart = Part & { worked?: WorkedIn };

/**
 * How warm parts get in a machine: a heat balance of what goes in and how long it runs.
 *
 * @param vesselC how warm the machine's vessel is, °C; as the room unless said
 * @returns null for an empty bowl
 */
export function heatOf(
  method: Method,
  parts: readonly WorkedPart[],
  machine: Machine,
  vesselC?: number,
): BowlHeat | null {
  const there = parts.filter(({ massG }) => massG > 0);
  // nuts said to run for so long run the machine at least that long
  const ranMin = Math.max(method.minutes ?? 0, ranMinutes(there, machine, method.grind));
  return bowlHeat(there, machine.id, ranMin, vesselC);
}

/** A method with how warm the mix gets: as it says, else worked out of what goes in and how long the machine runs. */
export function warmMethod(
  method: Method,
  parts: readonly WorkedPart[],
  machine: Machine,
): WarmMethod {
  const blendC = method.blendC ?? heatOf(method, parts, machine)?.atC ?? usualBlendC;
  return { ...method, blendC };
}

/** What these parts are evaluated under in a kitchen, as warm as they get. */
export function warmConditions(
  making: Making,
  parts: readonly WorkedPart[],
  kitchen: Kitchen,
): Conditions {
  return conditionsFor(
    { ...making, method: warmMethod(making.method, parts, machineFor(making, kitchen)) },
    kitchen,
  );
}
