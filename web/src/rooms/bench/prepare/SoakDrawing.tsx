'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import type { Pulse } from '@cobbet/core/prepare/pulses';
import {
  coldSoakC,
  hotSoakC,
  longestWarmSoakH,
  needsFridge,
  readyAfterH,
  type SoakCurve,
  soakedShare,
  soakedVolumeRatio,
  uptake,
} from '@cobbet/core/prepare/soak';
import { ChartFile } from '@/components/chart/ChartFile';
import { straightScale } from '@/components/scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 380;
const height = 150;
/** Bulk density of dried pulses, g/ml (judgement). */
const dryDensity = 0.8;

/** How far a pulse has soaked by when, at the water's warmth, and the bowl it needs. */
export function SoakDrawing({
  name,
  pulse,
  curve,
  dryG,
  hot,
}: {
  /** Of what is soaked. */
  name: string;
  pulse: Pulse;
  curve: SoakCurve;
  dryG: number;
  hot: boolean;
}) {
  const [waterC, setWaterC] = useState(hot ? hotSoakC : 20);
  const ready = readyAfterH(curve, waterC);
  const end = Math.max(2, Math.min(36, ready * 1.7));
  const x = straightScale([0, end], [42, width - 12], false);
  const y = straightScale([0, 1], [height - 26, 14], false);
  const path = line<number>(
    (hour) => x(hour),
    (hour) => y(uptake(curve, waterC, hour) * curve.k2),
  )(Array.from({ length: 61 }, (_, i) => (end * i) / 60));
  // words that would reach over the edge stand before their mark
  const late = x(longestWarmSoakH) > width - 75;
  const dryMl = dryG / dryDensity;
  const swollenMl = dryMl * soakedVolumeRatio(pulse, 1);
  const waterMl = dryG * pulse.soakWater;
  const bowlMl = Math.max(swollenMl * 1.25, dryMl * 0.6 + waterMl) * 1.1;
  const level = (ml: number) => 64 - (ml / bowlMl) * 54;
  return (
    <Box>
      <Box sx={{ fontWeight: 700 }}>
        Ready after {ready < 10 ? ready.toFixed(1) : ready.toFixed(0)} h at {waterC} °C
        {needsFridge(waterC, ready) && ': in the fridge, not on the side'}
      </Box>
      <ChartFile title={`${name} soaking at ${waterC} °C`}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          width="100%"
          role="img"
          aria-label={`Water taken up over ${end.toFixed(0)} hours; nine tenths after ${ready.toFixed(1)}`}
          fontSize={typeScale.tiny}
        >
          {[0, 0.5, 1].map((share) => (
            <g key={share}>
              <line x1={42} x2={width - 12} y1={y(share)} y2={y(share)} stroke={colour.line} />
              <text x={37} y={y(share) + 4} textAnchor="end" fill={colour.muted}>
                {share * 100} %
              </text>
            </g>
          ))}
          {x.ticks(6).map((hour) => (
            <text key={hour} x={x(hour)} y={height - 10} textAnchor="middle" fill={colour.muted}>
              {hour} h
            </text>
          ))}
          <path d={path ?? ''} fill="none" stroke={colour.accent} strokeWidth={2.4} />
          <line
            x1={x(ready)}
            x2={x(ready)}
            y1={y(soakedShare)}
            y2={y(0)}
            stroke={colour.bandEdge}
            strokeWidth={2}
          />
          <text x={x(ready) + 5} y={y(0.12)} fill={colour.bandEdge}>
            ready
          </text>
          {longestWarmSoakH < end && waterC > coldSoakC && (
            <g>
              <line
                x1={x(longestWarmSoakH)}
                x2={x(longestWarmSoakH)}
                y1={y(1)}
                y2={y(0)}
                stroke={colour.caution}
                strokeDasharray="5 4"
              />
              <text
                x={x(longestWarmSoakH) + (late ? -4 : 4)}
                y={y(0.5)}
                textAnchor={late ? 'end' : 'start'}
                fill={colour.caution}
              >
                then cold
              </text>
            </g>
          )}
        </svg>
      </ChartFile>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, px: 1 }}>
        <Box sx={{ fontSize: typeScale.note, whiteSpace: 'nowrap' }}>water at</Box>
        <Slider
          size="small"
          aria-label="Temperature of the water"
          value={waterC}
          min={2}
          max={95}
          onChange={(_, value) => setWaterC(value as number)}
          valueLabelDisplay="auto"
          valueLabelFormat={(value) => `${value} °C`}
        />
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, fontSize: typeScale.note }}>
        <svg viewBox="0 0 90 72" width={90} height={72} aria-hidden>
          <path
            d={`M14 ${level(dryMl * 0.6 + waterMl)}H76L72 62q-1 6-6 6H24q-5 0-6-6z`}
            fill={colour.line}
            opacity={0.7}
          />
          <path
            d={`M16 ${level(swollenMl)}H74L72 62q-1 6-6 6H24q-5 0-6-6z`}
            fill={colour.filling}
          />
          <path
            d="M8 8h6l6 52q1 8 8 8h34q7 0 8-8l6-52h6"
            fill="none"
            stroke={colour.ink}
            strokeWidth={2}
          />
        </svg>
        <Box>
          {(waterMl / 1000).toFixed(1)} l of water; they swell from {dryMl.toFixed(0)} to{' '}
          {swollenMl.toFixed(0)} ml. A bowl of {(Math.ceil(bowlMl / 250) / 4).toFixed(2)} l holds
          them covered; a pot of{' '}
          {(Math.ceil((swollenMl + dryG * pulse.cookWater) / 0.75 / 500) / 2).toFixed(1)} l cooks
          them.
        </Box>
      </Box>
    </Box>
  );
}
