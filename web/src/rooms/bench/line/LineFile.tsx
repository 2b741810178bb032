'use client';

import type { RefObject } from 'react';
import { bodyText, capital } from '@/components/bodyText';
import { ChartFileButton } from '@/components/chart/ChartFile';
import { shortName } from '@/components/shortName';
import type { Bench } from '../useBench';
import { useBenchLayout } from './benchLayout';
import { footY, rowY } from './lineGeometry';
import type { LineAxis, ShownQuantity } from './shownQuantity';

/** The line as a picture, with its rows' names and its axis, which stand beside it on the screen. */
export function LineFile({
  bench: { dip, rows, analysis, kitchen },
  shown,
  axis,
  feetNames,
  surface,
}: {
  bench: Bench;
  shown: ShownQuantity;
  axis: LineAxis;
  /** What each foot is called. */
  feetNames: readonly string[];
  /** What the line is drawn on. */
  surface: RefObject<HTMLElement | null>;
}) {
  const { rowHeight } = useBenchLayout();
  const named = rows.map(({ row }, i) => ({
    text: `${row.amount} ${shortName(kitchen.larder.get(row.ingredientId)?.name ?? row.ingredientId)}`,
    yPx: rowY(i, rowHeight),
  }));
  const under = feetNames.map((text, i) => ({ text, yPx: footY(rows.length, i, rowHeight) }));
  return (
    <ChartFileButton
      title={`${dip.name}: ${shown === 'body' ? bodyText(analysis.freshBody) : `${shown}, g per 100 g`}`}
      labels={[...named, ...under.map((one) => ({ ...one, text: capital(one.text) }))]}
      ticks={axis.ticks.map(({ value, label }) => ({ text: label, xPx: axis.x(value) }))}
      find={() => surface.current?.querySelector('svg[data-line]')}
    />
  );
}
