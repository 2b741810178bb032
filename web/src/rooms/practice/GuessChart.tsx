'use client';

import Box from '@mui/material/Box';
import type { BodyGuess } from '@cobbet/core/practice/guessRecord';
import { straightScale } from '@/components/scale';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const height = 190;
const top = 14;
const bottom = height - 26;
const left = 84;
/** The last so many are drawn. */
const most = 60;
/** Less is not noticed, body. */
const noticed = 0.3;
const furthest = 3;

/** How far off each guess was, one after another: above the line it came stiffer than guessed. */
export function GuessChart({ bodies }: { bodies: readonly BodyGuess[] }) {
  const { ref, width } = useWidth<HTMLDivElement>(480);
  const shown = bodies.slice(-most);
  const off = shown.map(({ came, guessed }) => came - guessed);
  const reach = Math.min(furthest, Math.max(1, ...off.map(Math.abs)));
  const y = straightScale([-reach, reach], [bottom, top]);
  const x = straightScale([0, Math.max(1, shown.length - 1)], [left + 10, width - 12]);
  return (
    <Box ref={ref}>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`How far off ${shown.length} guesses of body were, one after another: ${off.map((one) => one.toFixed(1)).join(', ')}`}
        fontSize={typeScale.tiny}
        style={{ display: 'block' }}
      >
        <rect
          x={left}
          y={y(noticed)}
          width={Math.max(0, width - left)}
          height={y(-noticed) - y(noticed)}
          fill={colour.band}
        />
        <line x1={left} x2={width} y1={y(0)} y2={y(0)} stroke={colour.bandEdge} />
        <g fill={colour.muted} textAnchor="end">
          <text x={left - 6} y={y(reach) + 8}>
            stiffer
          </text>
          <text x={left - 6} y={y(0) + 4} fill={colour.bandEdge}>
            as guessed
          </text>
          <text x={left - 6} y={y(-reach)}>
            looser
          </text>
        </g>
        {off.map((one, i) => (
          <circle key={i} cx={x(i)} cy={y(one)} r={5} fill={colour.accent} />
        ))}
        <text x={width - 4} y={height - 6} textAnchor="end" fill={colour.muted}>
          the latest →
        </text>
      </svg>
    </Box>
  );
}
