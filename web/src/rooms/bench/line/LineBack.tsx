import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './benchLayout';
import { footHeight, type FootMark } from './lineGeometry';
import { type LineAxis, type ShownQuantity, wordBoundaries } from './shownQuantity';

/** What lies behind the thread: where the words begin, what is aimed for, where the machine stalls. */
export function LineBack({
  axis,
  shown,
  feet,
  stall,
  rows,
  height,
}: {
  axis: LineAxis;
  shown: ShownQuantity;
  feet: readonly FootMark[];
  stall: { body: number; label: string } | null;
  rows: number;
  /** px */
  height: number;
}) {
  const { rowHeight, inHand } = useBenchLayout();
  const rules = shown === 'body' ? wordBoundaries : axis.ticks.map(({ value }) => value);
  return (
    <>
      {rules.map((value) => (
        <line
          key={value}
          x1={axis.x(value)}
          x2={axis.x(value)}
          y1={0}
          y2={height}
          stroke={colour.line}
          strokeDasharray="1 5"
          strokeWidth={1.3}
          strokeLinecap="round"
        />
      ))}
      {feet.map(({ band }, i) => {
        if (!band) return null;
        const left = band.low === null ? axis.x(axis.domain[0]) : axis.x(band.low);
        const right = band.high === null ? axis.x(axis.domain[1]) : axis.x(band.high);
        const top = rows * rowHeight + i * footHeight;
        return (
          <g key={i}>
            {i === 0 && (
              <rect
                x={left}
                y={0}
                width={right - left}
                height={top}
                fill={colour.band}
                opacity={0.28}
              />
            )}
            <rect
              x={left}
              y={top + 5}
              width={right - left}
              height={footHeight - 10}
              rx={3}
              fill={colour.band}
            />
          </g>
        );
      })}
      {stall && (
        <g>
          <line
            x1={axis.x(stall.body)}
            x2={axis.x(stall.body)}
            y1={0}
            y2={rows * rowHeight}
            stroke={colour.caution}
            strokeWidth={1.6}
            strokeDasharray="6 5"
          />
          <text
            x={axis.x(stall.body) - 6}
            y={11}
            fontSize={typeScale.tiny}
            textAnchor="end"
            fill={colour.caution}
          >
            {inHand ? 'stalls' : stall.label}
          </text>
        </g>
      )}
    </>
  );
}
