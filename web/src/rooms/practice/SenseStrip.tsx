'use client';

import Box from '@mui/material/Box';
import type { Band } from '@cobbet/core/mix/targets';
import { straightScale } from '@/components/scale';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const height = 66;
const line = 32;
const inset = 12;
/** Room beside what is drawn, as a share of it. */
const beside = 0.15;

/** Where a bowl really stood in one sense, from the start to the end, against what is right. */
export function SenseStrip({
  name,
  said,
  aim,
  values,
  digits,
}: {
  name: string;
  /** What came of it, in words. */
  said: string;
  aim: Band;
  /** In the order it stood there; crumbs are left out. */
  values: readonly number[];
  digits: number;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(480);
  const [low, high] = [aim.low ?? 0, aim.high ?? 0];
  const all = [...values, low, high];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const by = beside * (most - least) || 1;
  const x = straightScale([least - by, most + by], [inset, width - inset]);
  const [first, last] = [values[0], values.at(-1)];
  const print = (value: number) => value.toFixed(digits);
  return (
    <Box sx={{ mb: 1 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline' }}>
        <Box sx={{ fontWeight: 700, width: 48 }}>{name}</Box>
        <Box>{said}</Box>
      </Box>
      <Box ref={ref}>
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${name}: from ${first === undefined ? 'crumbs' : print(first)} to ${last === undefined ? 'crumbs' : print(last)}, right from ${print(low)} to ${print(high)}`}
          fontSize={typeScale.tiny}
          style={{ display: 'block' }}
        >
          <rect
            x={x(low)}
            y={line - 12}
            width={x(high) - x(low)}
            height={24}
            fill={colour.band}
            stroke={colour.bandEdge}
          />
          <line x1={inset} x2={width - inset} y1={line} y2={line} stroke={colour.line} />
          <polyline
            points={values.map((value) => `${x(value)},${line}`).join(' ')}
            stroke={colour.accent}
            strokeWidth={2}
            fill="none"
          />
          {values.map((value, i) => (
            <circle
              key={i}
              cx={x(value)}
              cy={line}
              r={i === values.length - 1 ? 7 : 4}
              fill={i === values.length - 1 ? colour.accent : colour.paper}
              stroke={colour.accent}
              strokeWidth={2}
            />
          ))}
          {[low, high].map((end) => (
            <text key={end} x={x(end)} y={line + 28} textAnchor="middle" fill={colour.muted}>
              {print(end)}
            </text>
          ))}
          {last !== undefined && (
            <text
              x={x(last)}
              y={line - 17}
              textAnchor="middle"
              fill={colour.accent}
              stroke={colour.paper}
              strokeWidth={3}
              paintOrder="stroke"
              fontWeight={700}
            >
              {print(last)}
            </text>
          )}
        </svg>
      </Box>
    </Box>
  );
}
