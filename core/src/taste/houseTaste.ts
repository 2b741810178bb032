import { normalCdf } from '../statistics/normalCdf';
import type { Side } from './agreement';

/** What somebody said of how much there was of something. */
export interface LevelVerdict {
  /** How much there was, in its own unit. */
  level: number;
  side: Side;
  /** What it counts, 0–1; all of it when left out. */
  weight?: number;
}

/** A range in which something is right. */
export interface RightRange {
  low: number;
  high: number;
}

/** The range in which something is right to the people here. */
export interface HouseRange extends RightRange {
  /** In the middle of it. */
  ideal: number;
  /** One standard deviation of the middle. */
  sd: number;
  /** Verdicts it rests on. */
  n: number;
}

/** What is right lies within so many times what is just noticed, and a tongue wanders by as much (J). */
const withinNoticed = 1.5;
/** So often a verdict is about something else: a slip of the finger, another fault of an odd bowl (J). */
const lapse = 0.2;
/** Half of a family's range is so many standard deviations of where a house may stand in it (J). */
const priorSpread = 1.5;
/** Places the middle may stand at lie a share of the tongue's wandering apart, at most so many. */
const fineness = 6;
const mostPlaces = 2000;
/** How far from all that is known it may stand, in standard deviations of where a house may: so far that what lies beyond weighs nothing. */
const reach = 8;

/**
 * Where people who said short, right or over would have it: the middle of what is right is known as roughly as the family's range, and each
 * verdict moves it by an ordered probit with a share of slips; summed over a grid, so that the order of the verdicts does not matter. The
 * range narrows from the family's to what is right to one tongue.
 *
 * @param usual of the family; what is right before anybody said anything
 * @param noticed the least change that is noticed, in the level's own unit, > 0
 * @see docs/science.md, Tasting
 */
export function houseRange(
  usual: RightRange,
  verdicts: readonly LevelVerdict[],
  noticed: number,
): HouseRange {
  const middle = (usual.low + usual.high) / 2;
  const half = (usual.high - usual.low) / 2;
  const right = Math.min(half, withinNoticed * noticed);
  const spread = half / priorSpread;
  if (verdicts.length === 0) return { ...usual, ideal: middle, sd: spread, n: 0 };
  const tongue = withinNoticed * noticed;
  const levels = verdicts.map(({ level }) => level);
  const from = Math.min(middle, ...levels) - reach * spread;
  const to = Math.max(middle, ...levels) + reach * spread;
  // counted from the middle, so that another verdict does not shift the places
  const step = Math.max(tongue / fineness, (to - from) / mostPlaces);
  const [first, last] = [Math.floor((from - middle) / step), Math.ceil((to - middle) / step)];
  const grid = Array.from({ length: last - first + 1 }, (_, i) => middle + (first + i) * step);
  const logs = grid.map((ideal) => {
    const prior = -(((ideal - middle) / spread) ** 2) / 2;
    return verdicts.reduce((sum, { level, side, weight = 1 }) => {
      const short = normalCdf((ideal - right - level) / tongue);
      const over = normalCdf((level - ideal - right) / tongue);
      const chance =
        side === 'low' ? short : side === 'high' ? over : Math.max(0, 1 - short - over);
      return sum + weight * Math.log((1 - lapse) * chance + lapse / 3);
    }, prior);
  });
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const ideal = grid.reduce((sum, at, i) => sum + at * (weights[i] ?? 0), 0) / total;
  const variance =
    grid.reduce((sum, at, i) => sum + (at - ideal) ** 2 * (weights[i] ?? 0), 0) / total;
  const sd = Math.sqrt(variance);
  // with nothing said it is the family's, with all said what is right to one tongue
  // two that contradict each other make it no less known than the family has it
  const doubt = Math.min(1, sd / spread) * Math.sqrt(Math.max(0, half ** 2 - right ** 2));
  const by = Math.hypot(right, doubt);
  return { low: Math.max(0, ideal - by), high: ideal + by, ideal, sd, n: verdicts.length };
}
