import type { MeasureSystem } from '../amounts/measureSystem';
import { readRow, type ReadRow } from '../dip/readRow';
import type { Kitchen } from '../kitchen/kitchen';
import { type ResizedRow, resizedRows } from './resize';

/** Sizes that kitchen measures divide into. */
const plainFactors = [
  0.25,
  1 / 3,
  0.5,
  2 / 3,
  0.75,
  1,
  1.25,
  4 / 3,
  1.5,
  5 / 3,
  1.75,
  2,
  2.5,
  3,
  3.5,
  4,
  5,
  6,
  8,
  10,
  12,
  16,
  20,
];
/** As near as this to what was asked is worth offering, as a share. */
const near = 0.35;
/** Rounded by no more than this nothing was rounded. */
const honest = 0.02;
const mostOffered = 2;

/** What the rounded amounts of another size come to, g; what goes on top left out. */
export function sizedMass(
  rows: readonly ReadRow[],
  resized: readonly ResizedRow[],
  kitchen: Pick<Kitchen, 'larder' | 'measures'>,
): number {
  const amounts = new Map(resized.map(({ rowId, amount }) => [rowId, amount]));
  return rows.reduce((sum, { row, massG }) => {
    if (row.place === 'top') return sum;
    const amount = amounts.get(row.id);
    const again = amount === undefined ? null : readRow({ ...row, amount }, kitchen);
    return sum + (again && again.error === null ? again.massG : massG);
  }, 0);
}

/**
 * The sizes nearest to a wanted one in which no amount is rounded.
 *
 * @returns factors, the nearest first; none where the wanted one is such
 */
export function honestSizes(
  rows: readonly ReadRow[],
  wanted: number,
  measures: MeasureSystem,
): number[] {
  const worst = (factor: number) =>
    Math.max(0, ...resizedRows(rows, factor, measures).map(({ off }) => Math.abs(off)));
  if (worst(wanted) <= honest) return [];
  return plainFactors
    .filter((factor) => Math.abs(factor / wanted - 1) <= near && factor !== wanted && factor !== 1)
    .sort((a, b) => Math.abs(a / wanted - 1) - Math.abs(b / wanted - 1))
    .filter((factor) => worst(factor) <= honest)
    .slice(0, mostOffered);
}
