import { isWeighed } from '../amounts/isWeighed';
import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import type { MeasureSystem } from '../amounts/measureSystem';
import { printGrams } from '../amounts/printAmount';
import { readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import type { WayStep } from '../dip/throughStall';
import type { Kitchen } from '../kitchen/kitchen';
import type { Edit } from '../proposal/edit';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Proposal } from '../proposal/proposal';

/**
 * Rows in the order of a way through the machine, as edits; a share of a row becomes a row of its own, and what is not
 * in the way follows as it was.
 *
 * @param newId an id for each row that is divided off
 */
export function orderEdits(
  way: readonly WayStep[],
  rows: readonly ReadRow[],
  measures: MeasureSystem,
  newId: () => string,
): Edit[] {
  const edits: Edit[] = [];
  const firstPartG = new Map<number, number>();
  const order = way.flatMap(({ index, share }): string[] => {
    const read = rows[index];
    if (!read) return [];
    const { row, ingredient } = read;
    if (share === 1 || !ingredient) return [row.id];
    const earlier = firstPartG.get(index);
    const wantedG = earlier === undefined ? read.massG * share : read.massG - earlier;
    const part = isWeighed(row.amount)
      ? { text: printGrams(wantedG), massG: wantedG }
      : nearestKitchenMeasure(wantedG, ingredient, measures);
    if (earlier === undefined) {
      firstPartG.set(index, part.massG);
      edits.push({ kind: 'amount', rowId: row.id, amount: part.text });
      return [row.id];
    }
    const id = newId();
    edits.push({ kind: 'add', row: { ...row, id, amount: part.text }, before: null });
    return [id];
  });
  return [...edits, { kind: 'order', rowIds: order }];
}

/** An order, or an order with a liquid in two goes, that gets a dip through its machine. */
export function proposeOrder(
  dip: Dip,
  kitchen: Kitchen,
  way: readonly WayStep[],
  newId: () => string,
): Proposal {
  const { rows } = readDip(dip, kitchen);
  return proposeForDip(dip, kitchen, {
    maker: 'order',
    label: 'Order',
    edits: orderEdits(way, rows, kitchen.measures, newId),
  });
}
