'use client';

import { amountFor, type BeadFigure } from '@cobbet/core/dip/amountFor';
import { isWeighed } from '@cobbet/core/amounts/isWeighed';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { AmountView } from '@cobbet/core/book/book';
import { type PointerEvent, useState } from 'react';
import { useBenchLayout } from './benchLayout';
import styles from './bead.module.css';
import { points } from './lineGeometry';
import type { Bead, LineAxis } from './shownQuantity';
import type { Bench } from '../useBench';

/** Reach of a bead for a finger, px, as its class has it. */
const reach = 30;

/** How much of a row may be tried while its bead is dragged, g. */
function mostFor(bench: Bench, index: number): number {
  const own = bench.parts[index]?.massG ?? 0;
  return Math.max(3 * own, 0.3 * bench.analysis.massG, 5);
}

/**
 * Beads to take hold of: dragged sideways, a bead changes its row's amount to what puts the bowl there, in what the
 * row is measured in. Keys do the same from the amount (Alt and arrows).
 */
export function BeadHandles({
  bench,
  beads,
  axis,
  figure,
  view,
}: {
  bench: Bench;
  beads: readonly Bead[];
  axis: LineAxis;
  figure: BeadFigure;
  view: AmountView;
}) {
  const [dragging, setDragging] = useState<number | null>(null);
  const { rowHeight } = useBenchLayout();
  const onTop = bench.rows.map(({ row }) => row.place === 'top');

  const drag = (event: PointerEvent<HTMLElement>, index: number) => {
    const read = bench.rows[index];
    const line = event.currentTarget.parentElement;
    if (!read?.ingredient || !line) return;
    const value = axis.at(event.clientX - line.getBoundingClientRect().left);
    const { parts, conditions } = bench;
    const input = { parts, index, figure, conditions };
    const massG = amountFor(input, value, mostFor(bench, index));
    if (massG === null) return;
    const weighed = view === 'grams' || isWeighed(read.row.amount);
    const text = weighed
      ? printGrams(massG)
      : nearestKitchenMeasure(massG, read.ingredient, bench.kitchen.measures).text;
    if (text !== read.row.amount) bench.type(read.row.id, text);
  };

  const drop = (event: PointerEvent<HTMLElement>, index: number) => {
    event.currentTarget.releasePointerCapture(event.pointerId);
    setDragging(null);
    const rowId = bench.rows[index]?.row.id;
    if (rowId !== undefined) bench.done(rowId);
  };

  return (
    <>
      {points(beads, onTop, axis, rowHeight).map(({ x, y, index }) => {
        const { ingredient } = bench.rows[index] ?? {};
        if (!ingredient) return null;
        return (
          <div
            key={index}
            className={dragging === index ? `${styles.bead} ${styles.held}` : styles.bead}
            data-bead={index}
            title={`Drag to change the ${ingredient.name}`}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setDragging(index);
            }}
            onPointerMove={(event) => dragging === index && drag(event, index)}
            onPointerUp={(event) => dragging === index && drop(event, index)}
            onPointerCancel={(event) => dragging === index && drop(event, index)}
            style={{ left: x - reach / 2, top: y - reach / 2 }}
          />
        );
      })}
    </>
  );
}
