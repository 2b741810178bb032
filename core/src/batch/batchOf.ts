import { analyse } from '../dip/analyse';
import type { Conditions } from '../mix/conditions';
import { dipMass, type Part } from '../mix/part';
import { type Container, type Fill, fillContainers } from './fills';
import { type Loss, batchLosses, type LossFacts } from './losses';

/** A batch as it was made: what went in, where it went, and how it fills what there is. */
export interface MadeBatch {
  inG: number;
  losses: Loss[];
  yieldG: number;
  /** g a millilitre of what is in the containers. */
  gPerMl: number;
  fills: Fill[];
  leftG: number;
  oilG: number;
  allergens: string[];
}

/**
 * A batch of parts made under conditions, into containers.
 *
 * @param parts all that went in; what goes on top is no part of the yield
 * @param facts what is known of its losses
 */
export function batchOf(
  parts: readonly Part[],
  conditions: Conditions,
  containers: readonly Container[],
  facts: Omit<LossFacts, 'inG' | 'body'> = {},
): MadeBatch {
  const { freshBody, massG, volumeMl, allergens } = analyse(parts, conditions);
  const inG = dipMass(parts);
  const { losses, yieldG } = batchLosses({ ...facts, inG, body: freshBody });
  const gPerMl = volumeMl > 0 ? massG / volumeMl : 1;
  return {
    ...{ inG, losses, yieldG, gPerMl, allergens },
    ...fillContainers(Math.max(0, yieldG), gPerMl, containers),
  };
}
