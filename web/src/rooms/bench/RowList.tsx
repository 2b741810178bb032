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
import { useState } from 'react';
import { RowDetails } from './RowDetails';
import { RowStrip } from './RowStrip';
import type { Bench } from './useBench';

interface Props {
  bench: Bench;
  view: AmountView;
  after: readonly string[];
  rowsWidth: string;
  onMove: (from: number, to: number) => void;
  onEditRow: (rowId: string, label: string, change: (row: Row) => Row) => void;
  onDelete: (rowId: string) => void;
}

/** The additions in their order: moved by drag or key, each on the line's own row. */
export function RowList(props: Props) {
  const { bench, view, after, rowsWidth, onMove, onEditRow, onDelete } = props;
  const [details, setDetails] = useState<{ rowId: string; anchor: HTMLElement } | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = bench.rows.map(({ row }) => row.id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
    }
  };
  const open = bench.rows.find(({ row }) => row.id === details?.rowId);
  return (
    <DndContext id="rows" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <Box component="ol" sx={{ m: 0, p: 0, width: rowsWidth }}>
          {bench.rows.map((read, index) => {
            const { id, ingredientId } = read.row;
            const name = read.ingredient?.name ?? ingredientId;
            return (
              <RowStrip
                key={id}
                read={read}
                index={index}
                draft={bench.drafts[id]}
                view={view}
                measures={bench.measures}
                after={after[index] ?? ''}
                onType={(text) => bench.type(id, text)}
                onDone={() => void bench.save(id)}
                onForget={() => bench.forget(id)}
                onHold={() =>
                  onEditRow(id, read.row.hold ? `Let go of ${name}` : `Hold ${name}`, (row) => ({
                    ...row,
                    hold: !row.hold,
                  }))
                }
                onMove={(by) => onMove(index, index + by)}
                onDetails={(anchor) => setDetails({ rowId: id, anchor })}
              />
            );
          })}
        </Box>
      </SortableContext>
      {details && open && (
        <RowDetails
          read={open}
          measures={bench.measures}
          anchor={details.anchor}
          onChange={(label, change) => onEditRow(details.rowId, label, change)}
          onDelete={() => {
            onDelete(details.rowId);
            setDetails(null);
          }}
          onClose={() => setDetails(null)}
        />
      )}
    </DndContext>
  );
}
