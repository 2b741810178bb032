import type { Plan } from '@cobbet/core/day/plan';
import { lengthText } from '@/components/lengthText';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt, dayAt } from './clock';
import { headHeight } from './dayAxis';
import type { DayAxis } from './dayAxis';

/** The hours ruled behind the lanes, stretches where nothing happens drawn in. */
export function DayGrid({
  plan,
  axis,
  x,
  height,
}: {
  plan: Plan;
  axis: DayAxis;
  x: (minute: number) => number;
  height: number;
}) {
  return (
    <>
      {axis.stretches.map(({ from, to, quiet }) =>
        quiet ? (
          <g key={from}>
            <rect
              x={x(from)}
              y={headHeight - 6}
              width={x(to) - x(from)}
              height={height - headHeight}
              fill={colour.board}
            />
            <text
              x={(x(from) + x(to)) / 2}
              y={headHeight - 12}
              textAnchor="middle"
              fill={colour.muted}
              fontSize={typeScale.tiny}
            >
              {lengthText(Math.round((to - from) / 60) * 60)}
            </text>
          </g>
        ) : (
          <text key={from} x={x(from) + 2} y={12} fill={colour.muted} fontSize={typeScale.tiny}>
            {dayAt(plan, from)}
          </text>
        ),
      )}
      {axis.ticks.map((minute) => (
        <g key={minute}>
          <line
            x1={x(minute)}
            x2={x(minute)}
            y1={headHeight - 6}
            y2={height}
            stroke={colour.line}
          />
          <text x={x(minute)} y={headHeight - 12} textAnchor="middle" fill={colour.ink}>
            {clockAt(plan, minute)}
          </text>
        </g>
      ))}
    </>
  );
}

/** When it is served, and now where that is on the day. */
export function ServedAndNow({
  now,
  x,
  height,
}: {
  now: number | null;
  x: (minute: number) => number;
  height: number;
}) {
  return (
    <>
      <line
        x1={x(0)}
        x2={x(0)}
        y1={headHeight - 6}
        y2={height}
        stroke={colour.bandEdge}
        strokeWidth={2.5}
      />
      <text x={x(0) - 4} y={12} textAnchor="end" fill={colour.bandEdge} fontWeight={700}>
        served
      </text>
      {now !== null && (
        <g>
          <line
            x1={x(now)}
            x2={x(now)}
            y1={headHeight - 6}
            y2={height}
            stroke={colour.caution}
            strokeWidth={2}
          />
          <text x={x(now) + 4} y={12} fill={colour.caution}>
            now
          </text>
        </g>
      )}
    </>
  );
}
