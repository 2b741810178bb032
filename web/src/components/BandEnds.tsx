'use client';

import Slider from '@mui/material/Slider';
import type { Band } from '@cobbet/core/mix/targets';
import { useState } from 'react';
import { colour } from '@/theme/colour';

/**
 * The two ends of a target, moved by finger, mouse or arrow keys. The rail is left to what lies beneath.
 *
 * @param from end of the axis that an open lower end is drawn at
 */
export function BandEnds({
  name,
  band,
  from,
  to,
  step,
  onChange,
}: {
  name: string;
  band: Band;
  from: number;
  to: number;
  step: number;
  onChange: (band: Band) => void;
}) {
  const [moving, setMoving] = useState<number[] | null>(null);
  const value = moving ?? [band.low ?? from, band.high ?? to];
  const round = (x: number) => Number(x.toFixed(3));
  return (
    <Slider
      value={value}
      min={from}
      max={to}
      step={step}
      disableSwap
      getAriaLabel={(index) => `${name}, ${index === 0 ? 'from' : 'to'}`}
      getAriaValueText={(x) => x.toFixed(step < 0.1 ? 2 : 1)}
      onChange={(_, next) => Array.isArray(next) && setMoving(next)}
      onChangeCommitted={(_, next) => {
        setMoving(null);
        if (!Array.isArray(next)) return;
        const [low = from, high = to] = next;
        onChange({
          low: low <= from && band.low === null ? null : round(low),
          high: high >= to && band.high === null ? null : round(high),
        });
      }}
      sx={{
        p: 0,
        height: '100%',
        color: colour.bandEdge,
        '& .MuiSlider-rail': { opacity: 0 },
        '& .MuiSlider-track': { opacity: moving ? 0.35 : 0, border: 0, height: 18 },
        '& .MuiSlider-thumb': {
          width: 5,
          height: 26,
          borderRadius: '2px',
          boxShadow: 'none',
          '&:hover, &.Mui-focusVisible': { boxShadow: `0 0 0 3px ${colour.accent}` },
          '&::after': { width: 28, height: 40 },
        },
      }}
    />
  );
}
