'use client';

import Box from '@mui/material/Box';
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { AmountView } from '@cobbet/core/book/book';
import type { Row } from '@cobbet/core/book/dip';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { type RowActions, RowStrip } from './RowStrip';
import type { Bench } from './useBench';

const RowDetails = dynamic(() => import('./RowDetails').then((module) => module.RowDetails), {
  ssr: false,
});

interface Props {
  bench: Bench;
  view: AmountView;
  rowsWidth: string;
  onMove: (from: number, to: number) => void;
  onEditRow: (rowId: string, label: string, change: (row: Row) => Row) => void;
  onDelete: (rowId: string) => void;
  /** Rows whose amounts are worth a second look, by place. */
  doubtful: ReadonlySet<number>;
}

/** The additions in their order: moved by drag or key, each on the line's own row. */
export function RowList(props: Props) {
  const { bench, view, rowsWidth, onMove, onEditRow, onDelete, doubtful } = props;
  const { type, save, forget, step } = bench;
  const [open, setOpen] = useState<{ rowId: string; anchor: HTMLElement } | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = useMemo(() => bench.dip.rows.map(({ id }) => id), [bench.dip.rows]);
  const actions = useMemo(
    (): RowActions => ({
      type,
      done: (rowId) => void save(rowId),
      forget,
      hold: (rowId) => onEditRow(rowId, 'Hold', (row) => ({ ...row, hold: !row.hold })),
      move: (index, by) => onMove(index, index + by),
      step,
      details: (rowId, anchor) => setOpen({ rowId, anchor }),
    }),
    [type, save, forget, step, onEditRow, onMove],
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
    }
  };
  const read = bench.rows.find(({ row }) => row.id === open?.rowId);
  return (
    <DndContext id="rows" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <Box component="ol" sx={{ m: 0, p: 0, width: rowsWidth }}>
          {bench.rows.map((one, index) => (
            <RowStrip
              key={one.row.id}
              read={one}
              index={index}
              draft={bench.drafts[one.row.id]}
              view={view}
              measures={bench.measures}
              doubtful={doubtful.has(index)}
              actions={actions}
            />
          ))}
        </Box>
      </SortableContext>
      {open && read && (
        <RowDetails
          read={read}
          measures={bench.measures}
          anchor={open.anchor}
          onChange={(label, change) => onEditRow(open.rowId, label, change)}
          onDelete={() => {
            onDelete(open.rowId);
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </DndContext>
  );
}
