import { area, line } from 'd3-shape';
import type { Band } from '@cobbet/core/landing/targets';
import { colour } from '@/theme/colour';
import { type Bead, type LineAxis, wordBoundaries, type ShownQuantity } from './shownQuantity';

export const rowHeight = 44;
export const footHeight = 58;

/** A mark at the foot: where the dip stands warm or cold, its spread and its target. */
export interface FootMark {
  value: number | null;
  sd: number;
  band: Band | undefined;
  /** A reading taken last time, as a value on the axis. */
  read: number | null;
}

interface Props {
  axis: LineAxis;
  shown: ShownQuantity;
  width: number;
  beads: readonly Bead[];
  /** Rows that go on top change nothing in the bowl. */
  onTop: readonly boolean[];
  preview: readonly Bead[] | null;
  feet: readonly FootMark[];
  previewFeet: readonly (number | null)[];
  stall: { body: number; label: string; crumbsStall: boolean } | null;
}

interface Point {
  x: number;
  y: number;
  left: number;
  right: number;
}

const rowY = (index: number) => index * rowHeight + rowHeight / 2;

/** Little scattered crumbs, for a mix that is no paste yet. */
function Crumbs({ x, y }: { x: number; y: number }) {
  const dots = [
    [-6, 2],
    [0, -4],
    [5, 1],
    [-1, 5],
    [7, -5],
  ];
  return (
    <g fill={colour.accent}>
      {dots.map(([dx = 0, dy = 0]) => (
        <rect
          key={`${dx}${dy}`}
          x={x + dx - 1.7}
          y={y + dy - 1.7}
          width={3.4}
          height={3.4}
          rx={1}
        />
      ))}
    </g>
  );
}

function points(
  beads: readonly Bead[],
  onTop: readonly boolean[],
  axis: LineAxis,
): (Point & { index: number; bead: Bead })[] {
  return beads.flatMap((bead, index) => {
    if (onTop[index] || (bead.value === null && !bead.crumbs)) return [];
    const { value, sd } = bead;
    const x = value === null ? axis.crumbsX : axis.x(value);
    const left = value === null ? x : axis.x(value - sd);
    const right = value === null ? x : axis.x(value + sd);
    return [{ x, y: rowY(index), left, right, index, bead }];
  });
}

const threadLine = line<Point>(
  (point) => point.x,
  (point) => point.y,
);
const spreadArea = area<Point>()
  .x0((point) => point.left)
  .x1((point) => point.right)
  .y((point) => point.y);

/** Beads whose figure is written beside them: ends, and every step of half a point or more. */
function labelled(all: readonly { bead: Bead }[], index: number, shown: ShownQuantity): boolean {
  const value = all[index]?.bead.value;
  const before = all[index - 1]?.bead.value;
  if (value === null || value === undefined) return false;
  if (index === 0 || index === all.length - 1) return true;
  const step = shown === 'body' ? 0.5 : 0.1;
  return before === null || before === undefined || Math.abs(value - before) >= step;
}

/** The line itself: spread, thread and beads on the rows they belong to, the strip and the stall beside them. */
export function LineDrawing(props: Props) {
  const { axis, shown, width, beads, onTop, preview, feet, previewFeet, stall } = props;
  const rows = beads.length;
  const height = rows * rowHeight + feet.length * footHeight;
  const main = points(beads, onTop, axis);
  const footPoints = feet.flatMap(({ value, sd }, i) =>
    value === null
      ? []
      : [
          {
            x: axis.x(value),
            y: rows * rowHeight + i * footHeight + footHeight / 2,
            left: axis.x(value - sd),
            right: axis.x(value + sd),
          },
        ],
  );
  const thread: Point[] = [...main, ...footPoints];
  const previewThread: Point[] = preview
    ? [
        ...points(preview, onTop, axis),
        ...previewFeet.flatMap((value, i) => {
          if (value === null) return [];
          const x = axis.x(value);
          const y = rows * rowHeight + i * footHeight + footHeight / 2;
          return [{ x, y, left: x, right: x }];
        }),
      ]
    : [];
  const stalls = (bead: Bead) =>
    stall !== null && (bead.crumbs ? stall.crumbsStall : (bead.value ?? 0) > stall.body);
  const rules = shown === 'body' ? wordBoundaries : axis.ticks.map(({ value }) => value);
  return (
    <svg
      width={width}
      height={height}
      aria-hidden
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
    >
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
            fontSize={11.5}
            textAnchor="end"
            fill={colour.caution}
          >
            {stall.label}
          </text>
        </g>
      )}
      <path d={spreadArea(thread) ?? ''} fill={colour.accent} opacity={0.11} />
      {previewThread.length > 0 && (
        <path
          d={threadLine(previewThread) ?? ''}
          fill="none"
          stroke={colour.bandEdge}
          strokeWidth={2.4}
          strokeDasharray="7 5"
        />
      )}
      <path
        d={threadLine(thread) ?? ''}
        fill="none"
        stroke={colour.accent}
        strokeWidth={2.2}
        strokeLinejoin="round"
        opacity={previewThread.length > 0 ? 0.45 : 1}
      />
      {main.map(({ x, y, index, bead }, i) => {
        const stuck = stalls(bead);
        return (
          <g key={index}>
            {bead.crumbs ? (
              <Crumbs x={x} y={y} />
            ) : (
              <circle
                cx={x}
                cy={y}
                r={6.5}
                fill={colour.paper}
                stroke={stuck ? colour.caution : colour.accent}
                strokeWidth={2.4}
              />
            )}
            {stuck && (
              <text x={x - 12} y={y + 4} fontSize={12} textAnchor="end" fill={colour.caution}>
                stalls
              </text>
            )}
            {labelled(main, i, shown) && bead.value !== null && (
              <text
                x={x + 12}
                y={y + 4.5}
                fontSize={13}
                fill={colour.ink}
                stroke={colour.paper}
                strokeWidth={4}
                paintOrder="stroke"
              >
                {bead.value.toFixed(shown === 'body' ? 1 : 2)}
              </text>
            )}
          </g>
        );
      })}
      {feet.map(({ value, read }, i) => {
        const y = rows * rowHeight + i * footHeight + footHeight / 2;
        const last = i === feet.length - 1;
        return (
          <g key={i}>
            {read !== null && (
              <g stroke={colour.ink} strokeWidth={2.2} strokeLinecap="round">
                <path
                  d={`M${axis.x(read) - 5} ${y - 5}l10 10M${axis.x(read) + 5} ${y - 5}l-10 10`}
                />
                <text
                  x={axis.x(read) - 11}
                  y={y + 4}
                  fontSize={12}
                  textAnchor="end"
                  stroke={colour.paper}
                  strokeWidth={3}
                  paintOrder="stroke"
                  fill={colour.ink}
                >
                  read last time
                </text>
              </g>
            )}
            {value !== null && (
              <path
                d={`M${axis.x(value)} ${y - 9}l9 9l-9 9l-9 -9z`}
                fill={last ? colour.accent : colour.paper}
                stroke={colour.accent}
                strokeWidth={2.2}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}
