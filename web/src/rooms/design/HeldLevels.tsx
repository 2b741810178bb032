'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import { figureAt, type VariedFigure } from '@cobbet/core/design/variedFigure';
import { targetWords } from '@cobbet/core/mix/targets';
import { typeScale } from '@/theme/typeScale';

/** What is varied beside the mixture: each set here, the map or the curve going along. */
export function HeldLevels({
  varies,
  levels,
  onLevels,
}: {
  varies: readonly VariedFigure[];
  levels: readonly number[];
  onLevels: (levels: number[]) => void;
}) {
  if (varies.length === 0) return null;
  return (
    <Box sx={{ display: 'grid', gap: 0.5, mt: 1 }}>
      {varies.map((one, i) => {
        const { name, unit, decimals } = targetWords[one.figure];
        const said = (level: number) => `${figureAt(one, level).toFixed(decimals)}${unit}`;
        return (
          <Box key={one.figure} sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
            <Box sx={{ flex: '0 0 190px', fontSize: typeScale.note }}>
              {name} {said(levels[i] ?? 0)}
            </Box>
            <Slider
              size="small"
              value={levels[i] ?? 0}
              min={0}
              max={1}
              step={0.025}
              aria-label={`Set ${name}`}
              getAriaValueText={said}
              onChange={(_, value) =>
                onLevels(varies.map((_v, k) => (k === i ? value : (levels[k] ?? 0))))
              }
              sx={{ maxWidth: 360 }}
            />
          </Box>
        );
      })}
    </Box>
  );
}
