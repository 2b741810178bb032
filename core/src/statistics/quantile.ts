/**
 * Quantile of sorted values by the lower order statistic: the value at ⌊p · (n − 1)⌋, so that it is always one of them
 * (near Hyndman & Fan's type 1; no interpolation).
 *
 * @param sorted rising, at least one value
 * @param p 0–1
 * @throws RangeError for no values
 */
export function lowerQuantile(sorted: ArrayLike<number>, p: number): number {
  const value = sorted[Math.floor(p * (sorted.length - 1))];
  if (value === undefined) throw new RangeError('a quantile needs a value');
  return value;
}

/**
 * Median: the middle value, or the mean of the two middle ones (Hyndman & Fan's type 7 at one half).
 *
 * @param values in any order, at least one; left as they were
 * @throws RangeError for no values
 */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const upper = sorted[middle];
  if (upper === undefined) throw new RangeError('a median needs a value');
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? upper) + upper) / 2;
}
