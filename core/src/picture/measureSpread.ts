import { fitCircle, type FittedCircle } from './circleFit';
import type { PicturePoint, PictureSize, Rims } from './picturePoint';
import { tiltedPlane, type TiltedPlane } from './tiltedPlane';

/** What a picture says of two rims that lie on one board. */
export interface SpreadOnPicture {
  diameterMm: number;
  /** One standard deviation, mm. */
  sdMm: number;
  /** How far from straight above it was taken, degrees; what fits best. */
  tiltDeg: number;
  /** The rims as they fit best, around, to be drawn over the picture. */
  known: PicturePoint[];
  spread: PicturePoint[];
}

/** Places of an outline. */
const around = 48;

/** Fewer places than this make no circle. */
export const leastPoints = 3;

const degree = Math.PI / 180;
/** How a hand holds a phone over a board: mostly near straight above; one standard deviation of the tilt's tangent. */
const usualTilt = Math.tan(15 * degree);
const mostTilt = 40 * degree;
/** Focal lengths there are, over the longer side, with how often: a phone's main camera, wider and longer ones. */
const usualFocal = { share: 0.75, sd: 0.1, from: 0.55, step: 0.1 } as const;
const focals = Array.from({ length: 5 }, (_, i) => {
  const share = usualFocal.from + usualFocal.step * i;
  return { share, weight: Math.exp(-(((share - usualFocal.share) / usualFocal.sd) ** 2) / 2) };
});
/** How near a rim is hit, of the picture's longer side: by a finger, and found by its edge. */
const hitShare = { tapped: 0.0012, found: 0.0004 } as const;
/** No spread is quite round, and its rim is no line: of the width, one standard deviation. */
const rimShare = 0.01;
/** So many places of tilt are looked at more closely, so many times. */
const kept = 40;
const finer = [2, 4, 4] as const;
/** As many places of a rim tell well enough where to look closer. */
const fewPoints = 10;

interface Cell {
  tilt: number;
  turn: number;
  dTilt: number;
  dTurn: number;
  focal: { share: number; weight: number };
}

interface Seen extends Cell {
  /** ln of its weight, its own size with it. */
  logWeight: number;
  ratio: number;
  /** Of the ratio, from where the rims were hit. */
  variance: number;
  plane: TiltedPlane;
  known: FittedCircle;
  spread: FittedCircle;
}

/** Every tilt, by the usual focal length. */
function firstCells(): Cell[] {
  const [dTilt, dTurn] = [2.5 * degree, 15 * degree];
  return Array.from({ length: Math.round(mostTilt / dTilt) }, (_, i) =>
    Array.from({ length: Math.round((2 * Math.PI) / dTurn) }, (__, k) => ({
      ...{ tilt: (i + 0.5) * dTilt, turn: k * dTurn },
      ...{ dTilt, dTurn, focal: { share: usualFocal.share, weight: 1 } },
    })),
  ).flat();
}

/** The same by every focal length there is. */
const byFocals = (cell: Cell): Cell[] => focals.map((focal) => ({ ...cell, focal }));

const closer =
  (fine: number) =>
  ({ tilt, turn, dTilt, dTurn, focal }: Cell): Cell[] =>
    Array.from({ length: fine * fine }, (_, i) => ({
      tilt: tilt + ((Math.floor(i / fine) + 0.5) / fine - 0.5) * dTilt,
      turn: turn + (((i % fine) + 0.5) / fine - 0.5) * dTurn,
      ...{ dTilt: dTilt / fine, dTurn: dTurn / fine, focal },
    }));

