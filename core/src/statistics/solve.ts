/**
 * Where a rising function passes a value, by halving.
 *
 * @param f rising over the range
 * @returns an end of the range where the value lies beyond it
 */
export function whereRising(
  f: (x: number) => number,
  value: number,
  low: number,
  high: number,
): number {
  let [from, to] = [low, high];
  if (f(from) >= value) return from;
  if (f(to) <= value) return to;
  for (let i = 0; i < 100 && to - from > 1e-12 * Math.max(1, Math.abs(to)); i += 1) {
    const middle = (from + to) / 2;
    if (f(middle) < value) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}
