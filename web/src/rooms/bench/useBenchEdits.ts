'use client';

import type { Dip, Row } from '@cobbet/core/book/dip';
import type { LandedPart } from '@cobbet/core/landing/landParts';
import type { Band, TargetName } from '@cobbet/core/landing/targets';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { useMemo } from 'react';
import { editDip, newId } from '@/store/commands';
import { withRow } from './useBench';

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
            {
              id: newId(),
              ingredientId: ingredient.id,
              amount: amount === '' ? 'to taste' : amount,
              place: 'bowl',
              prep: '',
              hold: false,
            },
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
        edit('Land it', (dip) => ({
          ...dip,
          rows: dip.rows.map((row) => ({ ...row, amount: amounts.get(row.id) ?? row.amount })),
        }));
      },
      takeOut: (rowId: string) =>
        edit('Take out a row', (dip) => ({
          ...dip,
          rows: dip.rows.filter((row) => row.id !== rowId),
        })),
    };
  }, [dipId]);
}
