import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import {
  footHeight,
  type FootMark,
  footY,
  labelled,
  type Point,
  points,
  spreadArea,
  threadLine,
} from './lineGeometry';
import { useBenchLayout } from './benchLayout';
import { LineBack } from './LineBack';
import { FootMarks } from './FootMarks';
import { type Bead, type LineAxis, type ShownQuantity } from './shownQuantity';

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
  stall: { body: number; label: string } | null;
  /** Rows after which the machine stalls. */
  stallsAt: ReadonlySet<number>;
}

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

/** Where one spoon more would take a fragile bead: a dotted lead to an open tick. */
function Whisker({ axis, bead, y }: { axis: LineAxis; bead: Bead; y: number }) {
  const from = axis.x(bead.value ?? 0);
  const to = axis.x((bead.value ?? 0) + (bead.fragile ?? 0));
  const side = to < from ? -1 : 1;
  return (
    <g stroke={colour.caution} strokeWidth={1.8} strokeLinecap="round" fill="none">
      <path d={`M${from + 9 * side} ${y}H${to}`} strokeDasharray="1.5 4" />
      <path d={`M${to - 4 * side} ${y - 4}L${to} ${y}L${to - 4 * side} ${y + 4}`} />
    </g>
  );
}

/** A letter of these words is about so wide, px. */
const letterPx = 6.6;

/** What is written beside a bead: where it stands, and what to mind there. */
function BeadWords({
  x,
  y,
  width,
  figure,
  warning,
}: {
  x: number;
  y: number;
  /** Of the drawing, px: words that would reach over its edge stand at the other side. */
  width: number;
  figure: string;
  warning: string;
}) {
  if (figure === '' && warning === '') return null;
  const reach = letterPx * (figure.length + warning.length + 1);
  const left = x + 12 + reach > width && x - 12 - reach > 0;
  return (
    <text
      x={left ? x - 12 : x + 12}
      y={y + 4.5}
      textAnchor={left ? 'end' : 'start'}
      fontSize={typeScale.small}
      fill={colour.ink}
      stroke={colour.paper}
      strokeWidth={4}
      paintOrder="stroke"
    >
      {figure}
      <tspan dx={figure === '' ? 0 : 5} fontSize={typeScale.tiny} fill={colour.caution}>
        {warning}
      </tspan>
    </text>
  );
}

/** The line itself: spread, thread and beads on the rows they belong to, the strip and the stall beside them. */
export function LineDrawing(props: Props) {
  const { axis, shown, width, beads, onTop, preview, feet, previewFeet, stall, stallsAt } = props;
  const { rowHeight } = useBenchLayout();
  const rows = beads.length;
  const height = rows * rowHeight + feet.length * footHeight;
  const main = points(beads, onTop, axis, rowHeight);
  const footPoints = feet.flatMap(({ value, sd }, i) =>
    value === null
      ? []
      : [
          {
            x: axis.x(value),
            y: footY(rows, i, rowHeight),
            left: axis.x(value - sd),
            right: axis.x(value + sd),
          },
        ],
  );
  const thread: Point[] = [...main, ...footPoints];
  const previewThread: Point[] = preview
    ? [
        ...points(preview, onTop, axis, rowHeight),
        ...previewFeet.flatMap((value, i) => {
          if (value === null) return [];
          const x = axis.x(value);
          const y = footY(rows, i, rowHeight);
          return [{ x, y, left: x, right: x }];
        }),
      ]
    : [];
  return (
    <svg
      width={width}
      height={height}
      data-line
      aria-hidden
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
    >
      <LineBack axis={axis} shown={shown} feet={feet} stall={stall} rows={rows} height={height} />
      <path d={spreadArea(thread)} fill={colour.accent} opacity={0.11} />
      {previewThread.length > 0 && (
        <path
          d={threadLine(previewThread)}
          fill="none"
          stroke={colour.bandEdge}
          strokeWidth={2.4}
          strokeDasharray="7 5"
        />
      )}
      <path
        d={threadLine(thread)}
        fill="none"
        stroke={colour.accent}
        strokeWidth={2.2}
        strokeLinejoin="round"
        opacity={previewThread.length > 0 ? 0.45 : 1}
      />
      {main.map(({ x, y, index, bead }, i) => {
        const stuck = stallsAt.has(index);
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
            {bead.fragile !== null && bead.value !== null && (
              <Whisker axis={axis} bead={bead} y={y} />
            )}
            <BeadWords
              x={x}
              y={y}
              width={width}
              figure={
                labelled(main, i, shown) && bead.value !== null
                  ? bead.value.toFixed(shown === 'body' ? 1 : 2)
                  : ''
              }
              warning={[stuck ? 'stalls' : '', bead.fragile === null ? '' : 'fragile']
                .filter((word) => word !== '')
                .join(', ')}
            />
          </g>
        );
      })}
      <FootMarks feet={feet} axis={axis} rows={rows} />
    </svg>
  );
}
