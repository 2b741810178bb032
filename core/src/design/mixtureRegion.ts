import { mean } from '../statistics/mean';

/** The least and the most of a component, as shares of them all together. */
export interface ShareLimits {
  min: number;
  max: number;
}

/** Shares that differ by less are the same point. */
const same = 1e-9;

/**
 * The limits that can really be reached, given the others'; null where the shares can't add up to one.
 *
 * @see Cornell, Experiments with Mixtures, 3rd ed., 4.4
 */
export function reachableLimits(limits: readonly ShareLimits[]): ShareLimits[] | null {
  const least = limits.reduce((sum, { min }) => sum + min, 0);
  const most = limits.reduce((sum, { max }) => sum + max, 0);
  if (least > 1 + same || most < 1 - same || limits.some(({ min, max }) => min > max + same)) {
    return null;
  }
  return limits.map(({ min, max }) => ({
    min: Math.max(min, 1 - (most - max)),
    max: Math.min(max, 1 - (least - min)),
  }));
}

/** The middle of some points. */
export function centroid(points: readonly (readonly number[])[]): number[] {
  const [first = []] = points;
  return first.map((_, i) => mean(points.map((point) => point[i] ?? 0)));
}

function distinct(points: readonly number[][]): number[][] {
  const found = new Map<string, number[]>();
  for (const point of points) found.set(point.map((x) => Math.round(x * 1e7)).join(), point);
  return [...found.values()];
}

/**
 * The corners of what may be mixed: all components but one at a limit, that one making it up to one.
 *
 * @param limits two to five components
 * @returns shares that add up to one
 * @see McLean & Anderson (1966), Technometrics 8
 */
export function extremeVertices(limits: readonly ShareLimits[]): number[][] {
  const q = limits.length;
  const corners: number[][] = [];
  for (let rest = 0; rest < q; rest += 1) {
    const others = limits.flatMap((limit, i) => (i === rest ? [] : [{ ...limit, i }]));
    for (let bits = 0; bits < 2 ** others.length; bits += 1) {
      const point = limits.map(() => 0);
      others.forEach(({ min, max, i }, at) => (point[i] = (bits >> at) & 1 ? max : min));
      const left = 1 - point.reduce((sum, x) => sum + x, 0);
      const { min = 0, max = 1 } = limits[rest] ?? {};
      if (left < min - same || left > max + same) continue;
      point[rest] = Math.min(max, Math.max(min, left));
      corners.push(point);
    }
  }
  return distinct(corners);
}

/** Along an edge one component gives way to another, and the rest stay. */
const isEdge = (one: readonly number[], other: readonly number[]) =>
  one.filter((x, i) => Math.abs(x - (other[i] ?? 0)) > same).length === 2;

/**
 * Points worth a trial: corners, the middle of every edge, the middle of all, and half way from it to each corner.
 *
 * @returns none where the limits can't be met
 */
export function candidatePoints(limits: readonly ShareLimits[]): number[][] {
  const reachable = reachableLimits(limits);
  if (!reachable) return [];
  const corners = extremeVertices(reachable);
  const middle = centroid(corners);
  const between = corners.flatMap((one, i) =>
    corners.slice(i + 1).flatMap((other) => (isEdge(one, other) ? [centroid([one, other])] : [])),
  );
  return distinct([
    ...corners,
    ...between,
    middle,
    ...corners.map((one) => centroid([one, middle])),
  ]);
}
