/** An order of elements with how many pairs of them stand the other way round than before. */
export interface Reordered {
  order: number[];
  inversions: number;
}

/** More elements than this make too many subsets to try them all. */
export const mostElements = 13;

/**
 * The order that goes through allowed subsets only and turns round the fewest pairs, exactly: a shortest path over
 * all subsets (Held & Karp 1962 for the recursion; the cost is the Kendall tau distance).
 *
 * @param count elements, 0–13, in their present order
 * @param allowed whether the subset with these bits may stand in the bowl; the empty one always may
 * @returns null when no order stays within the allowed subsets
 * @throws RangeError above 13 elements
 */
export function leastReorder(
  count: number,
  allowed: (subset: number) => boolean,
): Reordered | null {
  if (count > mostElements) throw new RangeError(`${count} elements are too many to try them all`);
  const full = (1 << count) - 1;
  const cost = new Float64Array(full + 1).fill(Infinity);
  const lastIn = new Int8Array(full + 1).fill(-1);
  cost[0] = 0;
  for (let subset = 0; subset <= full; subset += 1) {
    const here = cost[subset] ?? Infinity;
    if (here === Infinity) continue;
    for (let next = 0; next < count; next += 1) {
      const bit = 1 << next;
      if ((subset & bit) !== 0) continue;
      const then = subset | bit;
      // every later element already in is a pair turned round
      const turned = bitCount(subset >>> (next + 1));
      if (here + turned < (cost[then] ?? Infinity) && allowed(then)) {
        cost[then] = here + turned;
        lastIn[then] = next;
      }
    }
  }
  const inversions = cost[full] ?? Infinity;
  if (inversions === Infinity) return null;
  const order: number[] = [];
  for (let subset = full; subset > 0;) {
    const last = lastIn[subset] ?? 0;
    order.unshift(last);
    subset &= ~(1 << last);
  }
  return { order, inversions };
}

function bitCount(bits: number): number {
  let count = 0;
  for (let rest = bits; rest !== 0; rest &= rest - 1) count += 1;
  return count;
}
