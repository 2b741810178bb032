import type { ShareLimits } from '@cobbet/core/design/mixtureRegion';

/** What is rounding, of a share. */
const same = 1e-6;

/** Three components as they are drawn while the others are held: within the triangle each one's least is taken off and what is left is one. */
export interface Slice {
  /** The three as they stand in the triangle. */
  inner(shares: readonly number[]): number[];
  /** All shares at a place of the triangle. */
  real(inner: readonly number[]): number[];
  /** Whether shares are within every limit. */
  within(shares: readonly number[]): boolean;
  /** Share of a drawn component at its own corner, 0–1. */
  atCorner(axis: number): number;
  /** How far shares lie off what is drawn, as a share that would have to change place. */
  off(shares: readonly number[]): number;
}

/**
 * A slice through a mixture of three to five.
 *
 * @param axes the three that are drawn: at the top, left, right
 * @param held shares whose others hold
 */
export function sliceOf(
  limits: readonly ShareLimits[],
  axes: readonly [number, number, number],
  held: readonly number[],
): Slice {
  const others = limits.flatMap((_, i) => (axes.includes(i) ? [] : [i]));
  const heldShare = others.reduce((sum, i) => sum + (held[i] ?? 0), 0);
  const least = axes.map((i) => limits[i]?.min ?? 0);
  const free = 1 - heldShare - least.reduce((sum, one) => sum + one, 0) || 1;
  return {
    inner: (shares) => axes.map((i, at) => ((shares[i] ?? 0) - (least[at] ?? 0)) / free),
    real: (inner) =>
      limits.map((_, i) => {
        const at = axes.indexOf(i);
        return at < 0 ? (held[i] ?? 0) : (least[at] ?? 0) + free * (inner[at] ?? 0);
      }),
    within: (shares) =>
      shares.every(
        (one, i) => one >= (limits[i]?.min ?? 0) - same && one <= (limits[i]?.max ?? 1) + same,
      ),
    atCorner: (axis) => (limits[axis]?.min ?? 0) + free,
    off: (shares) =>
      others.reduce((sum, i) => sum + Math.abs((shares[i] ?? 0) - (held[i] ?? 0)), 0),
  };
}

/**
 * Shares with one of them set, the others giving way as far as each still can, so that all add up to one.
 *
 * @param value wanted; as near to it as the others' limits let it
 */
export function withShare(
  shares: readonly number[],
  at: number,
  value: number,
  limits: readonly ShareLimits[],
): number[] {
  const others = limits.flatMap((limit, i) => (i === at ? [] : [{ ...limit, i }]));
  const [least, most] = [
    others.reduce((sum, { min }) => sum + min, 0),
    others.reduce((sum, { max }) => sum + max, 0),
  ];
  const { min = 0, max = 1 } = limits[at] ?? {};
  const set = Math.min(max, 1 - least, Math.max(min, 1 - most, value));
  const change = 1 - set - others.reduce((sum, { i }) => sum + (shares[i] ?? 0), 0);
  const room = others.map(({ i, min: low, max: high }) =>
    change > 0 ? high - (shares[i] ?? 0) : (shares[i] ?? 0) - low,
  );
  const all = room.reduce((sum, one) => sum + Math.max(0, one), 0);
  const next = [...shares];
  next[at] = set;
  others.forEach(({ i }, place) => {
    const own = Math.max(0, room[place] ?? 0);
    next[i] = (shares[i] ?? 0) + (all > 0 ? (change * own) / all : 0);
  });
  return next;
}

/** How far a trial's levels lie off those that are drawn: one where a figure is at its other end. */
export function levelsApart(own: readonly number[] = [], drawn: readonly number[] = []): number {
  return Math.max(0, ...own.map((one, i) => Math.abs(one - (drawn[i] ?? 0))));
}
