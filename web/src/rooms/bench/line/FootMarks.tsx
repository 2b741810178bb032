import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './benchLayout';
import { type FootMark, footY } from './lineGeometry';
import type { LineAxis } from './shownQuantity';

/** Where the words beside a reading go: past the target's edge where that is near. */
function clearOf(axis: LineAxis, read: number, band: FootMark['band'], beyond: boolean): number {
  const at = axis.x(read);
  const edge = band && (beyond ? band.high : band.low);
  if (edge === null || edge === undefined) return at + (beyond ? 11 : -11);
  const past = axis.x(edge);
  return beyond ? Math.max(at + 11, past + 9) : Math.min(at - 11, past - 9);
}

/** Where the dip stands at the foot, open while warm and filled when it is done, and what was read last time. */
export function FootMarks({
  feet,
  axis,
  rows,
}: {
  feet: readonly FootMark[];
  axis: LineAxis;
  rows: number;
}) {
  const { rowHeight, inHand } = useBenchLayout();
  return (
    <>
      {feet.map(({ value, read, band }, i) => {
        const y = footY(rows, i, rowHeight);
        const last = i === feet.length - 1;
        // the words go to the side where neither the thread nor the target is
        const beyond = read !== null && value !== null && read >= value;
        return (
          <g key={i}>
            {read !== null && (
              <g stroke={colour.ink} strokeWidth={2.2} strokeLinecap="round">
                <path
                  d={`M${axis.x(read) - 5} ${y - 5}l10 10M${axis.x(read) + 5} ${y - 5}l-10 10`}
                />
                <text
                  x={clearOf(axis, read, band, beyond)}
                  y={y + 4}
                  fontSize={typeScale.tiny}
                  textAnchor={beyond ? 'start' : 'end'}
                  stroke={colour.paper}
                  strokeWidth={3}
                  paintOrder="stroke"
                  fill={colour.ink}
                >
                  {inHand ? 'last' : 'read last time'}
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
    </>
  );
}
