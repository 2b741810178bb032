'use client';

import { type Dip, plainRow, type Row } from '@cobbet/core/book/dip';
import type { ReadRow } from '@cobbet/core/book/dipParts';
import type { ResizedRow } from '@cobbet/core/book/resize';
import type { LandedPart } from '@cobbet/core/landing/landParts';
import type { Band, TargetName } from '@cobbet/core/landing/targets';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Nudge } from '@cobbet/core/nudge/nudges';
import { addAmountTexts } from '@cobbet/core/quantity/addAmounts';
import { isWeighed } from '@cobbet/core/quantity/isWeighed';
import { nearestKitchenMeasure } from '@cobbet/core/quantity/kitchenMeasure';
import type { MeasureSystem } from '@cobbet/core/quantity/measureSystem';
import { printGrams } from '@cobbet/core/quantity/printAmount';
import type { WayStep } from '@cobbet/core/stall/throughStall';
import { useMemo } from 'react';
import { editDip, newId } from '@/store/commands';
import { withRow } from './useBench';

/** A dip with other amounts in some of its rows, by row. */
function withAmounts(dip: Dip, amounts: ReadonlyMap<string, string | undefined>): Dip {
  return {
    ...dip,
    rows: dip.rows.map((row) => ({ ...row, amount: amounts.get(row.id) ?? row.amount })),
  };
}

/** Rows in the order of a way through the machine; a share of a row becomes a row of its own. */
function rowsInOrder(
  way: readonly WayStep[],
  rows: readonly ReadRow[],
  measures: MeasureSystem,
): Row[] {
  const inWay = new Set(way.map(({ index }) => index));
  const firstPartG = new Map<number, number>();
  const ordered = way.flatMap(({ index, share }): Row[] => {
    const read = rows[index];
    if (!read) return [];
    if (share === 1 || !read.ingredient) return [read.row];
    const earlier = firstPartG.get(index);
    const wantedG = earlier === undefined ? read.massG * share : read.massG - earlier;
    const part = isWeighed(read.row.amount)
      ? { text: printGrams(wantedG), massG: wantedG }
      : nearestKitchenMeasure(wantedG, read.ingredient, measures);
    if (earlier === undefined) firstPartG.set(index, part.massG);
    const id = earlier === undefined ? read.row.id : newId();
    return [{ ...read.row, id, amount: part.text }];
  });
  return [...ordered, ...rows.filter((_, i) => !inWay.has(i)).map(({ row }) => row)];
}

/** Everything the bench does to its dip, each a command with a name; the same functions for the life of the room. */
export function useBenchEdits(dipId: string) {
  return useMemo(() => {
    const edit = (label: string, change: (dip: Dip) => Dip) => void editDip(dipId, label, change);
    return {
      edit,
      setTarget: (name: TargetName, band: Band | null) =>
        edit(band ? 'Target' : 'Target taken away', (dip) => {
          const { [name]: _old, ...rest } = dip.targets;
          return { ...dip, targets: band ? { ...rest, [name]: band } : rest };
        }),
      editRow: (rowId: string, label: string, change: (row: Row) => Row) =>
        edit(label, (dip) => withRow(dip, rowId, change)),
      add: (ingredient: Ingredient, amount: string) =>
        edit(`Add ${ingredient.name}`, (dip) => ({
          ...dip,
          rows: [
            ...dip.rows,
            plainRow(newId(), ingredient.id, amount === '' ? 'to taste' : amount),
          ],
        })),
      move: (from: number, to: number) =>
        edit('Order', (dip) => {
          if (to < 0 || to >= dip.rows.length) return dip;
          const rows = [...dip.rows];
          const [row] = rows.splice(from, 1);
          if (row) rows.splice(to, 0, row);
          return { ...dip, rows };
        }),
      /** Takes a landing's amounts for the rows it was made of. */
      take: (rowIds: readonly string[], parts: readonly LandedPart[]) => {
        const amounts = new Map(rowIds.map((id, i) => [id, parts[i]?.amount]));
        edit('Land it', (dip) => withAmounts(dip, amounts));
      },
      /** One spoon or piece more of a thing: on its row, or as a new one at the end. */
      nudge: (nudge: Nudge) =>
        edit(`Add ${nudge.amount}`, (dip) => {
          const row = dip.rows.findLast(
            (one) => one.ingredientId === nudge.ingredient && one.place !== 'top',
          );
          const more = row && addAmountTexts(row.amount, nudge.amount);
          if (row && more?.ok) {
            return withRow(dip, row.id, (one) => ({ ...one, amount: more.value }));
          }
          return { ...dip, rows: [...dip.rows, plainRow(newId(), nudge.ingredient, nudge.amount)] };
        }),
      sure: (rowId: string, amount: string) =>
        edit('It is right', (dip) => withRow(dip, rowId, (row) => ({ ...row, sure: amount }))),
      /** Takes an order, or an order with a liquid in two goes; what is not in it follows as it was. */
      reorder: (way: readonly WayStep[], rows: readonly ReadRow[], measures: MeasureSystem) =>
        edit('Order', (dip) => ({ ...dip, rows: rowsInOrder(way, rows, measures) })),
      /** Takes every amount of another size. */
      resize: (sized: readonly ResizedRow[]) => {
        const amounts = new Map(sized.map(({ rowId, amount }) => [rowId, amount]));
        edit('Another size', (dip) => withAmounts(dip, amounts));
      },
      takeOut: (rowId: string) =>
        edit('Take out a row', (dip) => ({
          ...dip,
          rows: dip.rows.filter((row) => row.id !== rowId),
        })),
    };
  }, [dipId]);
}

export type BenchEdits = ReturnType<typeof useBenchEdits>;
