/**
 * Standard normal cumulative distribution Φ(z), error under 1e-7.
 *
 * @param z any finite number
 * @returns 0–1
 * @see Abramowitz & Stegun, Handbook of Mathematical Functions, 7.1.26
 *
 * @example normalCdf(0) // 0.5
 */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const series =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = 0.5 * series * Math.exp(-x * x);
  return z >= 0 ? 1 - tail : tail;
}
