'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import type { ShareLimits } from '@cobbet/core/design/mixtureRegion';
import { typeScale } from '@/theme/typeScale';
import { withShare } from './mapSlice';

/** What a map of three out of four or five holds: each to be moved, the map going along. */
export function HeldShares({
  components,
  names,
  axes,
  probe,
  onProbe,
}: {
  components: readonly ShareLimits[];
  names: readonly string[];
  axes: readonly number[];
  probe: readonly number[];
  onProbe: (shares: number[]) => void;
}) {
  const held = components.flatMap((limits, i) => (axes.includes(i) ? [] : [{ ...limits, i }]));
  if (held.length === 0) return null;
  return (
    <Box sx={{ display: 'grid', gap: 0.5, mt: 1 }}>
      {held.map(({ i, min, max }) => (
        <Box key={i} sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
          <Box sx={{ flex: '0 0 130px', fontSize: typeScale.note }}>
            {names[i]} {(100 * (probe[i] ?? 0)).toFixed(0)} %
          </Box>
          <Slider
            size="small"
            value={probe[i] ?? 0}
            min={min}
            max={max}
            step={0.01}
            aria-label={`Share of ${names[i] ?? ''}`}
            getAriaValueText={(value) => `${(100 * value).toFixed(0)} %`}
            onChange={(_, value) => onProbe(withShare(probe, i, value, components))}
            sx={{ maxWidth: 360 }}
          />
        </Box>
      ))}
    </Box>
  );
}
