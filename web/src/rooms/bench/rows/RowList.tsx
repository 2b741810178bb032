'use client';

import Box from '@mui/material/Box';
import type { AmountView } from '@cobbet/core/book/book';
import { cautionsRaisedBy } from '@cobbet/core/safety/cautions';
import { flushSync } from 'react-dom';
import { type ComponentType, useEffect, useMemo, useRef, useState } from 'react';
import { type RowActions, type RowProps, RowStrip } from './RowStrip';
import { useBenchLayout } from '../line/benchLayout';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';

interface Props {
  bench: Bench;
  view: AmountView;
  onMove: (from: number, to: number) => void;
  onEditRow: BenchEdits['editRow'];
  onSwap: (rowId: string) => void;
  /** What does not fit on the row is to be seen. */
  onDetails: (rowId: string) => void;
  /** Rows whose amounts are worth a second look, by place. */
  doubtful: ReadonlySet<number>;
}

type Sortable = ComponentType<{
  rows: readonly RowProps[];
  onMove: (from: number, to: number) => void;
}>;

/** How long after the rows are shown dragging them is fetched, ms. */
const dragAfterMs = 1500;

/**
 * What lets rows be dragged, fetched once they are shown. It takes their place when no amount is being typed, since
 * a field that is put anew loses the focus.
 */
function useSortableRows(list: { current: HTMLElement | null }): { Rows: Sortable } | null {
  const [sortable, setSortable] = useState<{ Rows: Sortable } | null>(null);
  useEffect(() => {
    let gone = false;
    const timer = setTimeout(() => {
      void import('./SortableRows').then(({ SortableRows }) => {
        const take = () => {
          if (gone) return;
          // what a dialog or a panel was opened from must not be put anew under it: the hand comes back there
          if (document.querySelector('[role="dialog"], [data-side-panel]')) {
            setTimeout(take, dragAfterMs / 3);
            return;
          }
          if (list.current?.contains(document.activeElement)) {
            list.current.addEventListener('focusout', () => setTimeout(take), { once: true });
          } else {
            // at once: a field that is reached for while they are being drawn would be put anew under the fingers
            flushSync(() => setSortable({ Rows: SortableRows }));
          }
        };
        take();
      });
    }, dragAfterMs);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [list]);
  return sortable;
}

/** The additions in their order: moved by drag or key, each on the line's own row. */
export function RowList(props: Props) {
  const { bench, view, onMove, onEditRow, onSwap, onDetails, doubtful } = props;
  const { type, done, forget, step } = bench;
  const actions = useMemo(
    (): RowActions => ({
      type,
      done,
      forget,
      hold: (rowId) => onEditRow(rowId, 'Hold', (row) => ({ ...row, hold: !row.hold })),
      move: (index, by) => onMove(index, index + by),
      step,
      details: onDetails,
      swap: onSwap,
    }),
    [type, done, forget, step, onEditRow, onMove, onSwap, onDetails],
  );
  const { rowsWidth } = useBenchLayout();
  const list = useRef<HTMLElement>(null);
  const drag = useSortableRows(list);
  const rows = bench.rows.map((one, index): RowProps => ({
    read: one,
    index,
    typing: bench.typing.has(one.row.id),
    view,
    measures: bench.kitchen.measures,
    doubtful: doubtful.has(index),
    minded: cautionsRaisedBy(bench.analysis.cautions, one.row.ingredientId).length > 0,
    actions,
  }));
  return (
    <Box component="ol" ref={list} sx={{ m: 0, p: 0, width: rowsWidth }}>
      {drag ? (
        <drag.Rows rows={rows} onMove={onMove} />
      ) : (
        rows.map((row) => <RowStrip key={row.read.row.id} {...row} />)
      )}
    </Box>
  );
}
