'use client';

import { ticks } from 'd3-array';
import { colour } from '@/theme/colour';
import { type Cell, contourOf } from './ternary';

/** Levels drawn between the least and the most. */
const levels = 6;

/** A figure over the map as strength of colour, with its levels as lines. */
export function MapHeat({ cells, digits }: { cells: readonly Cell[]; digits?: number }) {
  const values = cells.flat().map(({ value }) => value);
  if (values.length === 0) return null;
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const strength = (cell: Cell) =>
    (cell.reduce((sum, { value }) => sum + value, 0) / 3 - least) / Math.max(1e-9, most - least);
  return (
    <>
      {cells.map((cell, i) => (
        <path
          key={i}
          d={`M${cell.map(({ place }) => place.join(' ')).join('L')}Z`}
          fill={colour.accent}
          fillOpacity={0.04 + 0.42 * strength(cell)}
        />
      ))}
      {ticks(least, most, levels).map((level) => {
        const pieces = contourOf(cells, level);
        const [label] = pieces[Math.floor(pieces.length / 2)] ?? [];
        return (
          <g key={level}>
            <path
              d={pieces.map(([from, to]) => `M${from.join(' ')}L${to.join(' ')}`).join('')}
              stroke={colour.ink}
              strokeOpacity={0.55}
              fill="none"
            />
            {label && (
              <text
                x={label[0]}
                y={label[1] + 4}
                textAnchor="middle"
                fill={colour.ink}
                stroke={colour.paper}
                strokeWidth={3}
                paintOrder="stroke"
              >
                {digits === undefined ? Number(level.toFixed(6)) : level.toFixed(digits)}
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}

/** Where little is known: small strokes over the cells. */
export function LittleKnown({ cells }: { cells: readonly Cell[] }) {
  return (
    <path
      d={cells
        .map((cell) => {
          const x = cell.reduce((sum, { place }) => sum + place[0], 0) / 3;
          const y = cell.reduce((sum, { place }) => sum + place[1], 0) / 3;
          return `M${x - 3} ${y + 3}l6 -6`;
        })
        .join('')}
      stroke={colour.muted}
      strokeWidth={1.2}
      fill="none"
    />
  );
}
