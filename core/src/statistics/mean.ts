/**
 * Arithmetic mean.
 *
 * @param values at least one; NaN for none
 */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
