import { atEveryLevel, type MixturePoint } from './mixturePoint';
import { candidatePoints, reachableLimits, type ShareLimits } from './mixtureRegion';

/** Cuts of the simplex that are looked at; fewer where every mixture stands at several levels. */
const cuts: Record<number, number> = { 2: 60, 3: 40, 4: 18, 5: 12 };
const cutsAtLevels: Record<number, number> = { 2: 40, 3: 24, 4: 12, 5: 8 };

/**
 * Mixtures on a lattice within limits, with the points worth a trial.
 *
 * @param limits two to five components
 * @param cut into how many steps the simplex of so many is cut
 */
export function latticeWithin(
  limits: readonly ShareLimits[],
  cut: Record<number, number> = cuts,
): number[][] {
  const reachable = reachableLimits(limits);
  if (!reachable) return [];
  const q = limits.length;
  const free = 1 - reachable.reduce((sum, { min }) => sum + min, 0);
  const steps = cut[q] ?? 8;
  const points: number[][] = [];
  const place = (at: number, left: number, soFar: readonly number[]) => {
    if (at === q - 1) {
      points.push([...soFar, left]);
      return;
    }
    for (let k = 0; k <= left; k += 1) place(at + 1, left - k, [...soFar, k]);
  };
  place(0, steps, []);
  const shares = points
    .map((point) => point.map((k, i) => (reachable[i]?.min ?? 0) + (free * k) / steps))
    .filter((point) => point.every((x, i) => x <= (reachable[i]?.max ?? 1) + 1e-9));
  return [...shares, ...candidatePoints(limits)];
}

/** Levels that are looked at of what is varied beside a mixture; the more there are of them, the fewer of each. */
const levelsAt: Record<number, readonly number[]> = {
  1: [0, 0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1],
  2: [0, 0.25, 0.5, 0.75, 1],
  3: [0, 0.5, 1],
};

/**
 * Every mixture that is looked at, at every level that is looked at of what is varied beside it.
 *
 * @param varied how many figures are varied
 */
export const pointsWithin = (limits: readonly ShareLimits[], varied: number): MixturePoint[] =>
  atEveryLevel(
    latticeWithin(limits, varied > 0 ? cutsAtLevels : cuts),
    levelsAt[varied] ?? [],
    varied,
  );
