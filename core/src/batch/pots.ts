/** How a dip is shared out in pots of its own for each. */
export interface Pots {
  /** Pots that can be filled. */
  full: number;
  /** g in each. */
  eachG: number;
  /** g that stay over. */
  overG: number;
}

/** Pots filled to here leave room for a lid and a garnish. */
export const filledTo = 0.9;

/**
 * Shares a dip out in pots.
 *
 * @param massG of the dip
 * @param volumeMl it fills
 * @param potMl of one pot to its rim, > 0
 */
export function potsOf(massG: number, volumeMl: number, potMl: number): Pots {
  const density = volumeMl > 0 ? massG / volumeMl : 1;
  const eachG = potMl * filledTo * density;
  const full = eachG > 0 ? Math.floor(massG / eachG + 1e-9) : 0;
  return { full, eachG, overG: massG - full * eachG };
}
