/** Standard deviation of the logarithm of an amount with a coefficient of variation. */
export function logSpread(cv: number): number {
  return Math.sqrt(Math.log1p(cv * cv));
}

/**
 * What a measured amount is multiplied by in one draw: log-normal, so that it stays positive, the amount as written
 * being the middle.
 *
 * @param cv coefficient of variation of the way it is measured, ≥ 0
 * @param deviate standard normal
 */
export function measuredFactor(cv: number, deviate: number): number {
  return cv > 0 ? Math.exp(logSpread(cv) * deviate) : 1;
}
