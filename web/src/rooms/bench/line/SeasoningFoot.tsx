'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Band } from '@cobbet/core/mix/targets';
import { BandSlider } from '@/components/BandSlider';
import { capital } from '@/components/bodyText';
import { against } from '@/components/SeasoningMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useBenchLayout } from './benchLayout';
import { footHeight } from './lineGeometry';
import type { LineAxis, ShownQuantity } from './shownQuantity';

const words = { short: 'short', right: 'inside your target', over: 'over' } as const;

/** Where a seasoning ends up, and its target on the same axis. */
export function SeasoningFoot({
  shown,
  value,
  band,
  axis,
  onBand,
}: {
  shown: ShownQuantity;
  value: number;
  band: Band | undefined;
  axis: LineAxis;
  onBand: (band: Band | null) => void;
}) {
  const { rowsWidth: axisLeft } = useBenchLayout();
  const [from, to] = axis.domain;
  const left = axis.x(from);
  return (
    <Box
      sx={{
        height: footHeight,
        display: 'flex',
        alignItems: 'center',
        position: 'relative',
        borderTop: `2px solid ${colour.ink}`,
      }}
    >
      <Box
        sx={{ lineHeight: 1.25, pl: { xs: 0, sm: 1 }, width: axisLeft, boxSizing: 'border-box' }}
      >
        <Box sx={{ fontWeight: 700, fontSize: typeScale.lead }}>
          {capital(shown)} {value.toFixed(2)} g per 100 g
        </Box>
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
          {band ? words[against(value, band)] : 'no target'}
        </Box>
      </Box>
      <Box sx={{ position: 'absolute', left: axisLeft, right: 0, top: 0, bottom: 0 }}>
        {band ? (
          <Box sx={{ position: 'absolute', left, width: axis.x(to) - left, top: 0, bottom: 0 }}>
            <BandSlider
              name={`Target ${shown}`}
              band={band}
              from={from}
              to={to}
              step={0.01}
              onChange={onBand}
            />
          </Box>
        ) : (
          <Button
            size="small"
            sx={{ position: 'absolute', left, top: 13, bgcolor: colour.paper }}
            onClick={() =>
              onBand({
                low: Number((value * 0.9).toFixed(2)),
                high: Number((value * 1.1 + 0.02).toFixed(2)),
              })
            }
          >
            Set a target
          </Button>
        )}
      </Box>
    </Box>
  );
}
