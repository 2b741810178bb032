'use client';

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
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useMemo } from 'react';
import { type RowProps, RowStrip } from './RowStrip';

// made once: with new options the handles of every row would be new ones at each key
const pointer = { activationConstraint: { distance: 5 } };
const keyboard = { coordinateGetter: sortableKeyboardCoordinates };

function SortableRow(props: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: props.read.row.id,
  });
  const moved = CSS.Translate.toString(transform);
  const grip = useMemo(
    () => ({
      setNodeRef,
      style: { transform: moved, transition },
      isDragging,
      handle: { ...attributes, ...listeners },
    }),
    [setNodeRef, moved, transition, isDragging, attributes, listeners],
  );
  return <RowStrip {...props} grip={grip} />;
}

/** Rows that are moved by taking hold of their number. */
export function SortableRows({
  rows,
  onMove,
}: {
  rows: readonly RowProps[];
  onMove: (from: number, to: number) => void;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, pointer),
    useSensor(KeyboardSensor, keyboard),
  );
  const ids = rows.map(({ read }) => read.row.id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
    }
  };
  return (
    <DndContext
      id="rows"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      // its spoken instructions are no items of the list
      accessibility={{ container: document.body }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {rows.map((row) => (
          <SortableRow key={row.read.row.id} {...row} />
        ))}
      </SortableContext>
    </DndContext>
  );
}
