'use client';

import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import { wayOf } from '@cobbet/core/readings/keptReading';
import { straightScale } from '@/components/scale';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { KitResidual } from './useResiduals';

const width = 640;
const top = 16;
const scatterHeight = 286;
const gap = 40;
const residualHeight = 104;
const left = 64;
const right = width - 10;
const height = top + scatterHeight + gap + residualHeight + 34;
const ends: [number, number] = [2, 11.2];
const x = straightScale(ends, [left, right]);
const y = straightScale(ends, [top + scatterHeight, top]);
const residualTop = top + scatterHeight + gap;
const off = straightScale([-2, 2], [residualTop + residualHeight, residualTop]);

/** The mark of a way of reading: a dot for the eye, a ring, a square under a plate for the press. */
function WayMark({ way, cx, cy }: { way: 'eye' | 'ring' | 'press'; cx: number; cy: number }) {
  if (way === 'eye') return <circle cx={cx} cy={cy} r={3.6} />;
  if (way === 'ring') return <circle cx={cx} cy={cy} r={5} fill="none" strokeWidth={2.2} />;
  return <rect x={cx - 4.5} y={cy - 4.5} width={9} height={9} rx={1} />;
}

function Point({
  residual,
  chosen,
  of,
  onChoose,
}: {
  residual: KitResidual;
  chosen: boolean;
  of: 'read' | 'off';
  onChoose: (key: string) => void;
}) {
  const { evidence, expected, key } = residual;
  const cx = x(expected);
  const cy = of === 'read' ? y(evidence.readBody) : off(residual.off);
  const out = evidence.reading.leftOut;
  const ink = residual.unlikely && !out ? colour.caution : colour.accent;
  return (
    <g
      onClick={() => onChoose(key)}
      style={{ cursor: 'pointer' }}
      fill={out ? 'none' : ink}
      stroke={ink}
      strokeDasharray={out ? '2 2' : undefined}
      opacity={chosen ? 1 : out ? 0.5 : 0.62}
    >
      <circle cx={cx} cy={cy} r={11} fill="transparent" stroke="none" />
      <WayMark way={wayOf(evidence.reading.taken)} cx={cx} cy={cy} />
      {chosen && <circle cx={cx} cy={cy} r={10} fill="none" stroke={colour.ink} strokeWidth={2} />}
    </g>
  );
}

/** What was expected against what was read, and below on the same axis how far off each reading was. */
export function CalibrationChart({
  residuals,
  chosen,
  onChoose,
}: {
  residuals: readonly KitResidual[];
  chosen: string | null;
  onChoose: (key: string) => void;
}) {
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`Expected body against read body for ${residuals.length} readings; the list below says the same in words`}
      fontSize={typeScale.tiny}
    >
      {bodyWords.map((word) => {
        const { low, high } = wordRange(word);
        const middle = (Math.max(ends[0], low) + Math.min(ends[1], high)) / 2;
        return (
          <g key={word} fill={colour.muted}>
            {low > ends[0] && (
              <g stroke={colour.line} strokeDasharray="1 5" strokeLinecap="round">
                <line x1={x(low)} x2={x(low)} y1={top} y2={height - 34} />
                <line x1={left} x2={right} y1={y(low)} y2={y(low)} />
              </g>
            )}
            <text x={x(middle)} y={top + scatterHeight + 17} textAnchor="middle">
              {word}
            </text>
            <text x={left - 8} y={y(middle) + 4} textAnchor="end">
              {word}
            </text>
          </g>
        );
      })}
      <text x={right} y={top + scatterHeight + 33} textAnchor="end" fill={colour.ink}>
        expected, by all other readings →
      </text>
      <text x={left + 6} y={top + 4} fill={colour.ink}>
        ↑ read
      </text>
      <line
        x1={x(ends[0])}
        y1={y(ends[0])}
        x2={x(ends[1])}
        y2={y(ends[1])}
        stroke={colour.bandEdge}
        strokeWidth={1.8}
      />
      <text x={x(10.3)} y={y(10.3) - 8} textAnchor="end" fill={colour.bandEdge}>
        as expected
      </text>
      {residuals.map((residual) => (
        <Point
          key={residual.key}
          residual={residual}
          of="read"
          chosen={residual.key === chosen}
          onChoose={onChoose}
        />
      ))}
      <g>
        <line
          x1={left}
          x2={right}
          y1={off(0)}
          y2={off(0)}
          stroke={colour.bandEdge}
          strokeWidth={1.8}
        />
        {[-1, 1].map((value) => (
          <g key={value}>
            <line
              x1={left}
              x2={right}
              y1={off(value)}
              y2={off(value)}
              stroke={colour.line}
              strokeDasharray="4 4"
            />
            <text x={left - 8} y={off(value) + 4} textAnchor="end" fill={colour.muted}>
              {value > 0 ? '1 stiffer' : '1 looser'}
            </text>
          </g>
        ))}
        <text x={left - 8} y={off(0) + 4} textAnchor="end" fill={colour.muted}>
          as said
        </text>
        <text x={right} y={residualTop + residualHeight + 18} textAnchor="end" fill={colour.ink}>
          how far each reading was off
        </text>
      </g>
      {residuals.map((residual) => (
        <Point
          key={residual.key}
          residual={residual}
          of="off"
          chosen={residual.key === chosen}
          onChoose={onChoose}
        />
      ))}
    </svg>
  );
}
