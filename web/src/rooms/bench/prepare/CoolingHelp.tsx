'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import NativeSelect from '@mui/material/NativeSelect';
import Slider from '@mui/material/Slider';
import {
  type Cooling,
  type CoolingWay,
  coolingWays,
  iceFor,
  minutesTo,
  temperatureAfter,
  twoStages,
  usualAmbientC,
} from '@cobbet/core/prepare/cool';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { ChartFile } from '@/components/chart/ChartFile';
import { straightScale } from '@/components/scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 380;
const height = 120;
const wayNames: Record<CoolingWay, string> = {
  air: 'on the side',
  fridge: 'in the fridge',
  'ice-bath': 'in ice water, stirred all the time',
  'ice-now-and-then': 'in ice water, stirred now and then',
};

/** Ice to bring so much from 90 °C to 5, to the next 50 g. */
const roundedIce = (massG: number) => Math.ceil(iceFor(massG, 90, 5) / 50) * 50;

function after(minutes: number | null): string {
  if (minutes === null) return 'never';
  if (minutes < 90) return `${Math.round(minutes)} min`;
  return `${(minutes / 60).toFixed(1)} h`;
}

/** How long something hot takes to cool, drawn, against the usual two stages, and the ice it takes. */
export function CoolingHelp({ massG }: { massG: number }) {
  const [depthMm, setDepth] = useState(40);
  const [how, setHow] = useState<CoolingWay>('ice-now-and-then');
  const [open, setOpen] = useState(false);
  const onIce = how === 'ice-bath' || how === 'ice-now-and-then';
  const cooling: Cooling = { depthMm, startC: 90, ambientC: usualAmbientC[how], how, open };
  const blend = minutesTo(cooling, 30);
  const end = Math.max(
    20,
    Math.min(12 * 60, (minutesTo(cooling, 7) ?? minutesTo(cooling, 22) ?? 600) * 1.1),
  );
  const x = straightScale([0, end], [34, width - 12], false);
  const y = straightScale([0, 90], [height - 22, 10], false);
  const path = line<number>(
    (minute) => x(minute),
    (minute) => y(temperatureAfter(cooling, minute)),
  )(Array.from({ length: 61 }, (_, i) => (end * i) / 60));
  const { met } = twoStages(cooling);
  return (
    <Box component="section" aria-label="Cooling" sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <strong>Cooling</strong>
        <NativeSelect
          value={how}
          inputProps={{ 'aria-label': 'How it is cooled' }}
          onChange={(event) => setHow(event.target.value as CoolingWay)}
        >
          {coolingWays.map((one) => (
            <option key={one} value={one}>
              {wayNames[one]}
            </option>
          ))}
        </NativeSelect>
        <span>{depthMm} mm deep</span>
        {!onIce && (
          <FormControlLabel
            label="open, steaming"
            control={
              <Checkbox size="small" checked={open} onChange={(_, checked) => setOpen(checked)} />
            }
          />
        )}
      </Box>
      <Slider
        size="small"
        aria-label="Depth"
        value={depthMm}
        min={5}
        max={150}
        step={5}
        onChange={(_, value) => setDepth(value as number)}
      />
      <ChartFile title={`From 90 °C, ${depthMm} mm deep, ${wayNames[how]}`}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          width="100%"
          role="img"
          aria-label={`From 90 °C to 30 in ${after(blend)}`}
          fontSize={typeScale.tiny}
        >
          {[5, 21, 30, 60].map((mark) => (
            <g key={mark}>
              <line
                x1={34}
                x2={width - 12}
                y1={y(mark)}
                y2={y(mark)}
                stroke={mark === 30 ? colour.bandEdge : colour.line}
              />
              <text
                x={mark === 30 ? width - 12 : 28}
                y={mark === 30 ? y(mark) - 4 : y(mark) + 4}
                textAnchor="end"
                fill={colour.muted}
              >
                {mark}°
              </text>
            </g>
          ))}
          <path d={path ?? ''} fill="none" stroke={colour.accent} strokeWidth={2.4} />
          <text x={width - 12} y={height - 6} textAnchor="end" fill={colour.muted}>
            {after(end)}
          </text>
        </svg>
      </ChartFile>
      <Box sx={{ fontSize: typeScale.note }}>
        To blend at 30 °C: <strong>{after(blend)}</strong>. To 21 °C:{' '}
        {after(minutesTo(cooling, 21))}, to 5 °C: {after(minutesTo(cooling, 5))}.{' '}
        <Box
          component="span"
          sx={{ color: met ? colour.bandEdge : colour.caution, fontWeight: 600 }}
        >
          {met
            ? 'Inside the usual two stages, 60 to 21 °C in 2 h and to 5 °C in 4 more.'
            : 'Outside the usual two stages, 60 to 21 °C in 2 h and to 5 °C in 4 more: shallower, or ice.'}
        </Box>{' '}
        Local rules differ.
        {onIce && massG > 0 && (
          <>
            {' '}
            For {printGrams(massG)} about <strong>{printGrams(roundedIce(massG))}</strong> of ice.
          </>
        )}
      </Box>
    </Box>
  );
}
