import type { Band } from '@cobbet/core/mix/targets';
import type { Bead, LineAxis, ShownQuantity } from './shownQuantity';

export const footHeight = 56;

/** A mark at the foot: where the dip stands warm or cold, its spread and its target. */
export interface FootMark {
  value: number | null;
  sd: number;
  band: Band | undefined;
  /** A reading taken last time, as a value on the axis. */
  read: number | null;
}

/** A place the thread runs through, with the ends of its spread, px. */
export interface Point {
  x: number;
  y: number;
  left: number;
  right: number;
}

/** Middle of a row, px from the top. */
export const rowY = (index: number, rowHeight: number) => index * rowHeight + rowHeight / 2;

/** Beads as places on the line; rows that go on top and rows before there is anything have none. */
export function points(
  beads: readonly Bead[],
  onTop: readonly boolean[],
  axis: LineAxis,
  rowHeight: number,
): (Point & { index: number; bead: Bead })[] {
  return beads.flatMap((bead, index) => {
    if (onTop[index] || (bead.value === null && !bead.crumbs)) return [];
    const { value, low, high } = bead;
    const x = value === null ? axis.crumbsX : axis.x(value);
    const left = value === null ? x : axis.x(low);
    const right = value === null ? x : axis.x(high);
    return [{ x, y: rowY(index, rowHeight), left, right, index, bead }];
  });
}

/** A path straight from place to place, as SVG has it. */
const straight = (places: readonly (readonly [number, number])[]) =>
  places.length === 0 ? '' : `M${places.map(([x, y]) => `${x},${y}`).join('L')}`;

/** The thread through its places. Straight, so it needs no library of curves in the first load. */
export const threadLine = (all: readonly Point[]) => straight(all.map(({ x, y }) => [x, y]));

/** The spread around the thread, closed. */
export function spreadArea(all: readonly Point[]): string {
  const down = all.map(({ right, y }) => [right, y] as const);
  const up = all.map(({ left, y }) => [left, y] as const).reverse();
  return all.length === 0 ? '' : `${straight([...down, ...up])}Z`;
}

/** Beads whose figure is written beside them: ends, and every step of half a point or more. */
export function labelled(
  all: readonly { bead: Bead }[],
  index: number,
  shown: ShownQuantity,
): boolean {
  const value = all[index]?.bead.value;
  const before = all[index - 1]?.bead.value;
  if (value === null || value === undefined) return false;
  if (index === 0 || index === all.length - 1) return true;
  const step = shown === 'body' ? 0.5 : 0.1;
  return before === null || before === undefined || Math.abs(value - before) >= step;
}

/** Middle of a foot below so many rows, px from the top. */
export const footY = (rows: number, foot: number, rowHeight: number) =>
  rows * rowHeight + foot * footHeight + footHeight / 2;
