import { filledTo } from './pots';

/** A container a kitchen has. */
export interface Container {
  name: string;
  /** To the rim, ml. */
  ml: number;
  /** How many there are. */
  count: number;
  /** Oil poured on each, g. */
  oilSealG?: number;
}

/** Containers of one kind that are filled. */
export interface Fill {
  name: string;
  /** How many are full. */
  full: number;
  /** g of the dip in each, its oil not counted. */
  g: number;
}

/** Oil weighs so much a millilitre. */
const oilDensity = 0.91;

/**
 * A batch into containers, in the order given: each filled to a tenth under its rim, its oil in that room too.
 *
 * @param massG of the dip, ≥ 0
 * @param gPerMl its density, > 0
 * @returns how many of each are full, what is left over and the oil they take; massG = Σ full · g + leftG
 */
export function fillContainers(
  massG: number,
  gPerMl: number,
  containers: readonly Container[],
): { fills: Fill[]; leftG: number; oilG: number } {
  let [leftG, oilG] = [massG, 0];
  const fills = containers.map(({ name, ml, count, oilSealG = 0 }): Fill => {
    const room = Math.max(0, ml * filledTo - oilSealG / oilDensity);
    const g = room * gPerMl;
    const full = g > 0 ? Math.min(count, Math.floor(leftG / g + 1e-9)) : 0;
    leftG = Math.max(0, leftG - full * g);
    oilG += full * oilSealG;
    return { name, full, g };
  });
  return { fills, leftG, oilG };
}
