'use client';

import Box from '@mui/material/Box';
import { straightScale } from '@/components/scale';
import { colour } from '@/theme/colour';

const width = 600;
const height = 34;
/** The end of the strip, as a multiple of what is wanted. */
const upTo = 1.35;

/** What lies on the scale against what is wanted: the bowl fills from the left towards the marked amount. */
export function PointerStrip({
  shownG,
  wantedG,
  within,
}: {
  shownG: number;
  wantedG: number;
  /** g either side that is as good as written */
  within: number;
}) {
  const x = straightScale([0, Math.max(1, wantedG) * upTo], [0, width]);
  const over = shownG > wantedG + within;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      aria-hidden
      sx={{ display: 'block', width: '100%', height, borderRadius: 1, bgcolor: colour.board }}
    >
      <rect
        x={x(wantedG - within)}
        width={Math.max(3, x(wantedG + within) - x(wantedG - within))}
        height={height}
        fill={colour.band}
      />
      <rect
        width={x(Math.max(0, shownG))}
        y={9}
        height={height - 18}
        fill={over ? colour.caution : colour.accent}
      />
      <line x1={x(wantedG)} x2={x(wantedG)} y2={height} stroke={colour.bandEdge} strokeWidth={3} />
    </Box>
  );
}
