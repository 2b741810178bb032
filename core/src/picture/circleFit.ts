import { inverse3 } from '../statistics/matrices';

/** A place on a plane. */
export type PlanePoint = readonly [x: number, y: number];

/** A circle through places, the nearest there is. */
export interface FittedCircle {
  x: number;
  y: number;
  radius: number;
  /** How far each place lies outside it. */
  off: number[];
  /** Variance of the radius where each place is off by one on either axis; 1/n for n places all around. */
  radiusVariance: number;
}

/** Of places of size one, as flat as this they lie on a line. */
const onLine = 1e-10;

type Rows = readonly (readonly number[])[];

/** The inverse of the sums of products of equations' factors, as least squares need it; by rows, nothing finite where they say too little. */
const inverseNormal = (rows: Rows): number[] =>
  inverse3(
    [0, 1, 2].flatMap((i) =>
      [0, 1, 2].map((j) => rows.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), 0)),
    ),
  );

/** What solves equations best, in the sense of least squares. */
function leastSquares(rows: Rows, values: readonly number[]): number[] {
  const inverse = inverseNormal(rows);
  const right = [0, 1, 2].map((i) =>
    rows.reduce((sum, row, k) => sum + (row[i] ?? 0) * (values[k] ?? 0), 0),
  );
  return [0, 1, 2].map((i) =>
    right.reduce((sum, one, j) => sum + (inverse[3 * i + j] ?? 0) * one, 0),
  );
}

/**
 * The circle nearest to places, by the distances from it: begun by the algebraic fit, mended by Gauss and Newton's steps.
 *
 * @param points three or more, not on one line
 * @returns null where they lie on a line
 */
export function fitCircle(points: readonly PlanePoint[]): FittedCircle | null {
  const n = points.length;
  if (n < 3) return null;
  const [mx, my] = [0, 1].map((i) => points.reduce((sum, one) => sum + (one[i] ?? 0), 0) / n);
  const spread = Math.sqrt(
    points.reduce((sum, [x, y]) => sum + (x - (mx ?? 0)) ** 2 + (y - (my ?? 0)) ** 2, 0) / n,
  );
  if (!(spread > 0)) return null;
  // about the middle and of size one, so that the equations are well scaled
  const scaled = points.map(
    ([x, y]) => [(x - (mx ?? 0)) / spread, (y - (my ?? 0)) / spread] as const,
  );
  const sumOf = (of: (x: number, y: number) => number) =>
    scaled.reduce((sum, [x, y]) => sum + of(x, y), 0) / n;
  const across = sumOf((x) => x * x) * sumOf((_, y) => y * y) - sumOf((x, y) => x * y) ** 2;
  if (across < onLine) return null;
  const first = leastSquares(
    scaled.map(([x, y]) => [x, y, 1]),
    scaled.map(([x, y]) => x * x + y * y),
  );
  let [cx, cy] = [(first[0] ?? 0) / 2, (first[1] ?? 0) / 2];
  let radius = Math.sqrt((first[2] ?? 0) + cx * cx + cy * cy);
  const gaps = () => scaled.map(([x, y]) => Math.hypot(x - cx, y - cy) || 1e-12);
  const slopes = (distances: readonly number[]) =>
    scaled.map(([x, y], i) => {
      const d = distances[i] ?? 1;
      return [(x - cx) / d, (y - cy) / d, 1];
    });
  for (let i = 0; i < 6; i += 1) {
    const distances = gaps();
    const step = leastSquares(
      slopes(distances),
      distances.map((d) => d - radius),
    );
    [cx, cy, radius] = [cx + (step[0] ?? 0), cy + (step[1] ?? 0), radius + (step[2] ?? 0)];
    if (step.every((one) => Math.abs(one) < 1e-9)) break;
  }
  if (!(radius > 0) || !Number.isFinite(radius) || radius > 1e4) return null;
  const distances = gaps();
  return {
    x: (mx ?? 0) + cx * spread,
    y: (my ?? 0) + cy * spread,
    radius: radius * spread,
    off: distances.map((d) => (d - radius) * spread),
    radiusVariance: inverseNormal(slopes(distances))[8] ?? 1,
  };
}
