/** z of the 5th and 95th percentile: low–high ranges are read as the central 90 %. */
export const z90 = 1.6449;

/**
 * Coefficient of variation of a low–typical–high range read as the central 90 %.
 *
 * @param low g, below typical
 * @param typical g, positive
 * @param high g, above typical
 */
export function cvOfRange(low: number, typical: number, high: number): number {
  return (high - low) / (2 * z90 * typical);
}

/** Coefficient of variation of a written range such as 3–4, spread evenly between its ends. */
export function cvOfWrittenRange(low: number, value: number, high: number): number {
  return value > 0 ? (high - low) / Math.sqrt(12) / value : 0;
}

/** Combines independent spreads of one amount. */
export function combineCv(...cvs: number[]): number {
  return Math.sqrt(cvs.reduce((sum, cv) => sum + cv * cv, 0));
}

/**
 * The central 90 % of an amount, log-normal so that it stays positive.
 *
 * @param massG typical amount, g, ≥ 0
 * @param cv coefficient of variation, ≥ 0
 */
export function range90(massG: number, cv: number): { low: number; high: number } {
  const sigma = Math.sqrt(Math.log1p(cv * cv));
  return { low: massG * Math.exp(-z90 * sigma), high: massG * Math.exp(z90 * sigma) };
}
