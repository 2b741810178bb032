import type { Tasting } from '@cobbet/core/taste/tasting';
import type { PanelResult } from '@cobbet/core/taste/panelResult';
import { capital } from '@/components/bodyText';
import { straightScale } from '@/components/scale';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 560;
const rowHeight = 82;
/** Above the mean, px: where the dots of a mark stand on each other, and how high they may get. */
const dots = { first: 13, step: 8, most: 28 } as const;
const head = 26;
const x = straightScale([1, 9], [14, width - 14]);
const points = [1, 2, 3, 4, 5, 6, 7, 8, 9];

/** How each pot is liked: every taster a dot, the mean with its interval under them. */
export function LikingChart({
  tasting,
  panel,
  nameOf,
}: {
  tasting: Tasting;
  panel: PanelResult;
  nameOf: (code: string) => string;
}) {
  const rows = Object.entries(panel.liking).sort(([, a], [, b]) => b.mean - a.mean);
  const height = head + rows.length * rowHeight;
  const spoken = rows
    .map(([code, { mean, low, high, n }]) => {
      const interval =
        low === null || high === null ? '' : `, ${low.toFixed(1)} to ${high.toFixed(1)}`;
      return `${nameOf(code)} ${mean.toFixed(1)}${interval}, ${n} tasters`;
    })
    .join('; ');
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`Liking: ${spoken}`}
      style={{ display: 'block', maxWidth: width * 1.3 }}
    >
      <g fontSize={typeScale.tiny} fill={colour.muted}>
        <text x={x(1)} y={12}>
          dislike extremely
        </text>
        <text x={x(5)} y={12} textAnchor="middle">
          neither
        </text>
        <text x={x(9)} y={12} textAnchor="end">
          like extremely
        </text>
        {points.map((point) => (
          <line
            key={point}
            x1={x(point)}
            x2={x(point)}
            y1={18}
            y2={height}
            stroke={colour.line}
            strokeDasharray={point === 5 ? undefined : '1 5'}
          />
        ))}
      </g>
      {rows.map(([code, { mean, low, high }], i) => {
        const top = head + i * rowHeight;
        const y = top + 60;
        const given = tasting.marks.flatMap(({ code: of, seatId, liking }) =>
          of === code && liking !== undefined ? [{ seatId, liking }] : [],
        );
        return (
          <g key={code}>
            <text
              x={x(1)}
              y={top + 14}
              fontSize={typeScale.note}
              fontWeight={700}
              fill={colour.ink}
              stroke={colour.paper}
              strokeWidth={4}
              paintOrder="stroke"
            >
              {capital(nameOf(code))}
            </text>
            {given.map(({ seatId, liking }, at) => {
              const alike = given.filter((one) => one.liking === liking);
              const under = given.slice(0, at).filter((one) => one.liking === liking).length;
              const step = Math.min(dots.step, dots.most / Math.max(1, alike.length - 1));
              return (
                <circle
                  key={seatId}
                  cx={x(liking)}
                  cy={y - dots.first - under * step}
                  r={4}
                  fill={colour.bandEdge}
                  stroke={colour.paper}
                />
              );
            })}
            {low !== null && high !== null && (
              <line
                x1={x(low)}
                x2={x(high)}
                y1={y}
                y2={y}
                stroke={colour.accent}
                strokeWidth={5}
                strokeOpacity={0.3}
                strokeLinecap="round"
              />
            )}
            <path d={`M${x(mean)} ${y - 7}l7 7l-7 7l-7 -7z`} fill={colour.accent} />
            <text
              x={x(mean)}
              y={y + 19}
              textAnchor="middle"
              fontSize={typeScale.small}
              fill={colour.accent}
              stroke={colour.paper}
              strokeWidth={3}
              paintOrder="stroke"
            >
              {mean.toFixed(1)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