/** Seen from a tilt, how well the rims are circles and how wide the one is for the other. */
function seenFrom(cell: Cell, size: PictureSize, rims: Rims, tapPx: number): Seen | null {
  const { tilt, turn, dTilt, dTurn, focal } = cell;
  const plane = tiltedPlane(size, { tiltRad: tilt, turnRad: turn, focalShare: focal.share });
  const fits = [rims.known, rims.spread].map((points) => {
    const circle = fitCircle(points.map((point) => plane.onPlane(point)));
    if (!circle) return null;
    const scale = plane.pixelsAt(plane.onPicture([circle.x, circle.y]));
    const misses = circle.off.reduce((sum, off) => sum + ((off * scale) / tapPx) ** 2, 0);
    // share of the radius that a place hit wrongly costs
    const variance = (circle.radiusVariance * (tapPx / scale) ** 2) / circle.radius ** 2;
    return { circle, misses, variance };
  });
  const [one, other] = fits;
  if (!one || !other) return null;
  const usual = Math.exp(-((Math.tan(tilt) / usualTilt) ** 2) / 2);
  const area = Math.sin(tilt) * dTilt * dTurn * focal.weight;
  const ratio = other.circle.radius / one.circle.radius;
  return {
    ...cell,
    logWeight: -(one.misses + other.misses) / 2 + Math.log(usual * area),
    ratio,
    variance: ratio ** 2 * (one.variance + other.variance),
    ...{ plane, known: one.circle, spread: other.circle },
  };
}

/** Some places of many, evenly; all where there are few. */
const someOf = (points: readonly PicturePoint[]): readonly PicturePoint[] => {
  const every = Math.floor(points.length / fewPoints);
  return every < 2 ? points : points.filter((_, i) => i % every === 0);
};

const byWeight = (a: Seen, b: Seen) => b.logWeight - a.logWeight;

function outline(plane: TiltedPlane, { x, y, radius }: FittedCircle): PicturePoint[] {
  return Array.from({ length: around }, (_, i) => {
    const turn = (i * 2 * Math.PI) / around;
    return plane.onPicture([x + radius * Math.cos(turn), y + radius * Math.sin(turn)]);
  });
}

/**
 * How wide a spread is on a picture against something of a known width on the same board: both rims are circles there, and how the camera
 * looked at them is what makes them so. Every tilt a hand may have held it at is weighed by how well both rims are circles from it (a posterior
 * on a grid), so that what the places do not settle stands in the error. The picture is whole: its middle is where the camera looked.
 *
 * @param rims places on either, three or more; five or more of each settle the tilt
 * @param knownMm width of what is known, > 0
 * @param hit how the places were found
 * @throws RangeError where a rim has too few places, or they lie on a line
 */
export function measureSpread(
  size: PictureSize,
  { known, spread }: Rims,
  knownMm: number,
  hit: keyof typeof hitShare = 'tapped',
): SpreadOnPicture {
  for (const points of [known, spread]) {
    if (points.length < leastPoints) throw new RangeError('a rim needs three places');
  }
  const tapPx = hitShare[hit] * Math.max(size.widthPx, size.heightPx);
  const see = (cells: readonly Cell[], rims: Rims) =>
    cells.flatMap((cell) => seenFrom(cell, size, rims, tapPx) ?? []).sort(byWeight);
  const few = { known: someOf(known), spread: someOf(spread) };
  let seen = see(firstCells(), few);
  finer.forEach((fine, round) => {
    const best: Cell[] = seen.slice(0, kept);
    const cells = round === 0 ? best.flatMap(byFocals) : best;
    const closely = see(cells.flatMap(closer(fine)), { known, spread });
    // what was seen by few places and one focal length weighs nothing once all are looked at
    const rest = round === 0 ? [] : seen.slice(kept);
    seen = [...rest, ...closely].sort(byWeight);
  });
  const [best] = seen;
  if (!best) throw new RangeError('the places of a rim lie on a line');
  const weights = seen.map(({ logWeight }) => Math.exp(logWeight - best.logWeight));
  const all = weights.reduce((sum, one) => sum + one, 0);
  const mean = (of: (one: Seen) => number) =>
    seen.reduce((sum, one, i) => sum + (weights[i] ?? 0) * of(one), 0) / all;
  const ratio = mean((one) => one.ratio);
  const variance = mean((one) => one.variance + (one.ratio - ratio) ** 2);
  return {
    diameterMm: knownMm * ratio,
    sdMm: knownMm * Math.hypot(Math.sqrt(variance), rimShare * ratio),
    tiltDeg: best.tilt / degree,
    known: outline(best.plane, best.known),
    spread: outline(best.plane, best.spread),
  };
}
